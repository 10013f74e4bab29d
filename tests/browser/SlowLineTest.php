<?php

declare(strict_types=1);

namespace App\Tests\Browser;

use App\Tests\Browser\Support\BrowserTestCase;

/** On a line so slow that the device answers from what it kept: what was done stays done on the page, and the figures follow. */
final class SlowLineTest extends BrowserTestCase
{
    /** Longer than the five seconds after which what is kept is shown instead. */
    private const LATE = 7;

    protected function tearDown(): void
    {
        self::server()->comesLate(0);
        parent::tearDown();
    }

    public function testWhatWasDoneIsNotTakenBackByAnOldReading(): void
    {
        $page = $this->page()->signIn();
        $page->station('Day sheet')->press('Work the day out')->see('main input[type="checkbox"]');
        $page->until(fn(): bool => true === $this->browser->executeScript('return navigator.serviceWorker?.controller != null'), 'the worker is at work');
        $this->browser->navigate()->refresh();
        $page->see('main input[type="checkbox"]');

        self::server()->comesLate(self::LATE);
        $this->browser->executeScript("document.querySelector('main input[type=checkbox]:not(:checked)').click()");
        $until = microtime(true) + self::LATE + 3;
        while (microtime(true) < $until) {
            self::assertSame(1, $page->count('main input[type="checkbox"]:checked'), 'what was kept from before is not shown again');
            usleep(250_000);
        }
        self::server()->comesLate(0);
        $page->seeText('done by Orla');
        self::assertSame(1, $page->count('main input[type="checkbox"]:checked'));
        self::assertSame([], $this->severeLogEntries());
    }
}
