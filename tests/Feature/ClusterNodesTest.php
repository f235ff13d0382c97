<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Cluster\LostNode;
use App\Cluster\Node;
use App\Cluster\NodeConnector;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use PDO;
use PDOException;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Which database a web node asks, and what is said where none answers. */
final class ClusterNodesTest extends TestCase
{
    private const DEAD = '127.0.0.1:1';

    public function test_the_first_node_that_answers_is_asked(): void
    {
        $port = DB::scalar('SELECT @@port');
        $database = (new NodeConnector())->connect(['nodes' => self::DEAD.", 127.0.0.1:{$port}"] + config('database.connections.mariadb'));
        $this->assertSame($port, (int) $database->query('SELECT @@port')->fetchColumn());
        $this->assertSame(0, (int) $database->query('SELECT @@wsrep_sync_wait')->fetchColumn(), 'it waits once');
    }

    public function test_where_none_answers_the_last_refusal_is_told(): void
    {
        $this->expectException(PDOException::class);
        $this->expectExceptionMessage('Connection refused');
        (new NodeConnector())->connect(['nodes' => self::DEAD.','.self::DEAD] + config('database.connections.mariadb'));
    }

    public function test_without_a_list_there_is_one_database(): void
    {
        $this->assertSame([], Node::listed(''));
        $database = (new NodeConnector())->connect(config('database.connections.mariadb'));
        $this->assertSame(1, (int) $database->query('SELECT 1')->fetchColumn());
    }

    public function test_a_node_without_a_port_is_asked_at_the_usual_one(): void
    {
        [$node] = Node::listed('10.0.0.4');
        $this->assertSame(
            ['host' => '10.0.0.4', 'port' => '3306', 'unix_socket' => ''],
            $node->addressIn(['host' => 'elsewhere', 'port' => '1', 'unix_socket' => '/run/db.sock']),
        );
    }

    public function test_a_node_that_was_shut_out_counts_as_lost(): void
    {
        $shutOut = new PDOException('SQLSTATE[08S01]: 1047 WSREP has not yet prepared node for application use');
        $this->assertTrue((new LostNode())->causedByLostConnection($shutOut));
        $this->assertTrue((new LostNode())->causedByLostConnection(new PDOException('MySQL server has gone away')));
        $this->assertFalse((new LostNode())->causedByLostConnection(new PDOException('Duplicate entry')));
    }

    public function test_a_transaction_that_another_was_faster_than_is_tried_again(): void
    {
        // Beside the one that every test is rolled back in.
        $config = config('database.connections.mariadb');
        unset($config['options'][PDO::ATTR_PERSISTENT]);
        $beside = $this->app->make('db.factory')->make($config, 'beside');
        $tries = 0;
        $answer = $beside->transaction(static function () use (&$tries): string {
            $tries++;
            if ($tries < 3) {
                $exception = new PDOException('SQLSTATE[40001]: Serialization failure: 1213 Deadlock found when trying to get lock');
                $exception->errorInfo = ['40001', 1213, 'Deadlock found'];
                throw $exception;
            }

            return 'written';
        });
        $this->assertSame(['written', 3], [$answer, $tries]);
    }

    /** @return iterable<string, array{int}> */
    public static function away(): iterable
    {
        yield 'gone away when a transaction begins' => [2006];
        yield 'lost when it ends' => [2013];
        yield 'a node without the others' => [1047];
        yield 'another node was faster' => [1213];
        yield 'waited too long' => [1205];
    }

    #[DataProvider('away')]
    public function test_a_transaction_that_does_not_begin_or_end_is_answered_with_what_to_do(int $number): void
    {
        Route::get('/away', static function () use ($number): never {
            $exception = new PDOException('SQLSTATE[HY000]: General error');
            $exception->errorInfo = ['HY000', $number, 'General error'];
            throw $exception;
        });
        $this->getJson('/away')->assertStatus(503)->assertJsonPath('message', __('input.away'));
        $this->get('/away')->assertStatus(503)->assertSee(__('input.in_a_moment'));
    }
}
