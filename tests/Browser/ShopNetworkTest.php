<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebDriver;

/** What a tablet in the shop's own network meets: TLS by the shop's authority, once its root is trusted, and nothing without. */
final class ShopNetworkTest extends BrowserTestCase
{
    private ?Chromium $tablet = null;

    private ?RemoteWebDriver $page = null;

    private string $home;

    protected function setUp(): void
    {
        parent::setUp();
        $this->home = sys_get_temp_dir().'/tablet-'.bin2hex(random_bytes(6));
        mkdir($this->home.'/.pki/nssdb', 0700, true);
    }

    protected function tearDown(): void
    {
        $this->page?->quit();
        $this->tablet?->stop();
        exec('rm -rf '.escapeshellarg($this->home));
        parent::tearDown();
    }

    public function test_a_tablet_that_does_not_know_the_authority_is_warned(): void
    {
        $tablet = $this->openTablet();
        $tablet->get($this->over('https', '/login'));
        $this->assertStringContainsString('ERR_CERT_AUTHORITY_INVALID', $this->text($tablet, 'body'));
        $this->assertFalse($tablet->executeScript('return window.isSecureContext'));
    }

    public function test_one_that_trusts_its_root_works_over_tls_and_without_the_network(): void
    {
        $this->trust((string) $this->fetched('http', '/authority.crt')['body']);
        $tablet = $this->openTablet();
        $tablet->get($this->over('https', '/login'));
        $this->untilFocused($tablet, '#login');
        $this->press($tablet, 'inspector', "\t", 'demo-shop', "\n");
        $this->until($tablet, static fn (): bool => ! str_contains($tablet->getCurrentURL(), '/login'), 'logged in');
        $this->assertTrue($tablet->executeScript('return window.isSecureContext'));
        $cookie = $tablet->manage()->getCookieNamed('north_ledger_session');
        $this->assertTrue($cookie?->isSecure(), 'it goes back over TLS only');

        $tablet->get($this->over('https', '/jobs/406/measure'));
        $this->untilReady($tablet);
        $this->until(
            $tablet,
            static fn (): bool => $tablet->executeAsyncScript(
                'caches.open("pages").then((one) => one.match("/jobs/406/measure")).then((one) => arguments[0](one !== undefined))',
            ) === true,
            'the sheet is kept',
        );
        $server = new WebServer();
        $server->stop();
        try {
            $tablet->navigate()->refresh();
            $this->untilReady($tablet);
            $this->untilSeen($tablet, '[data-kept]', 'No network.');
        } finally {
            $server->start();
        }
    }

    public function test_what_comes_without_tls_is_sent_on_and_another_name_gets_nothing(): void
    {
        $sent = $this->fetched('http', '/jobs/406/measure?at=1');
        $this->assertSame([308, $this->over('https', '/jobs/406/measure?at=1')], [$sent['status'], $sent['headers']['location'] ?? '']);
        $secure = $this->fetched('https', '/login');
        $this->assertSame([200, 'max-age=31536000'], [$secure['status'], $secure['headers']['strict-transport-security'] ?? '']);
        $this->assertSame(421, $this->fetched('https', '/login', ['Host: elsewhere.lan'])['status']);
        $plain = $this->fetched('plain', '/login');
        $this->assertArrayNotHasKey('strict-transport-security', $plain['headers'], 'loopback stays as it is');
    }

    public function test_the_owner_finds_the_fingerprint_of_the_root_that_tablets_fetch(): void
    {
        $owner = $this->loggedIn('owner');
        $owner->get($this->url('/shop/tablets'));
        $fingerprint = (string) openssl_x509_fingerprint((string) $this->fetched('http', '/authority.crt')['body'], 'sha256');
        $this->assertSame(strtoupper($fingerprint), str_replace(' ', '', $this->text($owner, '.fingerprint')));
        $this->assertAccessible($owner, 'how tablets come in');
    }

    private function openTablet(): RemoteWebDriver
    {
        $this->tablet = new Chromium($this->home);

        return $this->page = $this->tablet->window(900, 1200);
    }

    /** As whoever takes the file in does by hand. */
    private function trust(string $root): void
    {
        file_put_contents($this->home.'/root.crt', $root);
        $folder = 'sql:'.$this->home.'/.pki/nssdb';
        foreach (
            [
                ['certutil', '-d', $folder, '-N', '--empty-password'],
                ['certutil', '-d', $folder, '-A', '-t', 'C,,', '-n', 'shop', '-i', $this->home.'/root.crt'],
            ] as $command
        ) {
            exec(implode(' ', array_map(escapeshellarg(...), $command)).' 2>&1', $said, $code);
            $this->assertSame(0, $code, implode("\n", $said));
        }
    }

    private function over(string $scheme, string $path): string
    {
        return match ($scheme) {
            'https' => 'https://127.0.0.1:'.getenv('HTTPS_PORT').$path,
            'http' => 'http://127.0.0.1:'.getenv('HTTP_PORT').$path,
            default => $this->url($path),
        };
    }

    /**
     * @param  list<string>  $headers
     * @return array{status: int, headers: array<string, string>, body: string}
     */
    private function fetched(string $scheme, string $path, array $headers = []): array
    {
        $answered = [];
        $handle = curl_init($this->over($scheme, $path));
        curl_setopt_array($handle, [
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_CAINFO => getenv('TLS_AUTHORITY'),
            CURLOPT_HTTPHEADER => $headers,
            CURLOPT_TIMEOUT => 20,
            CURLOPT_HEADERFUNCTION => static function ($handle, string $line) use (&$answered): int {
                [$name, $value] = [...explode(':', $line, 2), ''];
                $answered[strtolower(trim($name))] = trim($value);

                return strlen($line);
            },
        ]);
        $body = curl_exec($handle);
        $this->assertIsString($body, curl_error($handle));

        return ['status' => curl_getinfo($handle, CURLINFO_HTTP_CODE), 'headers' => $answered, 'body' => $body];
    }
}
