<?php

declare(strict_types=1);

return [
    // A build has its views compiled with it: nobody looks whether a template was written since.
    'check_cache_timestamps' => env('APP_BUILD') === null,
];
