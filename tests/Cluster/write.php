<?php

declare(strict_types=1);

use Tests\Bench\Client;
use Tests\Cluster\Writer;

require dirname(__DIR__, 2).'/vendor/autoload.php';

// php tests/Cluster/write.php ADDRESS TAG FIRST_CYLINDER FILE: keys readings until the file FILE.end is there.
[, $address, $tag, $cylinder, $file] = $argv;
$client = new Client($address);
$client->logIn('inspector', 'demo-shop');
(new Writer($client, $tag, (int) $cylinder, $file))->work();
