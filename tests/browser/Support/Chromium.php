<?php

declare(strict_types=1);

namespace App\Tests\Browser\Support;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Symfony\Component\Process\Process;

/** One ChromeDriver and fresh headless browsers from it. */
final class Chromium
{
    private const SWITCHES = [
        '--headless=new', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking',
        '--disable-component-update', '--disable-sync', '--disable-dev-shm-usage', '--hide-scrollbars', '--force-color-profile=srgb',
    ];

    private ?Process $driver = null;
    private readonly int $port;
    /** @var list<string> */
    private array $profiles = [];

    public function __construct()
    {
        $this->port = random_int(20_000, 39_000);
    }

    public function open(int $width, int $height): RemoteWebDriver
    {
        if (null === $this->driver) {
            $this->driver = new Process(['setsid', 'chromedriver', '--port=' . $this->port, '--silent']);
            $this->driver->setTimeout(null)->start();
            for ($try = 0; $try < 100 && !\is_resource(@fsockopen('127.0.0.1', $this->port)); ++$try) {
                usleep(50_000);
            }
        }
        $this->profiles[] = $profile = sys_get_temp_dir() . '/bright-cupboard-profile-' . bin2hex(random_bytes(6));
        $options = (new ChromeOptions())->addArguments([...self::SWITCHES, '--user-data-dir=' . $profile, sprintf('--window-size=%d,%d', $width, $height)]);
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $capabilities->setCapability('goog:loggingPrefs', ['browser' => 'ALL']);

        $browser = RemoteWebDriver::create('http://127.0.0.1:' . $this->port, $capabilities, 20_000, 60_000);
        // A headless window counts its frame; the page itself is to have the size asked for.
        (new ChromeDevToolsDriver($browser))->execute(
            'Emulation.setDeviceMetricsOverride',
            ['width' => $width, 'height' => $height, 'deviceScaleFactor' => 1, 'mobile' => $width < 500],
        );

        return $browser;
    }

    public function stop(): void
    {
        $pid = $this->driver?->getPid();
        if (null !== $pid) {
            posix_kill(-$pid, \SIGKILL);
        }
        foreach ($this->profiles as $profile) {
            (new Process(['rm', '-rf', $profile]))->run();
        }
    }
}
