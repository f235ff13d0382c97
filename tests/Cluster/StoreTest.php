<?php

declare(strict_types=1);

namespace Tests\Cluster;

use FilesystemIterator;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use Tests\Bench\Client;

/** Pictures lie in one store that every web server reaches; where it dies nobody is kept from keying. */
final class StoreTest extends TestCase
{
    public function testAPictureIsShownByEveryWebServerAndAStoreThatDiesStopsPicturesOnly(): void
    {
        $cluster = new RunningCluster((string) getenv('CLUSTER_VAR'));
        $client = new Client((string) getenv('BASE_URL'));
        $client->logIn('inspector', 'demo-shop');
        $tag = $client->newVee();
        $this->assertSame(200, $client->photograph($tag, $this->picture()));
        $this->assertCount(2, $this->stored(), 'the picture and its small one');
        preg_match('#/photos/([0-9A-Za-z]{26})\.jpg#', $client->get("/jobs/{$tag}/receive"), $shown);
        foreach (range(1, 6) as $time) {
            $this->assertStringStartsWith("\xFF\xD8\xFF", $client->get("/jobs/{$tag}/photos/{$shown[1]}.jpg"), "time {$time}");
        }

        $cluster->kill('store');
        $this->assertSame(503, $client->photograph($tag, $this->picture()));
        $kept = $client->together($tag, [$client->reading('bore.1.top.thrust', '6.0')]);
        $this->assertSame(200, $kept[0]['status']);

        $cluster->letComeBack('store');
        $cluster->waitUntil(20.0, fn (): bool => $client->photograph($tag, $this->picture()) === 200);
        $this->assertSame(0, $cluster->artisan('db2', 'ledger:verify')->getExitCode());
    }

    private function picture(): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'engine');
        $picture = imagecreatetruecolor(60, 40);
        $this->assertNotFalse($picture);
        imagefill($picture, 0, 0, random_int(0, 0xFFFFFF));
        imagejpeg($picture, $path);

        return $path;
    }

    /** @return list<string> */
    private function stored(): array
    {
        $found = [];
        foreach (new RecursiveIteratorIterator(
            new RecursiveDirectoryIterator(getenv('CLUSTER_VAR').'/store/shop', FilesystemIterator::SKIP_DOTS),
        ) as $file) {
            $found[] = $file->getPathname();
        }

        return $found;
    }
}
