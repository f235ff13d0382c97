<?php

declare(strict_types=1);

namespace App\Door;

use App\Files\FilesUnreachable;
use App\Files\HouseFiles;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Throwable;

/** How the house is, for machines that watch it: nothing about anybody's work. */
final class HealthController
{
    /** A task that waits longer than this waits for a worker that is gone. */
    private const LONGEST_WAIT_SECONDS = 300;

    private const LEAST_FREE_BYTES = 500_000_000;

    /** The web server answers and runs our code; asks nothing of the database. */
    public function up(): Response
    {
        return new Response("up\n", 200, ['Content-Type' => 'text/plain; charset=utf-8']);
    }

    public function health(HouseFiles $files): JsonResponse
    {
        $parts = ['database' => $this->database(), 'queue' => $this->queue(), 'disk' => $this->disk(), 'files' => $this->files($files)];
        $isWell = array_filter($parts, static fn (string $state): bool => $state !== 'ok') === [];

        return new JsonResponse(['state' => $isWell ? 'ok' : 'bad'] + $parts, $isWell ? 200 : 503, ['Cache-Control' => 'no-store']);
    }

    private function database(): string
    {
        try {
            DB::scalar('SELECT 1');

            return 'ok';
        } catch (Throwable) {
            return 'away';
        }
    }

    private function queue(): string
    {
        try {
            $oldest = (int) DB::scalar('SELECT MIN(available_at) FROM queued_tasks');
        } catch (Throwable) {
            return 'unknown';
        }

        return $oldest === 0 || now()->getTimestamp() - $oldest < self::LONGEST_WAIT_SECONDS ? 'ok' : 'waiting';
    }

    private function files(HouseFiles $files): string
    {
        try {
            $files->has(HouseFiles::FOLDERS[0]);

            return 'ok';
        } catch (FilesUnreachable) {
            return 'away';
        }
    }

    private function disk(): string
    {
        $free = @disk_free_space(storage_path());

        return match (true) {
            $free === false => 'unknown',
            $free < self::LEAST_FREE_BYTES => 'nearly full',
            default => is_writable(storage_path('app')) ? 'ok' : 'read-only',
        };
    }
}
