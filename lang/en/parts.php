<?php

declare(strict_types=1);

/** Parts to order, and what became of them. */
return [
    'under' => ':step under',
    'promised_for' => 'promised for :date',
    'state' => [
        'to_order' => 'to order',
        'on_the_shelf' => 'on the shelf',
        'ordered' => 'ordered',
        'arrived' => 'arrived',
        'wrong' => 'wrong: order again',
    ],
];
