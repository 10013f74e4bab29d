<?php

declare(strict_types=1);

namespace App\Tests\Browser\Support;

use App\Tests\Browser\Page\CupboardPages;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use PHPUnit\Framework\TestCase;

/** Real pages in Chromium on a demo of its own per test class. */
abstract class BrowserTestCase extends TestCase
{
    protected const WIDTH = 1280;
    protected const HEIGHT = 800;

    private static ?DemoServer $server = null;
    private static ?Chromium $chromium = null;
    protected RemoteWebDriver $browser;

    public static function setUpBeforeClass(): void
    {
        self::$server = new DemoServer();
        self::$server->start();
        self::$chromium = new Chromium();
    }

    public static function tearDownAfterClass(): void
    {
        self::$chromium?->stop();
        self::$server?->stop();
    }

    protected function setUp(): void
    {
        $this->browser = self::chromium()->open(static::WIDTH, static::HEIGHT);
    }

    protected function tearDown(): void
    {
        if (isset($this->browser)) {
            $this->browser->quit();
        }
    }

    protected static function server(): DemoServer
    {
        return self::$server ?? throw new \LogicException('The demo is not running.');
    }

    protected function page(): CupboardPages
    {
        return new CupboardPages($this->browser, self::server()->url);
    }

    /** @return list<string> what the browser's console has to complain of; being asked to sign in is no fault */
    protected function severeLogEntries(): array
    {
        $lines = array_map(static fn(array $entry): string => $entry['level'] . ' ' . $entry['message'], $this->browser->manage()->getLog('browser'));
        return array_values(array_filter($lines, static fn(string $line): bool => str_starts_with($line, 'SEVERE') && !str_contains($line, '401')));
    }

    private static function chromium(): Chromium
    {
        return self::$chromium ?? throw new \LogicException('Chromium is not running.');
    }
}
