<?php

declare(strict_types=1);

namespace App\Tests\Browser;

use App\Tests\Browser\Page\CupboardPages;
use App\Tests\Browser\Support\BrowserTestCase;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;

/** Spots of several forms in Chromium: boards by arrows, a typed place, a remedy and its way back, versions side by side, the table from above. */
final class RoomsTest extends BrowserTestCase
{
    public function testAPieceChangesBoardsByArrowAndItsPlaceIsTyped(): void
    {
        $page = $this->spot('Corner hutch');
        $page->see('[data-testid="placed-Brass hare"]');
        self::assertStringContainsString('board 1', $this->label('Brass hare'));
        $this->focus('Brass hare');
        $page->key(WebDriverKeys::ARROW_UP)->until(fn(): bool => str_contains($this->label('Brass hare'), 'board 2'), 'it stands on the second board');
        $this->focus('Brass hare');
        $page->see('input[aria-label="From the left"]');
        $this->page()->type('From the left', '31 1/2 in');
        $page->key(WebDriverKeys::ENTER)->until(
            fn(): bool => str_contains($this->label('Brass hare'), '31 1/2 in from the left'),
            'it stands where it was typed',
        );
        self::assertStringContainsString('board 2', $this->label('Brass hare'));
    }

    public function testAGarlandGetsItsDipsByKeyAndIsLaidAlongAgain(): void
    {
        $page = $this->spot('Landing rail');
        $page->see('[data-testid="placed-Long juniper garland"]');
        self::assertStringContainsString('1 dip, 8 3/4 in deep', $this->label('Long juniper garland'));
        $this->focus('Long juniper garland');
        $page->key('d')->until(fn(): bool => str_contains($this->label('Long juniper garland'), '2 dips, 4 3/8 in deep'), 'two hang half as deep');
        $page->press('Dip −')->until(fn(): bool => str_contains($this->label('Long juniper garland'), '1 dip'), 'one again');
        $this->focus('Long juniper garland');
        $page->key('D')->until(fn(): bool => !str_contains($this->label('Long juniper garland'), 'dip'), 'it lies along the rail');
        self::assertSame([], $this->severeLogEntries());
    }

    public function testAMirrorIsHungOverTheConsoleByOneKeyAndHigherByAnother(): void
    {
        $page = $this->spot('Hall console');
        $page->see('[data-testid="placed-Arch mirror"]');
        $this->focus('Arch mirror');
        $page->seeText('lower edge here');
        $page->key('h')->until(fn(): bool => str_contains($this->label('Arch mirror'), 'leans'), 'it leans');
        $this->focus('Arch mirror');
        $page->press('Hang it here: Arch mirror')->until(
            fn(): bool => str_contains($this->label('Arch mirror'), 'hangs, its lower edge 38 in from the floor'),
            'it hangs over it',
        );
        $this->focus('Arch mirror');
        $page->key(WebDriverKeys::ARROW_UP)->until(fn(): bool => str_contains($this->label('Arch mirror'), '39 in from the floor'), 'an inch higher');
        $page->seeText('Arch mirror is 1 in too tall.');
        $page->key(WebDriverKeys::CONTROL, 'z', WebDriverKeys::NULL);
        $page->until(fn(): bool => str_contains($this->label('Arch mirror'), '38 in from'), 'lower again');
        self::assertSame([], $this->severeLogEntries());
    }

