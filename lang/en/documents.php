<?php

declare(strict_types=1);

/** What people read of documents that are made. */
return [
    'told' => [
        'no_printer' => 'There is no Chromium at :path; print the page from the browser instead.',
        'pdf_being_made_takes' => 'The PDF is being made; that takes a few seconds. The page prints from the browser meanwhile.',
    ],
];
