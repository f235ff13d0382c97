<?php

declare(strict_types=1);

namespace Tests\Cluster;

use PHPUnit\Framework\TestCase;

/** TLS ends at the address before the web servers; they are told, and nobody else can say so. */
final class FrontTest extends TestCase
{
    public function testAPageThatCameByTlsIsTreatedAsOne(): void
    {
        [$status, $headers] = $this->ask('https://127.0.0.1:'.getenv('CLUSTER_TLS_PORT').'/login');
        $this->assertSame(200, $status);
        $this->assertMatchesRegularExpression('/^strict-transport-security: max-age=\d+/mi', $headers);
        $this->assertMatchesRegularExpression('/^set-cookie: north_ledger_session=[^\n]*; secure/mi', $headers);

        [$status, $headers] = $this->ask('https://127.0.0.1:'.getenv('CLUSTER_TLS_PORT').'/');
        $this->assertSame(302, $status);
        $this->assertMatchesRegularExpression('#^location: https://127\.0\.0\.1:'.getenv('CLUSTER_TLS_PORT').'/login#mi', $headers);
    }

    public function testAPageThatCameInTheClearIsNotTakenForOne(): void
    {
        [$status, $headers] = $this->ask(getenv('BASE_URL').'/login', ['X-Forwarded-Proto: https']);
        $this->assertSame(200, $status);
        $this->assertDoesNotMatchRegularExpression('/^strict-transport-security/mi', $headers);
        $this->assertDoesNotMatchRegularExpression('/^set-cookie: [^\n]*; secure/mi', $headers);
    }

    /**
     * @param  list<string>  $with
     * @return array{int, string} Status and headers
     */
    private function ask(string $address, array $with = []): array
    {
        $curl = curl_init($address);
        $this->assertNotFalse($curl);
        curl_setopt_array($curl, [
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_HEADER => true,
            CURLOPT_HTTPHEADER => $with,
            CURLOPT_CAINFO => getenv('CLUSTER_VAR').'/tls/authority.crt',
        ]);
        $answer = curl_exec($curl);
        $this->assertIsString($answer, curl_error($curl));

        return [curl_getinfo($curl, CURLINFO_RESPONSE_CODE), substr($answer, 0, curl_getinfo($curl, CURLINFO_HEADER_SIZE))];
    }
}
