<?php

declare(strict_types=1);

namespace App\Tests\Browser;

use App\Tests\Browser\Page\CupboardPages;
use App\Tests\Browser\Support\BrowserTestCase;
use Facebook\WebDriver\WebDriverKeys;

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
        self::assertGreaterThanOrEqual(
            44,
            $this->browser->executeScript("return document.querySelector('[data-testid=stock-take] li button').getBoundingClientRect().height"),
        );
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

    /** What comes out of one box in several sizes is one line to type and several pieces to take in. */
    public function testSeveralPiecesInOneLineAreTakenInAsALineForEach(): void
    {
        $page = $this->page()->signIn();
        $page->drawer('Cupboard')->follow('Unpack a box')->type('One line about a piece', 'birch stars: 2 large 14 in, 5 small 6 in, attic A3');
        $page->seeText('Several pieces are in this line.')->press('2 pieces, a line each')->seeText('2 lines')->seeText('2 clear');
        self::assertSame('', $page->value('One line about a piece'), 'the line is not taken in a second time');
        $this->assertFits('Several lines');
        $page->press('Take in 2 lines')->seeText('2 pieces so far, 7 units');
    }

    /** In the attic the note of last year is pasted, answered with a thumb, and measured later. */
    public function testANoteIsTakenInAndMeasuredLater(): void
    {
        $page = $this->page()->signIn();
        $page->drawer('Cupboard')->follow('Unpack a box')->see('[aria-label="One line about a piece"]');
        $this->browser->executeScript(
            'const at = document.querySelector("[aria-label=\'One line about a piece\']"); const data = new DataTransfer(); '
                . 'data.setData("text/plain", arguments[0]); at.dispatchEvent(new ClipboardEvent("paste", { clipboardData: data, bubbles: true, '
                . 'cancelable: true }));',
            ["A3:\nlarge copper urn, one handle loose\n4 zinc pails, \$20"],
        );
        $page->seeText('1 clear, 1 of them with something assumed; 1 to answer');
        $this->assertFits('Lines pasted');
        $page->press('$20 each')->seeText('2 clear')->press('Take in 2 lines')->seeText('2 pieces so far, 5 units');
        $page->drawer('Cupboard')->type('Find in the cupboard', 'large copper urn')->until(fn(): bool => 1 === $this->shown($page), 'the urn stands alone');
        $page->key(WebDriverKeys::TAB)->pressAt("//*[@role='option']");
        $page->press('Change')->seeText('Nobody has measured it yet')->type('Height, in', '22')->press('Save');
        $page->until(static fn(): bool => 0 === $page->count('[role="dialog"]'), 'it is saved');
        $page->drawer('Cupboard')->type('Find in the cupboard', 'copper urn not measured')->seeText('0 pieces');
    }

    /** A list mailed by somebody is put right on the phone. */
    public function testASheetIsPutRightWithAThumb(): void
    {
        $file = sys_get_temp_dir() . '/loft-list.csv';
        file_put_contents($file, "Loft list\nItem,Qty,Where\nzinc pail 10 in,1 pair,Garage\ncopper urn 20 in,1,Garage\nTotal,3,\n");
        $page = $this->page()->signIn();
        $page->drawer('Cupboard')->follow('Unpack a box')->follow('From a table instead')->give('CSV file', $file);
        $page->seeText('0 of 2 rows can be taken in; 0 look like something you own; 2 have a cell to put right.')->seeText('row 5, a total');
        $this->assertFits('A sheet read');
        $page->type('Row 3, where it is', 'A3')->press('All 2 rows with “Garage”')->seeText('2 of 2 rows can be taken in');
        $page->press('Take in 2 pieces')->seeText('2 of 2 rows done, 2 pieces taken in.');
        unlink($file);
        $page->drawer('Cupboard')->type('Find in the cupboard', 'zinc pail')->seeText('zinc pail 10 in');
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
