<?php

declare(strict_types=1);

namespace App\Http;

use App\Ledger\AskBack;
use App\Security\SecurityEvent;
use App\Security\SecurityLog;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use NorthLedger\Core\Gauging\GaugingException;
use PDOException;
use Symfony\Component\HttpKernel\Exception\AccessDeniedHttpException;

/** What a person sees when something goes wrong: a sentence that says what to do. */
final class Problems
{
    /** The server's and the client's numbers: too many connections, shutting down, no socket, no host, gone away, lost in the middle. */
    private const AWAY = [1040, 1053, 2002, 2003, 2006, 2013];

    /** Out of range, too long for its column, no date. */
    private const TOO_LONG = [1264, 1406, 1292];

    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontReport([AskBack::class, GaugingException::class]);
        $exceptions->render(static function (AccessDeniedHttpException $exception): null {
            app(SecurityLog::class)->write(SecurityEvent::Refused);

            return null;
        });
        $exceptions->render(
            static fn (AskBack $question): JsonResponse => new JsonResponse(
                [
                    'question' => ['kind' => $question->kind, 'text' => $question->getMessage(), 'choices' => $question->choices],
                ],
                422,
            ),
        );
        $exceptions->render(
            static fn (GaugingException $exception): JsonResponse => new JsonResponse(
                [
                    'question' => ['kind' => 'unreadable', 'text' => $exception->getMessage(), 'choices' => []],
                ],
                422,
            ),
        );
        $exceptions->render(static function (QueryException $exception, Request $request): JsonResponse|Response|null {
            if (in_array((int) ($exception->errorInfo[1] ?? 0), self::TOO_LONG, true)) {
                $text = __('input.too_long');

                return $request->expectsJson()
                    ? new JsonResponse(['message' => $text], 422)
                    : new Response(view('errors.page', ['code' => '422', 'title' => __('input.title'), 'text' => $text]), 422);
            }
            if (! self::isDatabaseAway($exception)) {
                return null;
            }
            $text =
                'The database does not answer. Nothing you keyed is lost: it waits in this browser and is sent when the database is back.';

            return $request->expectsJson()
                ? new JsonResponse(['message' => $text], 503)
                : new Response(view('errors.503', ['text' => $text]), 503);
        });
    }

    /** Refused, gone away, or shut down in the middle: the states from which the database comes back by itself. */
    private static function isDatabaseAway(QueryException $exception): bool
    {
        $cause = $exception->getPrevious();
        $number =
            $exception->errorInfo[1] ??
            ($cause instanceof PDOException ? $cause->errorInfo[1] ?? $cause->getCode() : $exception->getCode());

        return in_array((int) $number, self::AWAY, true);
    }
}
