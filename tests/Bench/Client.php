<?php

declare(strict_types=1);

namespace Tests\Bench;

use PDO;
use RuntimeException;
use Symfony\Component\Uid\Ulid;

/** A client with one kept connection and its own cookies, as a browser on the bench has. */
final class Client
{
    private readonly \CurlHandle $curl;

    private string $token = '';

    private int $readings = 0;

    private bool $isRunning = false;

    private bool $isDone = false;

    /** The newest entry that the work page of this client shows. */
    private int $headShown = 0;

    /** @var array<string, list<string>> By tag: what is said of the bore sheet that is shown, as the newest answer named it */
    private array $shown = [];

    public function __construct(private readonly string $base)
    {
        $this->curl = curl_init();
        curl_setopt_array($this->curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEFILE => '', CURLOPT_TIMEOUT => 20]);
    }

    public function get(string $path): string
    {
        curl_setopt_array($this->curl, [CURLOPT_HTTPGET => true, CURLOPT_URL => $this->base.$path, CURLOPT_HTTPHEADER => []]);

        return $this->send($path, [200]);
    }

    public function logIn(string $login, string $password): void
    {
        $this->takeToken($this->get('/login'));
        $this->form('/login', ['login' => $login, 'password' => $password]);
        $this->takeToken($this->get('/'));
    }

    /** A V8 with a stated gauge and nothing read; answers its tag. */
    public function newVee(): string
    {
        $this->form('/jobs', [
            'ulid' => $this->ulid(),
            'family' => 'brae-v8-311',
            'serial' => 'BENCH-1',
            'customer' => 'Ski-lift company',
            'due_on' => '2031-01-01',
            'declared_step' => 'standard',
            'declared_evidence' => 'crown of piston 1',
        ]);
        preg_match('#/jobs/(NL-\d+)/receive#', (string) curl_getinfo($this->curl, CURLINFO_REDIRECT_URL), $match);
        $tag = $match[1] ?? throw new RuntimeException('No job was made.');
        $this->json("/jobs/{$tag}/sheets/bores/setups", [
            'ulid' => $this->ulid(),
            'feature' => 'bore',
            'instrument' => 'dial bore gauge .0001',
            'zero' => '3.8125',
        ]);

        return $tag;
    }

    /** A V8 with every place read; answers its tag. */
    public function newMeasuredVee(): string
    {
        $tag = $this->newVee();
        foreach (range(1, 8) as $cylinder) {
            foreach (
                [
                    'top.thrust' => 6.1,
                    'top.inline' => 3.2,
                    'middle.thrust' => 3.9,
                    'middle.inline' => 2.2,
                    'bottom.thrust' => 0.8,
                    'bottom.inline' => 0.6,
                ] as $place => $over
            ) {
                $this->json("/jobs/{$tag}/sheets/bores/readings", [
                    'ulid' => $this->ulid(),
                    'place' => "bore.{$cylinder}.{$place}",
                    'text' => (string) ($over + $cylinder / 10),
                ]);
            }
            foreach (['ridge.%d.top', 'ridge.%d.bottom', 'scoring.%d', 'pitting.%d', 'crack.%d'] as $look) {
                $this->json("/jobs/{$tag}/sheets/bores/readings", [
                    'ulid' => $this->ulid(),
                    'place' => sprintf($look, $cylinder),
                    'text' => '0',
                ]);
            }
        }

        return $tag;
    }

    /**
     * One more reading into a full sheet, sheet after sheet and cylinder after cylinder, as a correction with its reason, by a page
     * that says which columns it shows.
     *
     * @param  non-empty-list<string>  $tags
     */
    public function postReading(array $tags): void
    {
        $tag = $tags[$this->readings % count($tags)];
        $cylinder = (intdiv($this->readings++, count($tags)) % 8) + 1;
        $answer = $this->json(
            "/jobs/{$tag}/sheets/bores/readings",
            [
                'ulid' => $this->ulid(),
                'place' => "bore.{$cylinder}.middle.thrust",
                'text' => '4.'.$this->readings % 10,
                'reason' => 'misread',
            ],
            $this->shown[$tag] ?? [],
        );
        $said = static fn (string $what): string => preg_match('/data-'.$what.'=\\\\"([0-9a-f,]+)/', $answer, $match) === 1
            ? $match[1]
            : throw new RuntimeException("The answer tells no {$what}.");
        $this->shown[$tag] = ['X-Shown-Columns: '.$said('columns'), 'X-Shown-Frame: '.$said('frame')];
    }

    /** Chooses the recommended plan of a job, which makes its order. */
    public function agree(string $tag): void
    {
        $page = $this->get("/jobs/{$tag}/plan");
        preg_match_all('/name="parts\[([^"\]]+)\]" value="([^"]*)"[^>]* checked/', $page, $parts, PREG_SET_ORDER);
        preg_match('/name="option" value="([^"]*)"[^>]* checked/', $page, $option);
        $this->form("/jobs/{$tag}/plan", [
            'ulid' => $this->ulid(),
            'option' => $option[1] ?? 'bore 508000',
            'parts' => array_column($parts, 2, 1),
            'reason' => 'for the bench',
        ]);
    }

    /** Begins and pauses in turns. */
    public function keepTime(string $tag): void
    {
        $this->isRunning = ! $this->isRunning;
        $this->atWork("/jobs/{$tag}/work/time", [
            'operation' => 'bore.1',
            'at' => 'bore.1',
            'state' => $this->isRunning ? 'begun' : 'paused',
        ], ['X-Shown-Operation: bore.1']);
    }

    /** An operation of the order, done and open again in turn: its answer brings the order. */
    public function tick(string $tag): void
    {
        $this->isDone = ! $this->isDone;
        $this->atWork("/jobs/{$tag}/work", [
            'operation' => 'wash',
            'at' => '',
            'state' => $this->isDone ? 'done' : 'open again',
            'remark' => $this->isDone ? '' : 'for the bench',
        ]);
    }

    /** @return array{ulid: string, place: string, text: string} */
    public function reading(string $place, string $text): array
    {
        return ['ulid' => $this->ulid(), 'place' => $place, 'text' => $text];
    }

    /**
     * Posts readings all at once, each on a connection of its own.
     *
     * @param  list<array<string, mixed>>  $forms
     * @param  string  $path  Below the job, or from the root; readings where none is named
     * @param  ?callable(): void  $onTheWay  Done once, as soon as the requests are on their way
     * @return list<array{status: int, data: array<string, mixed>}> In the order of the forms
     */
    public function together(string $tag, array $forms, string $path = 'sheets/bores/readings', ?callable $onTheWay = null): array
    {
        $many = curl_multi_init();
        $handles = [];
        foreach ($forms as $form) {
            $handle = $this->request(str_starts_with($path, '/') ? $path : "/jobs/{$tag}/{$path}", $form);
            curl_multi_add_handle($many, $handle);
            $handles[] = $handle;
        }
        do {
            curl_multi_exec($many, $running);
            curl_multi_select($many, 0.2);
            if ($onTheWay !== null && $running < count($handles)) {
                $onTheWay();
                $onTheWay = null;
            }
        } while ($running > 0);

        return array_map(
            static fn (\CurlHandle $handle): array => [
                'status' => curl_getinfo($handle, CURLINFO_HTTP_CODE),
                'data' => (array) json_decode((string) curl_multi_getcontent($handle), true),
            ],
            $handles,
        );
    }

    /**
     * A request of this client on a connection of its own, not sent yet.
     *
     * @param  ?array<string, mixed>  $form  Posted as JSON; null for a page
     */
    public function request(string $path, ?array $form): \CurlHandle
    {
        $cookies = array_map(static function (string $line): string {
            $fields = explode("\t", $line);

            return "{$fields[5]}={$fields[6]}";
        }, curl_getinfo($this->curl, CURLINFO_COOKIELIST) ?: []);
        $handle = curl_init($this->base.$path);
        curl_setopt_array($handle, [
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_TIMEOUT => 30,
            CURLOPT_COOKIE => implode('; ', $cookies),
        ]);
        if ($form !== null) {
            curl_setopt_array($handle, [
                CURLOPT_POSTFIELDS => json_encode($form, JSON_THROW_ON_ERROR),
                CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Accept: application/json', 'X-CSRF-TOKEN: '.$this->token],
            ]);
        }

        return $handle;
    }

    /** Sends a photo of the engine; answers the status. */
    public function photograph(string $tag, string $path): int
    {
        $handle = $this->request("/jobs/{$tag}/photos", null);
        $photo = new \CURLFile($path, 'image/jpeg', 'engine.jpg');
        curl_setopt_array($handle, [
            CURLOPT_POSTFIELDS => ['ulid' => $this->ulid(), 'subject' => 'engine', 'stage' => 'receive', 'photo' => $photo],
            CURLOPT_HTTPHEADER => ['Accept: application/json', 'X-CSRF-TOKEN: '.$this->token],
        ]);
        curl_exec($handle);

        return curl_getinfo($handle, CURLINFO_HTTP_CODE);
    }

    /** More open jobs on the Bench, straight into the table. */
    public function fillBench(int $count): void
    {
        $database = self::database();
        $database->exec('INSERT IGNORE INTO customers (name) SELECT CONCAT("Customer ", seq) FROM seq_1_to_400');
        $database->exec(
            <<<SQL
            INSERT INTO jobs (
                family, family_revision, serial, customer_id, description, due_on, stage, verdict, headline, waits_for, created_at
            )
            SELECT 'tarn-4-198', 1, CONCAT('B-', seq, '-', UUID_SHORT()), (SELECT MIN(id) FROM customers) + seq MOD 400, 'pump',
                DATE_ADD(CURDATE(), INTERVAL seq MOD 300 DAY), 'measure', 'not yet known', 'Not yet read',
                'cylinder 1, top, thrust', NOW()
            FROM seq_1_to_{$count}
            SQL
            ,
        );
        $database->exec('ANALYZE TABLE jobs');
    }

    /** Families of the shop's own, each with casting number and bore spacing of its own. */
    public function addFamilies(int $count): void
    {
        $database = self::database();
        $path = dirname(__DIR__, 2).'/resources/specs/tarn-4-198.json';
        $sheet = json_decode((string) file_get_contents($path), true, 32, JSON_THROW_ON_ERROR);
        $insert = $database->prepare(
            "INSERT INTO specification_revisions (family, revision, document, reason, user_id, created_at)
            VALUES (?, 1, ?, 'for the benchmark', (SELECT MIN(id) FROM users), NOW())",
        );
        for ($i = 1; $i <= $count; $i++) {
            $sheet = ['family' => "alder-{$i}", 'name' => "Alder {$i}", 'castings' => ["AL-{$i}"]] + $sheet;
            $sheet['block']['bore_spacing'] = sprintf('%.4f', 4 + $i / 500);
            $insert->execute(["alder-{$i}", json_encode($sheet, JSON_THROW_ON_ERROR)]);
        }
    }

    public static function database(): PDO
    {
        return new PDO(
            'mysql:unix_socket='.getenv('DB_SOCKET').';dbname='.getenv('DB_DATABASE'),
            (string) getenv('DB_USERNAME'),
            (string) getenv('DB_PASSWORD'),
            [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION],
        );
    }

    /** @param  array<string, mixed>  $data */
    private function form(string $path, array $data): void
    {
        curl_setopt_array($this->curl, [
            CURLOPT_POST => true,
            CURLOPT_URL => $this->base.$path,
            CURLOPT_HTTPHEADER => [],
            CURLOPT_POSTFIELDS => http_build_query($data + ['_token' => $this->token]),
        ]);
        $this->send($path, [302]);
    }

    /**
     * @param  array<string, string|int>  $data
     * @param  list<string>  $headers
     */
    private function json(string $path, array $data, array $headers = []): string
    {
        curl_setopt_array($this->curl, [
            CURLOPT_POST => true,
            CURLOPT_URL => $this->base.$path,
            CURLOPT_POSTFIELDS => json_encode($data, JSON_THROW_ON_ERROR),
            CURLOPT_HTTPHEADER => [
                'Content-Type: application/json',
                'Accept: application/json',
                'X-CSRF-TOKEN: '.$this->token,
                ...$headers,
            ],
        ]);

        return $this->send($path, [200]);
    }

    /**
     * As the work page sends it: with the newest entry that it shows.
     *
     * @param  array<string, string>  $data
     * @param  list<string>  $headers
     */
    private function atWork(string $path, array $data, array $headers = []): void
    {
        $answer = $this->json($path, ['ulid' => $this->ulid()] + $data, ["X-Shown-Head: {$this->headShown}", ...$headers]);
        $this->headShown = (int) (json_decode($answer, true)['head'] ?? 0);
    }

    /** @param  list<int>  $expected */
    private function send(string $path, array $expected): string
    {
        $body = curl_exec($this->curl);
        $status = curl_getinfo($this->curl, CURLINFO_HTTP_CODE);

        return is_string($body) && in_array($status, $expected, true)
            ? $body
            : throw new RuntimeException("{$path} answered {$status}: ".(curl_error($this->curl) ?: substr((string) $body, 0, 300)));
    }

    private function takeToken(string $page): void
    {
        preg_match('/name="csrf-token" content="([^"]+)"/', $page, $match);
        $this->token = $match[1] ?? throw new RuntimeException('The page has no token.');
    }

    public function ulid(): string
    {
        return (string) new Ulid();
    }
}
