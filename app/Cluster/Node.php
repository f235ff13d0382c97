<?php

declare(strict_types=1);

namespace App\Cluster;

/** One database of a cluster. */
final readonly class Node
{
    private function __construct(private string $host, private string $port)
    {
    }

    /**
     * @param  string  $list  `HOST:PORT`, one after the other with commas between; empty: there is no cluster
     * @return list<self>
     */
    public static function listed(string $list): array
    {
        return array_map(
            static function (string $one): self {
                [$host, $port] = [...explode(':', trim($one), 2), '3306'];

                return new self($host, $port);
            },
            $list === '' ? [] : explode(',', $list),
        );
    }

    /**
     * @param  array<string, mixed>  $config
     * @return array<string, mixed>
     */
    public function addressIn(array $config): array
    {
        return ['host' => $this->host, 'port' => $this->port, 'unix_socket' => ''] + $config;
    }
}
