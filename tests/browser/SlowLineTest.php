<?php

declare(strict_types=1);

namespace App\Tests\Browser;

use App\Tests\Browser\Support\BrowserTestCase;
use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;

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

    /** Cut off by a signal that goes, an answer is empty and looks whole: what was read before stays, and the rest comes later. */
    public function testAnAnswerThatBreaksOffIsNoAnswer(): void
    {
        $page = $this->page()->signIn();
        $page->station('Day sheet')->press('Work')->see('main input[type="checkbox"]');
        $boxes = $page->count('main input[type="checkbox"]');

        self::server()->breaksOff();
        $this->browser->executeScript("document.querySelector('main input[type=checkbox]:not(:checked)').click()");
        $until = microtime(true) + 3;
        while (microtime(true) < $until) {
            self::assertSame($boxes, $page->count('main input[type="checkbox"]'), 'the sheet stays as it was read');
            usleep(250_000);
        }
        $this->browser->navigate()->refresh();
        self::server()->comesLate(0);
        $page->seeText('done by Orla');
        self::assertSame($boxes, $page->count('main input[type="checkbox"]'));
    }

    /** What a page is made of does not come: the rest of the cupboard stays, and the next time it is asked for again. */
    public function testAPageThatDoesNotComeIsAskedForAgain(): void
    {
        $line = new ChromeDevToolsDriver($this->browser);
        $line->execute('Network.enable', ['enableDurableMessages' => false]);
        $line->execute('Network.setBypassServiceWorker', ['bypass' => true]);
        $line->execute('Network.setBlockedURLs', ['urls' => ['*/build/assets/ledger-*']]);
        $page = $this->page()->signIn();
        $page->drawer('Ledger')->seeText('This page came apart');
        $page->drawer('House')->seeText('in the order of a walk through the house');

        $line->execute('Network.setBlockedURLs', ['urls' => []]);
        $page->drawer('Ledger')->seeText('Spent');
        $line->execute('Network.setBlockedURLs', ['urls' => ['*/build/assets/calendar-*']]);
        $this->browser->navigate()->refresh();
        $page->drawer('Calendar')->seeText('This page came apart');
        $line->execute('Network.setBlockedURLs', ['urls' => []]);
        $page->press('Try again')->seeText('Feasts and traditions');
        self::assertStringNotContainsString('came apart', $page->text());
    }
}
