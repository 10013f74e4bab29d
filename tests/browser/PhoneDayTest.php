<?php

declare(strict_types=1);

namespace App\Tests\Browser;

use App\Entity\Swap;
use App\Tests\Browser\Support\BrowserTestCase;

/** Swap day at 390 px: ticking with a thumb, going on without a signal, and nothing counted twice. */
final class PhoneDayTest extends BrowserTestCase
{
    protected const WIDTH = 390;
    protected const HEIGHT = 844;

    public function testAHelperTicksOnAPhoneAndTicksMadeWithoutASignalAreSentLater(): void
    {
        $page = $this->page()->signIn();
        $page->station('Day sheet')->press('Work the day out')->see('main input[type="checkbox"]');
        self::assertLessThanOrEqual(390, $this->browser->executeScript('return document.documentElement.scrollWidth'), 'the page scrolls sideways');
        self::assertGreaterThanOrEqual(
            44,
            $this->browser->executeScript("return document.querySelector('main input[type=checkbox]').getBoundingClientRect().height"),
        );
        $this->tick(0);
        $page->seeText('1 of ')->seeText('done by Orla');

        self::server()->pause();
        $this->tick(1);
        $this->tick(2);
        $page->seeText('Not sent yet: 2 ticks kept on this device');
        self::server()->resume();
        $page->until(static fn(): bool => !str_contains($page->text(), 'Not sent yet'), 'the kept ticks are sent');
        $this->browser->navigate()->refresh();
        $page->see('main input[type="checkbox"]');
        $page->until(
            fn(): bool => 3 === $this->browser->executeScript("return document.querySelectorAll('main input[type=checkbox]:checked').length"),
            'three tasks are done after a reload',
        );
    }

    public function testEveryStationCanBeReachedAndFitsThePhone(): void
    {
        $page = $this->page()->signIn();
        foreach (['Look', 'Table', 'Rooms', 'Haul', 'Day sheet', 'Settle'] as $station) {
            $page->station($station);
            $page->until(static fn(): bool => 0 === $page->count('[aria-busy="true"]'), "{$station} is there");
            self::assertLessThanOrEqual(390, $this->browser->executeScript('return document.documentElement.scrollWidth'), "{$station} scrolls sideways");
        }
        $page->drawer('Workbench')->see('[data-testid="bench"]');
        self::assertLessThanOrEqual(390, $this->browser->executeScript('return document.documentElement.scrollWidth'), 'the bench scrolls sideways');
    }

    private function tick(int $index): void
    {
        $this->browser->executeScript("document.querySelectorAll('main input[type=checkbox]')[{$index}].click()");
    }
}
