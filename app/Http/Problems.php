<?php

declare(strict_types=1);

namespace App\Http;

use App\Files\FilesUnreachable;
use App\Ledger\AskBack;
use App\Security\SecurityEvent;
use App\Security\SecurityLog;
use App\Words\Messages;
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

    /** Of a cluster: a node without the others, a commit that another node was faster than, a wait that was too long. */
    private const CLUSTER = [1047, 1205, 1213];

    /** Disk or table full, no write to the disk or to the server. */
    private const FULL = [1021, 1026, 1030, 1114, 1290, 1836];

    /** Out of range, too long for its column, no date. */
    private const TOO_LONG = [1264, 1406, 1292];

    public static function register(Exceptions $exceptions): void
    {
        // What was typed comes back into a refused form by the session: no password and no code goes there.
        $exceptions->dontFlash(['current', 'code']);
        $exceptions->dontReport([AskBack::class, GaugingException::class]);
        $exceptions->render(static function (AccessDeniedHttpException $exception): null {
            app(SecurityLog::class)->write(SecurityEvent::Refused);

            return null;
        });
        $exceptions->render(
            static fn (AskBack $question): JsonResponse => new JsonResponse(
                [
                    'question' => [
                        'kind' => $question->kind,
                        'text' => $question->getMessage(),
                        'choices' => $question->choices,
                        'values' => $question->values,
                    ],
                ],
                422,
            ),
        );
        $exceptions->render(
            static fn (GaugingException $exception): JsonResponse => new JsonResponse(
                [
                    'question' => ['kind' => 'unreadable', 'text' => Messages::refusal($exception), 'choices' => []],
                ],
                422,
            ),
        );
        $exceptions->render(self::filesAway(...));
        // A query's, or that of a transaction which did not begin or did not end.
        $exceptions->render(static function (PDOException $exception, Request $request): JsonResponse|Response|null {
            $number = self::numberOf($exception);

            return match (true) {
                in_array($number, self::TOO_LONG, true) => self::said($request, 422, __('input.too_long')),
                in_array($number, self::FULL, true) => self::said($request, 503, __('input.full')),
                in_array($number, [...self::AWAY, ...self::CLUSTER], true) => self::said($request, 503, __('input.away')),
                default => null,
            };
        });
    }

    /** Pictures and certificates lie elsewhere than what is keyed. */
    private static function filesAway(FilesUnreachable $exception, Request $request): JsonResponse|Response
    {
        return self::said($request, 503, __('input.files_away'));
    }

    private static function said(Request $request, int $status, string $text): JsonResponse|Response
    {
        $title = __($status === 503 ? 'input.in_a_moment' : 'input.title');

        return $request->expectsJson()
            ? new JsonResponse(['message' => $text], $status)
            : new Response(view('errors.page', ['code' => (string) $status, 'title' => $title, 'text' => $text]), $status);
    }

    /** The server's or the client's number of what went wrong. */
    private static function numberOf(PDOException $exception): int
    {
        $cause = $exception->getPrevious();

        return (int) ($exception->errorInfo[1] ??
            ($cause instanceof PDOException ? $cause->errorInfo[1] ?? $cause->getCode() : $exception->getCode()));
    }
}
