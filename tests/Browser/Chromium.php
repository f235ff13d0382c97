<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Net\URLChecker;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverDimension;
use Facebook\WebDriver\WebDriverTargetLocator;
use RuntimeException;

/** One ChromeDriver, and windows with a new profile each. */
final class Chromium
{
    private const FLAGS = [
        '--headless',
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        '--disable-dev-shm-usage',
        '--hide-scrollbars',
        '--force-device-scale-factor=1',
        '--window-size=1280,800',
    ];

    /** @var resource */
    private $process;

    private readonly int $port;

    /** @var list<string> */
    private array $profiles = [];

    /** @param  ?string  $home  Folder of its user, who may trust authorities of his own; null for that of the tests */
    public function __construct(?string $home = null)
    {
        $server = stream_socket_server('tcp://127.0.0.1:0');
        if ($server === false) {
            throw new RuntimeException('No free port on loopback for ChromeDriver.');
        }
        $this->port = (int) substr((string) strrchr((string) stream_socket_get_name($server, false), ':'), 1);
        fclose($server);
        $process = proc_open(
            ['/usr/bin/chromedriver', '--port='.$this->port, '--log-path=/dev/null'],
            [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']],
            $pipes,
            null,
            $home === null ? null : ['HOME' => $home] + getenv(),
        );
        $this->process =
            $process === false ? throw new RuntimeException('ChromeDriver is not installed: apt-get install chromium-driver.') : $process;
        (new URLChecker())->waitUntilAvailable(10_000, "http://127.0.0.1:{$this->port}/status");
    }

    public function window(int $width = 1280, int $height = 800): RemoteWebDriver
    {
        $profile = sys_get_temp_dir().'/window-'.bin2hex(random_bytes(6));
        $this->profiles[] = $profile;
        $options = (new ChromeOptions())->setBinary('/usr/bin/chromium')->addArguments([...self::FLAGS, '--user-data-dir='.$profile]);
        $wanted = DesiredCapabilities::chrome();
        $wanted->setCapability(ChromeOptions::CAPABILITY, $options);
        $driver = RemoteWebDriver::create('http://127.0.0.1:'.$this->port, $wanted, 15_000, 40_000);
        self::resize($driver, $width, $height);

        return $driver;
    }

    /** As a browser that nobody has used: another tab, and nothing kept of those before. */
    public static function wipe(RemoteWebDriver $window, string ...$origins): void
    {
        $used = $window->getWindowHandles();
        $window->switchTo()->newWindow(WebDriverTargetLocator::WINDOW_TYPE_TAB);
        $unused = $window->getWindowHandle();
        foreach ($used as $handle) {
            $window->switchTo()->window($handle)->close();
        }
        $window->switchTo()->window($unused);
        $tools = new ChromeDevToolsDriver($window);
        $tools->execute('Network.clearBrowserCookies');
        foreach ($origins as $origin) {
            $tools->execute('Storage.clearDataForOrigin', ['origin' => $origin, 'storageTypes' => 'all']);
        }
        self::network($window, true);
        // Asked for, it is told and forgotten.
        $window->manage()->getLog('browser');
    }

    /** The browser’s own network, which the server knows nothing of. */
    public static function network(RemoteWebDriver $window, bool $isThere): void
    {
        $window->executeCustomCommand('/session/:sessionId/chromium/network_conditions', 'POST', [
            'network_conditions' => ['offline' => ! $isThere, 'latency' => 0, 'download_throughput' => -1, 'upload_throughput' => -1],
        ]);
    }

    /** So that the page has this size, whatever the frame of the window takes. */
    public static function resize(RemoteWebDriver $window, int $width, int $height): void
    {
        /** @var array{int, int} $frame */
        $frame = $window->executeScript('return [window.outerWidth - window.innerWidth, window.outerHeight - window.innerHeight]');
        $window->manage()->window()->setSize(new WebDriverDimension($width + $frame[0], $height + $frame[1]));
    }

    public function stop(): void
    {
        proc_terminate($this->process);
        proc_close($this->process);
        foreach ($this->profiles as $profile) {
            exec('rm -rf '.escapeshellarg($profile));
        }
    }
}
