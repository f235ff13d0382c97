<?php

declare(strict_types=1);

namespace App\Feed;

use App\Security\SecurityEvent;
use App\Security\SecurityLog;
use App\Storage\Gauge;
use App\Storage\Job;
use App\Storage\SheetName;
use App\Words\Line;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\RateLimiter;
use NorthLedger\Core\Engine\Places\Place;

/** The gauge's side of the feed, known by its token, and the page's side, known by its log-in and seat. */
final readonly class FeedController
{
    private const MOST_LINES = 100;

    private const MOST_BYTES = 16_384;

    private const MOST_MISSES = 60;

    public function __construct(private GaugeFeed $feed, private SecurityLog $log)
    {
    }

    /** One reading a line, answered line by line. */
    public function take(Request $request): Response
    {
        $gauge = $this->gauge($request);
        $body = (string) $request->getContent();
        if (strlen($body) > self::MOST_BYTES) {
            return self::text('error more than '.self::MOST_BYTES.' bytes at once', 413);
        }
        $lines = array_values(array_filter(preg_split('/\r\n|\r|\n/', $body) ?: [], static fn (string $line): bool => trim($line) !== ''));
        if ($lines === [] || count($lines) > self::MOST_LINES) {
            return self::text('error send one reading a line, '.self::MOST_LINES.' at most at once', 422);
        }

        return self::text(implode("\n", array_map(fn (string $line): string => $this->feed->take($gauge, $line), $lines)));
    }

    /** What the gauge was asked for last: “17 bore.3.top.thrust”; nothing where it was not. */
    public function asked(Request $request): Response
    {
        $asked = $this->feed->asked($this->gauge($request));

        return $asked === null ? response()->noContent() : self::text("{$asked['number']} {$asked['place']}");
    }

    public function claim(ClaimGaugeRequest $request, Job $job, SheetName $sheet): JsonResponse
    {
        /** @var array{gauge: string, seat: string} $data */
        $data = $request->validated();
        $gauge = Gauge::query()->firstWhere(['tag' => $data['gauge'], 'is_retired' => false]);
        if ($gauge?->feed_token_hash === null) {
            return new JsonResponse(['message' => Line::of('gauges.no_feed', ['gauge' => $data['gauge']])], 422);
        }
        $this->feed->claim($gauge, $job, $sheet, $data['seat'], $request->user());

        return new JsonResponse(['gauge' => $gauge->tag]);
    }

    public function release(Request $request): JsonResponse
    {
        $this->feed->release($this->seat($request), $request->user());

        return new JsonResponse(['gauge' => null]);
    }

    public function ask(AskGaugeRequest $request): JsonResponse
    {
        /** @var array{place: string} $data */
        $data = $request->validated();

        return new JsonResponse([
            'asked' => $this->feed->ask($this->seat($request), $request->user(), Place::parse($data['place'])->key),
        ]);
    }

    public function waiting(Request $request): JsonResponse
    {
        return new JsonResponse($this->feed->waiting($this->seat($request), $request->user()));
    }

    public function taken(TakenLinesRequest $request): JsonResponse
    {
        /** @var array{lines: list<string>} $data */
        $data = $request->validated();
        $this->feed->taken($this->seat($request), $data['lines'], $request->user());

        return new JsonResponse([]);
    }

    private function seat(Request $request): string
    {
        /** @var array{seat: string} $data */
        $data = $request->validate(['seat' => ['required', 'ulid']]);

        return $data['seat'];
    }

    private function gauge(Request $request): Gauge
    {
        $gauge = $this->feed->gaugeOf($request->bearerToken());
        if ($gauge !== null) {
            return $gauge;
        }
        // Only wrong tokens are counted: whoever guesses locks out nobody who is right.
        $key = "feed-miss:{$request->ip()}";
        if (RateLimiter::tooManyAttempts($key, self::MOST_MISSES)) {
            abort(self::text('error too many wrong tokens; wait a minute', 429));
        }
        RateLimiter::hit($key);
        $this->log->write(SecurityEvent::FeedTokenRefused);
        abort(self::text('error no such token; get one on the Gauges page and send it as “Authorization: Bearer …”', 401));
    }

    private static function text(string $text, int $status = 200): Response
    {
        return new Response($text."\n", $status, ['Content-Type' => 'text/plain; charset=utf-8']);
    }
}
