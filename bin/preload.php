<?php

// Given to php-fpm as opcache.preload: links the classes that most requests use once, at the start of the server,
// instead of at every request. The list is written by `php artisan ledger:preload`; without one nothing is preloaded.

declare(strict_types=1);

$list = (getenv('PRELOAD_LIST') ?: '').'';
require dirname(__DIR__).'/vendor/autoload.php';
foreach (is_file($list) ? file($list, FILE_IGNORE_NEW_LINES) : [] as $class) {
    class_exists($class) || interface_exists($class) || trait_exists($class) || enum_exists($class);
}
