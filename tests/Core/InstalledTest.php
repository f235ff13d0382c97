<?php

declare(strict_types=1);

namespace Tests\Core;

use NorthLedger\Core\Engine\Installed;
use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Features\Bores\BoreFeature;
use NorthLedger\Core\Inspection\InspectedFeatures;
use PHPUnit\Framework\Attributes\PreserveGlobalState;
use PHPUnit\Framework\Attributes\RunInSeparateProcess;
use PHPUnit\Framework\TestCase;

/** What is added as a file is found by its name, and what is remembered is what was found. */
final class InstalledTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/installed-'.bin2hex(random_bytes(6));
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        Installed::rememberIn(null);
        array_map(unlink(...), glob("{$this->folder}/*") ?: []);
        rmdir($this->folder);
    }

    public function test_only_what_is_of_the_kind_is_found(): void
    {
        $features = Installed::classes('Features/Bores/*.php', Feature::class);
        $this->assertSame([BoreFeature::class], $features);
        $this->assertSame([], Installed::classes('Features/*/NoSuch*.php', Feature::class));
    }

    #[RunInSeparateProcess]
    #[PreserveGlobalState(false)]
    public function test_what_is_remembered_is_read_instead_of_the_folders(): void
    {
        $this->assertSame([], glob("{$this->folder}/*"));
        Installed::rememberIn("{$this->folder}/classes-");
        $found = Installed::classes('Features/*/Inspected*.php', InspectedFeatures::class);
        $this->assertGreaterThan(5, count($found));
        [$file] = glob("{$this->folder}/classes-*.php") ?: $this->fail('Nothing was kept.');
        $this->assertSame($found, include $file);
    }

    #[RunInSeparateProcess]
    #[PreserveGlobalState(false)]
    public function test_a_folder_that_cannot_be_written_only_costs_time(): void
    {
        Installed::rememberIn('/proc/none/classes-');
        $this->assertContains(BoreFeature::class, Installed::classes('Features/*/*Feature.php', Feature::class));
    }
}