    public function testAPieceIsStoodOnABoxAndTakenDown(): void
    {
        $page = $this->spot('Sideboard');
        $page->see('[data-testid="placed-Cone bowl"]');
        $this->focus('Cone bowl');
        $select = $page->see('select[aria-label="Stand Cone bowl on something"]');
        $option = (string) $this->browser->executeScript('return arguments[0].options[1].textContent', [$select]);
        self::assertMatchesRegularExpression('/^\S.+, .+ in high, /', $option);
        (new WebDriverSelect($select))->selectByIndex(1);
        $page->until(fn(): bool => str_contains($this->label('Cone bowl'), 'raised'), 'it stands higher');
        $riser = explode(',', $option)[0];
        self::assertSame(1, $page->count("[data-testid=\"placed-{$riser}\"]"), 'what it stands on is drawn');
        $page->press('Down from ' . $riser)->until(
            fn(): bool => !str_contains($this->label('Cone bowl'), 'raised') && 0 === $page->count("[data-testid=\"placed-{$riser}\"]"),
            'both are as they were',
        );
    }

    public function testColoursMeantForARoomAreSaidInTheThread(): void
    {
        $page = $this->spot('Sofa');
        $page->press('Soot')->press('The same for all of Parlour')->seeText('Soot is meant for all of Parlour');
        $page->station('Look')->press('Thread through the rooms', 'tab')->see('[data-testid="owed"]');
        $page->seeText('Soot is meant for Sofa and not seen there yet');
        self::assertSame([], $this->severeLogEntries());
    }

    public function testAPieceFollowsTheHandThatPullsIt(): void
    {
        $page = $this->spot('Stove shelf');
        $urn = '[data-testid="placed-Juniper urn"]';
        $page->see($urn);
        $left = fn(): float => (float) $this->browser->executeScript('return document.querySelector(arguments[0]).getBoundingClientRect().left', [$urn]);
        $before = $left();
        $page->pull($urn, -70, 0)->seeText('Juniper urn is moved');
        self::assertEqualsWithDelta(-70.0, $left() - $before, 8.0, 'as far as the hand, but for a quarter of an inch and what it settles on');
        $page->key(WebDriverKeys::CONTROL, 'z', WebDriverKeys::NULL)->until(static fn(): bool => abs($left() - $before) < 1, 'and back');
    }

    public function testARemedyIsTakenWithOneClickAndTakenBackWithOneKey(): void
    {
        $page = $this->spot('Corner hutch');
        $page->see('[data-testid="remedies"] button');
        $score = fn(): string => (string) $this->browser->executeScript('return document.querySelector(\'[data-testid="coach"] b\')?.textContent ?? ""');
        $before = $score();
        $this->browser->executeScript('document.querySelector(\'[data-testid="remedies"] button\').click()');
        $page->until(static fn(): bool => '' !== $score() && (int) $score() > (int) $before, 'the score of the whole rises');
        $page->key(WebDriverKeys::CONTROL, 'z', WebDriverKeys::NULL)->until(static fn(): bool => $score() === $before, 'and is as it was');
        self::assertSame($before, $score());
    }

    public function testAVersionIsTriedChosenAndTheOldOneKept(): void
    {
        $page = $this->spot('Sideboard');
        $page->see('[data-testid="versions"]');
        $page->press('Try it centred')->see('[aria-label="Dress it as version B"]');
        $before = $this->label('Table fir');
        $this->browser->executeScript('document.querySelector(\'[aria-label="Dress it as version B"]\').click()');
        $page->until(fn(): bool => $this->label('Table fir') !== $before, 'the fir stands where the version has it');
        self::assertTrue($page->see('[aria-label="Drop version B"]')->isDisplayed(), 'what stood there is the version now');

        // The whole room onto another, and what is planned here brought there.
        $page->choose('Copy it to another spot', 'onto all of Guest room')->follow('version B of Guest chest');
        $page->seeText('Planned elsewhere: ')->press('Choose, and bring it here');
        $page->until(
            fn(): bool => 0 === $page->count('[aria-label="Dress it as version B"]') && str_contains($this->label('Table fir'), 'Table fir'),
            'the fir stands on the chest, which was bare: no version is left of it',
        );
    }

