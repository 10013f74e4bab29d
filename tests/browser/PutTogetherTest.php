<?php

declare(strict_types=1);

namespace App\Tests\Browser;

use App\Tests\Browser\Page\CupboardPages;
use App\Tests\Browser\Support\BrowserTestCase;
use Facebook\WebDriver\WebDriverKeys;

/** Pieces put together and cut, lists brought in, and shelves that move, as a stylist does it. */
final class PutTogetherTest extends BrowserTestCase
{
    public function testAnUrnAndABunchArePutTogetherAndUndone(): void
    {
        $page = $this->open('Juniper urn');
        $this->choose($page, 'Put together with…');
        $page->seeText('an arrangement is two things or more')->type('Add a part', 'juniper bunch');
        $page->key(WebDriverKeys::ENTER)->seeText('Taken from tote A1 (1 Juniper bunch), tote C4 (1 Juniper urn).');
        self::assertSame(3, $page->count('[role="dialog"] svg'), 'two parts and what comes of them');
        $page->type('What it is called', 'Hall urn')->press('Put it together')->seeText('Hall urn is put together')
            ->seeText('Put together from 1 Juniper bunch, 1 Juniper urn')->seeText('121 pieces');
        $page->press('Undo')->seeText('120 pieces');

        $this->open('Juniper urn')->seeText('1 C4, cellar cupboard');
    }

    public function testAnArrangementTakenApartIsPutTogetherAgain(): void
    {
        $page = $this->open('Sage branches');
        $this->choose($page, 'Take one apart');
        $page->seeText('One Sage branches is taken apart')->type('Find in the cupboard', 'sage stems')->seeText('Sage stems ×5');
        $page->type('Find in the cupboard', 'sage branches')->seeText('1 left the home');
        $this->choose($page, 'Put one together again');

        $page->seeText('is put together again')->seeText('1 loose in store');
        self::assertStringNotContainsString('1 left the home', $page->text());
    }

    public function testOfBeadsALengthIsCutOffAndUsedUp(): void
    {
        $page = $this->open('Wood beads');
        $page->seeText('9 ft unrolled');
        $this->choose($page, 'Cut a length off…');
        $page->type('How long is the part you need', '30 in')->pressAt("//label[contains(., 'is used up')]/input");
        $page->press('Cut it')->seeText('is cut off Wood beads and used up; left: Wood beads, part roll 6 ft 6 in')->seeText('1 left the home');
        self::assertStringContainsString('Wood beads, part roll', $page->text());
    }

    public function testTotesFromATableAreShownFirstThenTakenInAndTakenBack(): void
    {
        $file = sys_get_temp_dir() . '/totes-' . bin2hex(random_bytes(4)) . '.csv';
        file_put_contents($file, "Bin;Where;W;D;H\nB7;loft;24 in;16 in;12 in\nA1;attic;24;16;12\nB8;loft;24;sixteen;12\n");
        $page = $this->page()->signIn();
        $page->drawer('Cupboard')->seeText('10 totes')->press('Files')->press('Bring totes in from a table…', 'menuitem');
        $page->give('CSV file', $file);
        $page->seeText('1 of 3 rows can be taken in, 1 is there already, 1 cannot be read.')->seeText('Depth: “sixteen” is not a length.');
        self::assertFalse($page->seeAt("//button[starts-with(normalize-space(), 'Take in')]")->isEnabled());
        $page->pressAt("//label[contains(., 'Leave out the 1 row')]/input");
        $page->press('Take in 1 tote')->seeText('1 tote taken in')->seeText('11 totes')->press('Undo')->seeText('10 totes');
        unlink($file);
    }

    public function testWhatScrollsIntoSightIsPaintedBesideThePage(): void
    {
        $page = $this->page()->signIn();
        $page->station('Table')->see('[role="option"]');
        $this->browser->executeScript(
            "const shelves = document.querySelector('[data-testid=shelves]'); let n = 0; const on = () => "
                . "{ shelves.scrollTop += 60; if (++n < 40) requestAnimationFrame(on); }; on();",
        );
        $page->until(
            fn(): bool => 0 < (int) $this->browser->executeScript(
                "return [...document.querySelectorAll('[data-testid=shelves] img')].filter((one) => one.naturalWidth > 16).length",
            ),
            'pictures are painted',
        );

        self::assertGreaterThan(20, $page->count('[data-testid="shelves"] [role="option"]'));
        $page->until(
            fn(): bool => true === $this->browser->executeScript(
                "return [...document.querySelectorAll('[data-testid=shelves] [role=option]')].every((one) => one.querySelector('img, svg g') !== null)",
            ),
            'every piece in sight is seen',
        );
    }

    private function open(string $name): CupboardPages
    {
        $page = $this->page();
        $page->signIn()->drawer('Cupboard')->type('Find in the cupboard', $name);
        $page->until(
            fn(): bool => (bool) $this->browser->executeScript(
                'const one = document.querySelector(`[data-testid="piece-${arguments[0]}"]`); one?.click(); return one !== null;',
                [$name],
            ),
            "{$name} stands on a shelf",
        );
        $page->see('[aria-label="The piece in hand"]');

        return $page;
    }

    private function choose(CupboardPages $page, string $act): void
    {
        $page->press('More')->press($act, 'menuitem');
    }
}
