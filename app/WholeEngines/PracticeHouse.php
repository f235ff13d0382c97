<?php

declare(strict_types=1);

namespace App\WholeEngines;

use App\Storage\PolicyBook;
use App\Storage\PracticeEngine;
use App\Storage\SpecBook;
use App\Storage\Stage;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

/**
 * The house in which whole engines are practised on: the same program over a database of its own, behind a port of its own, so that
 * nothing of it is ever in a list, a ledger or a browser's outbox of the shop (PRAC-3).
 */
final class PracticeHouse
{
    private const SHOP = 'mariadb';

    private const PRACTICE = 'practice';

    /** Whoever asks through its port is in it. The web server says so, no client can. */
    private const SAID_BY_SERVER = 'NORTH_HOUSE';

    /** What is known of a shop and its people has to be known in both: tables that only grow, by what their rows are counted by. */
    private const IN_BOTH = ['users' => 'id', 'policy_revisions' => 'number', 'specification_revisions' => 'id'];

    /** What is open before somebody has said what an engine comes to; Judge is once he has. */
    private const BEFORE = [Stage::Receive, Stage::Clean, Stage::Cracks, Stage::Measure];

    public static function isHere(): bool
    {
        return DB::getDefaultConnection() === self::PRACTICE;
    }

    public static function shows(Stage $stage): bool
    {
        if (! self::isHere()) {
            return true;
        }
        $row = request()->attributes->get(PracticeEngine::class);
        $isAnswered = $row instanceof PracticeEngine && $row->isAnswered();

        return in_array($stage, self::BEFORE, true) || ($stage === Stage::Judge && $isAnswered);
    }

    public static function enter(Request $request): void
    {
        self::ask($request->server(self::SAID_BY_SERVER) === self::PRACTICE ? self::PRACTICE : self::SHOP);
    }

    /**
     * @template T
     *
     * @param  Closure(): T  $work  Done in the practice house, wherever it is asked from
     * @return T
     */
    public static function inside(Closure $work): mixed
    {
        $before = DB::getDefaultConnection();
        self::ask(self::PRACTICE);
        try {
            return $work();
        } finally {
            self::ask($before);
        }
    }

    /** The address of a page there; empty where this house has none. */
    public static function url(Request $request, string $path): string
    {
        $scheme = $request->getScheme();
        $port = config("app.practice_ports.{$scheme}");

        return is_int($port) && $port > 0 ? "{$scheme}://{$request->getHost()}:{$port}{$path}" : '';
    }

    /** The address of a page of the shop, from there. */
    public static function shopUrl(string $path): string
    {
        return rtrim((string) config('app.url'), '/').$path;
    }

    /** Brings people, policies and sheets along that were made since. */
    public static function bringAlong(): void
    {
        foreach (self::IN_BOTH as $table => $key) {
            $known = DB::connection(self::PRACTICE)->table($table)->max($key) ?? 0;
            $rows = DB::connection(self::SHOP)->table($table)->where($key, '>', $known)->orderBy($key)->get();
            foreach ($rows as $row) {
                DB::connection(self::PRACTICE)->table($table)->insertOrIgnore((array) $row);
            }
        }
    }

    private static function ask(string $connection): void
    {
        if (DB::getDefaultConnection() === $connection) {
            return;
        }
        DB::setDefaultConnection($connection);
        // What they have read is the other house's.
        app()->forgetInstance(SpecBook::class);
        app()->forgetInstance(PolicyBook::class);
    }
}