    public function testATableIsSeenFromAboveAndFromBothSides(): void
    {
        $page = $this->spot('Dining table');
        self::assertTrue($page->see('[data-testid="from-above"]')->isDisplayed());
        $place = fn(): int => (int) $this->browser->executeScript(
            'return document.querySelector(\'[data-testid="placed-Ember bowl"]\').getBoundingClientRect().left',
        );
        $before = $place();
        $page->press('From the other side');

        $page->until(static fn(): bool => abs($place() - $before) > 20, 'left is right from the other side');
    }

    public function testTheCardsOfARoomAndOfTheHomeAreInOnePlace(): void
    {
        $page = $this->spot('Stove shelf');
        $page->follow('Cards')->see('[data-testid="card"]');
        $page->seeText('Brass tapers × 3');
        $page->until(static fn(): bool => 6 === $page->count('[data-testid="card"]'), 'the six dressed spots of the parlour have their cards');
        $page->follow('The whole home')->until(static fn(): bool => 16 === $page->count('[data-testid="card"]'), 'as the sixteen of the home have');

        self::assertStringContainsString('Front door', $page->text());
    }

    public function testWhatASpotIsMadeOfIsChangedForTheHomeAndTakenBack(): void
    {
        $page = $this->spot('Hall console');
        $page->seeText('A console usually has:')->seeText('light 0 of 1');
        $this->browser->executeScript('document.querySelector(\'[data-testid="recipe"] button\').click()');
        $page->seeText('What a console has in Ferry House');
        $page->type('light', '3')->press('Keep it')->seeText('A console has, in this home:')->seeText('light 0 of 3');
        $page->key(WebDriverKeys::CONTROL, 'z', WebDriverKeys::NULL)->seeText('A console usually has:')->seeText('light 0 of 1');
        self::assertStringNotContainsString('light 0 of 3', $page->text());
    }

    /** The last of them: it leaves a spot behind. */
    public function testAPostIsEnteredByALineAndItsGarlandIsWoundByKeys(): void
    {
        $page = $this->page()->signIn();
        $page->drawer('House')->type('One line about a room, a spot or a tote', 'porch: corner post 8 ft, 6 in thick')->press('Take it in');
        $page->seeText('post, 96 in tall, 6 in thick');
        $page->station('Rooms')->see('[data-testid="elevation"]');
        $page->pressAt("//nav[@aria-label='Spots']//a[contains(., 'Corner post')]");
        $page->seeText('96 in high, 6 in thick')->seeText('A post usually has');
        $page->type('Any other piece, by name', 'oak leaf')->press('Oak leaf garland');
        $page->see('[data-testid="placed-Oak leaf garland"]');
        $this->focus('Oak leaf garland');
        $page->key('d')->until(fn(): bool => str_contains($this->label('Oak leaf garland'), '1 turn round it'), 'one turn');
        $this->focus('Oak leaf garland');
        $page->key('d')->until(fn(): bool => str_contains($this->label('Oak leaf garland'), '2 turns round it'), 'two turns');
        $this->focus('Oak leaf garland');
        $page->key(WebDriverKeys::ARROW_UP)->until(fn(): bool => str_contains($this->label('Oak leaf garland'), '1 in from its foot'), 'an inch higher');
        self::assertSame([], $this->severeLogEntries());
    }

    private function spot(string $name): CupboardPages
    {
        $page = $this->page()->signIn();
        $page->station('Rooms')->see('[data-testid="elevation"]');
        $page->pressAt("//nav[@aria-label='Spots']//a[contains(., '{$name}')]");

        return $page->seeText($name);
    }

    private function label(string $piece): string
    {
        $label = $this->browser->executeScript(
            'return document.querySelector(arguments[0])?.getAttribute("aria-label") ?? ""',
            ["[data-testid=\"placed-{$piece}\"]"],
        );

        return \is_string($label) ? $label : '';
    }

    private function focus(string $piece): void
    {
        $this->browser->executeScript('document.querySelector(arguments[0]).focus()', ["[data-testid=\"placed-{$piece}\"]"]);
    }
}
