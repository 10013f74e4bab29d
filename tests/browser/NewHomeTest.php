<?php

declare(strict_types=1);

namespace App\Tests\Browser;

use App\Tests\Browser\Support\BrowserTestCase;

/** The first five minutes: from the sign-in to the first dressed spot of a home that was not there before, in fifteen actions at most. */
final class NewHomeTest extends BrowserTestCase
{
    private int $actions = 0;

    public function testFromNothingToTheFirstDressedSpot(): void
    {
        $page = $this->page()->signIn();
        $this->acts(1);
        $page->press('Ferry House')->press('New home…', 'menuitem')->type('Name', 'Mill End')->press('Open this home')->seeText('Mill End');
        $this->acts(4);
        foreach (['snug: mantel 60 x 8, 54 high', 'hutch 40 x 14, 3 shelves 12 apart', 'A1 attic'] as $line) {
            $page->type('One line about a room, a spot or a tote', $line)->press('Take it in');
            $this->acts(1); // typed, and Enter
        }
        $page->seeText('3 boards')->seeText('A1');
        $page->drawer('Cupboard')->follow('Unpack a box')->type(
            'One line about a piece',
            'blue vase 12 in, A1',
        )->seeText('✓ Clear')->press('Take it in')->seeText('Blue vase is in');
        $this->acts(3);
        $page->drawer('Swaps')->press('Begin a swap')->press('Begin')->until(
            static fn(): bool => str_ends_with($page->browser->getCurrentURL(), '/look'),
            'the look of the new swap is opened',
        );
        $this->acts(3);
        $page->station('Rooms')->see('[data-testid="candidate-Blue vase"]');
        $page->key('1')->see('[data-testid="placed-Blue vase"]');
        $this->acts(1);

        $page->seeText('1 of 2 spots');
        self::assertLessThanOrEqual(15, $this->actions);
    }

    private function acts(int $count): void
    {
        $this->actions += $count;
    }
}
