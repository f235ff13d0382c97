<?php

declare(strict_types=1);

return [
    'default' => 'local',
    'disks' => [
        // Nothing of it is served by the framework's own addresses: what people may see goes through the house's controllers.
        'local' => ['driver' => 'local', 'root' => storage_path('app/private'), 'serve' => false, 'throw' => true],
    ],
];
