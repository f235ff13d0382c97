<?php

declare(strict_types=1);

namespace App\Cluster;

use Illuminate\Database\Connectors\MariaDbConnector;
use PDO;
use PDOException;

/**
 * Connects to the first database of a cluster that takes questions, in the order in which this web node asks them; without a list of
 * nodes, to the one database there is.
 */
final class NodeConnector extends MariaDbConnector
{
    /** One question that waits until the node knows all that was acknowledged before it; one that is shut out of its cluster refuses it. */
    private const CATCH_UP = ['SET SESSION wsrep_sync_wait = 1', 'SELECT 1', 'SET SESSION wsrep_sync_wait = 0'];

    /**
     * @param  array<string, mixed>  $config
     *
     * @throws PDOException If no node takes questions
     */
    public function connect(array $config): PDO
    {
        $nodes = Node::listed($config['nodes'] ?? '');
        if ($nodes === []) {
            return parent::connect($config);
        }
        $refusal = null;
        foreach ($nodes as $node) {
            try {
                return $this->caughtUp(parent::connect($node->addressIn($config)));
            } catch (PDOException $exception) {
                $refusal = $exception;
            }
        }
        throw $refusal;
    }

    private function caughtUp(PDO $node): PDO
    {
        foreach (self::CATCH_UP as $statement) {
            $node->query($statement);
        }

        return $node;
    }
}
