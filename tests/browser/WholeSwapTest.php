<?php

declare(strict_types=1);

namespace App\Tests\Browser;

use App\Tests\Browser\Page\CupboardPages;
use App\Tests\Browser\Support\BrowserTestCase;
use Facebook\WebDriver\WebDriverKeys;

/** One swap from sign-in to closed, as a person walks it, much of it by keyboard. */
final class WholeSwapTest extends BrowserTestCase
{
    public function testAStylistTakesMidwinterFromTheLookToTheLastToteClosed(): void
    {
        $page = $this->page()->signIn();
        $this->decideOnTheTable($page);
        $this->pullARibbon($page);
        $this->dressASpotByKeys($page);
        $this->closeAGapAndBuyForAnother($page);
        $this->runTheDay($page);
        $this->settleAndClose($page);
        self::assertSame([], $this->severeLogEntries());
    }

    private function decideOnTheTable(CupboardPages $page): void
    {
        $page->station('Table')->seeText('56 of 120 decided');
        $page->keysTo('[role="listbox"]', WebDriverKeys::HOME);
        $page->see('section[aria-label="The piece in hand"]');
        $page->key('n')->key('r')->seeText('57 of 120 decided');
        $page->key(WebDriverKeys::CONTROL, 'z', WebDriverKeys::NULL)->seeText('56 of 120 decided');
        $page->seeText('is suggested')->key('a')->seeText('57 of 120 decided');
        $page->key('w')->seeText('Share times score, summed')->press('Close without saving');
        $page->press('Accept ');
        $page->until(
            static fn(): bool => 1 === preg_match('/(\d+) of 120 decided/', $page->text(), $m) && (int) $m[1] > 70,
            'the sure suggestions are accepted',
        );
    }

    private function pullARibbon(CupboardPages $page): void
    {
        $page->station('Look')->seeText('pieces sit in this look');
        $slider = '[role="slider"][aria-label="Share of Ember"]';
        $page->keysTo($slider, WebDriverKeys::ARROW_RIGHT, WebDriverKeys::ARROW_RIGHT);
        $page->until(static fn(): bool => '16' === $page->see($slider)->getAttribute('aria-valuenow'), 'the ribbon is 16 wide');
        $page->seeText('is changed');
        $sum = $this->browser->executeScript(
            "return [...document.querySelectorAll('[role=slider]')].reduce((sum, one) => sum + Number(one.getAttribute('aria-valuenow')), 0)",
        );
        self::assertSame(100, $sum);
    }

    private function dressASpotByKeys(CupboardPages $page): void
    {
        $page->station('Rooms')->see('[data-testid="elevation"]');
        $page->pressAt("//nav[@aria-label='Spots']//a[contains(., 'Hall console')]");
        $page->seeText('44 in wide, 13 in deep')->see('[data-testid^="candidate-"]');
        $before = $page->count('[data-testid^="placed-"]');
        $page->key('1')->until(static fn(): bool => $page->count('[data-testid^="placed-"]') === $before + 1, 'the first candidate stands');
        $this->browser->executeScript("[...document.querySelectorAll('[data-testid^=\"placed-\"]')].at(-1).focus()");
        $page->see('[data-testid="placement-bar"] button');
        $label = $this->browser->executeScript('return document.activeElement.getAttribute("aria-label")');
        $page->key(WebDriverKeys::ARROW_LEFT)->until(
            fn(): bool => $label !== $this->browser->executeScript('return document.activeElement.getAttribute("aria-label")'),
            'an arrow moves it along',
        );
        $page->seeText('moved');
        $page->key(WebDriverKeys::DELETE)->until(static fn(): bool => $page->count('[data-testid^="placed-"]') === $before, 'it is taken off');
        $page->key(WebDriverKeys::CONTROL, 'z', WebDriverKeys::NULL)->until(
            static fn(): bool => $page->count('[data-testid^="placed-"]') === $before + 1,
            'undo stands it there again',
        );
    }

    private function closeAGapAndBuyForAnother(CupboardPages $page): void
    {
        $page->station('Haul')->seeText('6 gaps to close');
        $page->press('Bring it')->seeText('5 gaps to close');
        $page->press('Write a line')->type('What', 'Beeswax tapers')->type('List price of a pack, $', '9')->type('Pieces in a pack', '3')->type('Needed', '5');
        $page->seeText('2 packs, $3 each, 1 spare into stock')->seeText('$18');
        $page->press('Write it down')->press('Got it: Beeswax tapers')->seeText('Beeswax tapers is in the cupboard');
    }

    private function runTheDay(CupboardPages $page): void
    {
        $page->station('Day sheet')->press('Work the day out')->see('input[type="checkbox"]');
        self::assertStringContainsString('Candles 12 in from anything that burns', $page->text());
        $boxes = $page->count('main input[type="checkbox"]');
        self::assertGreaterThan(25, $boxes);
        for ($i = 0; $i < $boxes; ++$i) {
            $page->until(fn(): bool => $boxes === $page->count('main input[type="checkbox"]'), 'every task keeps its row');
            $this->browser->executeScript("document.querySelectorAll('main input[type=checkbox]')[{$i}].click()");
        }
        $page->seeText('All ticked, and the stock is the plan, unit for unit.');
    }

    private function settleAndClose(CupboardPages $page): void
    {
        $page->station('Settle')->choose('About', 'Stove shelf')->type(
            'What worked, what did not',
            'The jug answers the bunch. 🫖',
        )->press('Keep the note')->seeText('The jug answers the bunch.');
        $page->until(static fn(): bool => 1 === preg_match('/(\d+) of (\d+) ticks/', $page->text(), $m) && $m[1] === $m[2], 'every tick has arrived');
        $page->press('Close the swap')->seeText('What stood is counted as worn.');
        $page->drawer('Swaps')->press('Begin the next swap');
        $page->type('Budget, $', '140')->press('Begin')->seeText('from Midwinter');
    }
}
