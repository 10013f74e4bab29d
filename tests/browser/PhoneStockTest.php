<?php

declare(strict_types=1);

namespace App\Tests\Browser;

use App\Tests\Browser\Page\CupboardPages;
use App\Tests\Browser\Support\BrowserTestCase;

/** In the attic with a phone: every page of the stock fits 390 px, and its work can be done there. */
final class PhoneStockTest extends BrowserTestCase
{
    protected const WIDTH = 390;
    protected const HEIGHT = 844;

    public function testEveryPageOfTheStockFitsThePhone(): void
    {
        $page = $this->page()->signIn();
        $page->drawer('Cupboard')->see('[role="option"]');
        $this->assertFits('Cupboard');
        $page->follow('Unpack a box')->type('One line about a piece', 'brass thing')->see('[data-testid="reading"] button');
        $this->assertFits('Unpack a box');
        $page->follow('From a table instead')->see('input[type="file"]');
        $this->assertFits('Table file');
        $page->drawer('House')->see('main section');
        $this->assertFits('House');
        $page->drawer('Swaps')->see('main li');
        $this->assertFits('Swaps');
        $page->drawer('Ledger')->see('table');
        $this->assertFits('Ledger');
        foreach (['Thread through the rooms' => 'thread', 'Nearly right' => 'restyles'] as $tab => $testid) {
            $page->station('Look')->press($tab)->see("[data-testid=\"{$testid}\"]");
            $this->assertFits($tab);
        }
    }

    public function testAToteIsCountedWithAThumb(): void
    {
        $page = $this->page()->signIn();
        $page->drawer('Cupboard')->follow('Tote C1')->press('Count it')->see('[data-testid="stock-take"]');
        $this->assertFits('A tote, counted');
        self::assertGreaterThanOrEqual(44, $this->browser->executeScript("return document.querySelector('[data-testid=stock-take] li button').getBoundingClientRect().height"));
        $page->press('One less of Brass lantern')->press('What differs?')->seeText('1 of Brass lantern missing');
        $page->press('Stop counting')->until(static fn(): bool => 0 === $page->count('[data-testid="stock-take"]'), 'counting is stopped');
        self::assertStringContainsString('Brass lantern', $page->text(), 'the books are as they were');
    }

    public function testAPieceIsTakenInAndFoundAgain(): void
    {
        $page = $this->page()->signIn();
        $page->drawer('Cupboard')->follow('Unpack a box')->type('One line about a piece', 'copper lantern 11 in, attic A3')->seeText('✓ Clear');
        $page->press('Take it in')->seeText('1 piece so far')->seeText('A3, attic');
        $page->drawer('Cupboard')->type('Find in the cupboard', 'copper lantern')->seeText('Copper lantern');
        $page->until(fn(): bool => $this->shown($page) <= 3, 'only what is asked for stands on the shelves');
        $this->assertFits('Cupboard, asked');
    }

    private function shown(CupboardPages $page): int
    {
        return $page->count('[role="option"]');
    }

    private function assertFits(string $view): void
    {
        self::assertLessThanOrEqual(self::WIDTH, $this->browser->executeScript('return document.documentElement.scrollWidth'), "{$view} scrolls sideways");
    }
}
