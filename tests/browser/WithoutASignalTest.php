<?php

declare(strict_types=1);

namespace App\Tests\Browser;

use App\Tests\Browser\Support\BrowserTestCase;

/** The page opened anew where there is no signal: it comes from the device, with the day as it was last read. */
final class WithoutASignalTest extends BrowserTestCase
{
    protected const WIDTH = 390;
    protected const HEIGHT = 844;

    public function testTheDayOpensWithoutASignalAndTicksWaitAndAreSent(): void
    {
        $page = $this->page()->signIn();
        $page->station('Day sheet')->press('Work the day out')->see('main input[type="checkbox"]');
        $page->until(fn(): bool => true === $this->browser->executeScript('return navigator.serviceWorker?.controller != null'), 'the worker is at work');
        $this->browser->navigate()->refresh();
        $page->see('main input[type="checkbox"]');

        self::server()->pause();
        $this->browser->navigate()->refresh();
        $page->see('main input[type="checkbox"]');
        $this->browser->executeScript("document.querySelectorAll('main input[type=checkbox]')[0].click()");
        $page->seeText('Not sent yet: 1 tick kept on this device');
        $this->browser->navigate()->refresh();
        $page->seeText('Not sent yet: 1 tick kept on this device');
        self::server()->resume();
        $page->until(static fn(): bool => !str_contains($page->text(), 'Not sent yet'), 'the kept tick is sent');
        $page->seeText('done by Orla');
        self::assertSame(1, $page->count('main input[type="checkbox"]:checked'), 'the tick stands once');
    }
}
