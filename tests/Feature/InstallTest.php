<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\People\Role;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** What makes a service of this folder: its files, what it refuses, the shop's own authority and the page that tablets come in by. */
final class InstallTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/install-'.bin2hex(random_bytes(6));
    }

    protected function tearDown(): void
    {
        (new Process(['rm', '-rf', $this->folder]))->mustRun();
        parent::tearDown();
    }

    public function test_the_files_of_a_service_can_be_looked_at_before_anything_is_started(): void
    {
        $done = $this->install('--listen', '192.168.7.20', '--host', 'ledger.shop.lan', '--https', '8443', '--http', '8480');
        $this->assertSame(0, $done->getExitCode(), $done->getErrorOutput());
        $this->assertStringContainsString('Nothing was started.', $done->getOutput());

        $settings = (array) parse_ini_file($this->folder.'/etc/north-ledger/shop.conf');
        $this->assertSame(
            ['192.168.7.20', '8443', '8480', 'ledger.shop.lan', ''],
            array_map(
                static fn (string $name): string => (string) $settings[$name],
                ['LISTEN_ADDRESS', 'HTTPS_PORT', 'HTTP_PORT', 'SHOP_HOSTS', 'CERTIFICATE'],
            ),
        );
        $unit = (string) file_get_contents($this->folder.'/etc/systemd/system/north-ledger.service');
        $this->assertStringContainsString('ExecStart='.base_path('bin/start').' --no-demo', $unit);
        $this->assertStringContainsString('ProtectSystem=strict', $unit);
        $this->assertStringNotContainsString('@', $unit, 'nothing was left to fill in');
        $rotation = (string) file_get_contents($this->folder.'/etc/logrotate.d/north-ledger');
        $this->assertStringContainsString(base_path('storage/logs'), $rotation);
    }

    public function test_what_cannot_be_served_is_refused_with_what_to_do(): void
    {
        [$certificate, $key] = $this->authority();
        foreach (
            [
                'wants the address of this machine' => ['--listen', 'everywhere'],
                'is no name of a machine' => ['--listen', '192.168.7.20', '--host', 'shop; reboot'],
                'is no port' => ['--listen', '192.168.7.20', '--https', 'x'],
                'cannot share port 443' => ['--listen', '192.168.7.20', '--http', '443'],
                'goes with its key' => ['--listen', '192.168.7.20', '--certificate', $certificate],
                'does not belong to that certificate' => [
                    '--listen',
                    '192.168.7.20',
                    '--certificate',
                    $certificate,
                    '--key',
                    dirname($key).'/authority.key',
                ],
            ] as $complaint => $asked
        ) {
            $done = $this->install(...$asked);
            $this->assertNotSame(0, $done->getExitCode(), $complaint);
            $this->assertStringContainsString($complaint, $done->getErrorOutput());
        }
        $this->assertSame(0, $this->install('--listen', '192.168.7.20', '--certificate', $certificate, '--key', $key)->getExitCode());
    }

    public function test_the_authority_is_made_once_and_its_certificate_anew_for_other_hosts(): void
    {
        [$certificate] = $this->authority();
        $root = (string) file_get_contents(dirname($certificate).'/authority.crt');
        $first = (string) file_get_contents($certificate);
        $this->authority();
        $this->assertSame($first, file_get_contents($certificate), 'the same hosts, the same certificate');
        $this->authority('ledger.shop.lan');
        $names = openssl_x509_parse((string) file_get_contents($certificate))['extensions']['subjectAltName'] ?? '';

        $this->assertSame('IP Address:192.168.7.20, DNS:ledger.shop.lan', $names);
        $this->assertSame($root, file_get_contents(dirname($certificate).'/authority.crt'), 'tablets need not trust it again');
        $this->assertSame(1, openssl_x509_verify((string) file_get_contents($certificate), $root));
        $this->assertSame('0600', substr(sprintf('%o', fileperms(dirname($certificate).'/authority.key')), -4));
        $bad = new Process([base_path('bin/authority'), $this->folder.'/tls', 'x y']);
        $this->assertSame(2, $bad->run());
    }

    public function test_the_owner_sees_how_tablets_come_in(): void
    {
        [$certificate] = $this->authority();
        $this->actingAs($this->person(Role::Machinist))->get('/shop/tablets')->assertForbidden();
        $this->actingAs($this->person(Role::Owner))->get('/shop/tablets')->assertOk()->assertSee('listens on this machine only');

        config(['app.tablet_url' => 'http://192.168.7.20', 'app.url' => 'https://192.168.7.20']);
        $this->get('/shop/tablets')->assertOk()->assertSee('Its certificate was given to the shop');
        config(['app.tls_authority' => dirname($certificate).'/authority.crt']);
        $this->get('/shop/tablets')
            ->assertOk()
            ->assertSee('http://192.168.7.20/authority.crt')
            ->assertSee(
                implode(
                    ' ',
                    str_split(
                        strtoupper(
                            (string) openssl_x509_fingerprint((string) file_get_contents(dirname($certificate).'/authority.crt'), 'sha256'),
                        ),
                        4,
                    ),
                ),
            );
    }

    private function install(string ...$asked): Process
    {
        $process = new Process([base_path('bin/install'), ...$asked, '--into', $this->folder]);
        $process->run();

        return $process;
    }

    /** @return array{string, string} Files of a certificate of the shop's own authority and of its key */
    private function authority(string ...$hosts): array
    {
        (new Process([base_path('bin/authority'), $this->folder.'/tls', '192.168.7.20', ...$hosts]))->mustRun();

        return [$this->folder.'/tls/house.crt', $this->folder.'/tls/house.key'];
    }
}
