<?php

declare(strict_types=1);

namespace App\Tests\Browser;

use App\Tests\Browser\Support\BrowserTestCase;
use Facebook\WebDriver\WebDriverKeys;

/** The house measured and changed, a look nudged and given company, and exact measures that stay exact. */
final class HouseAndLookTest extends BrowserTestCase
{
    public function testASpotIsMeasuredRefusedMendedDeletedAndBroughtBack(): void
    {
        $page = $this->page()->signIn();
        $page->drawer('House')->press('New spot in Hall')->type('Name', 'Coat pegs')->type('Width', 'wide')->type('Depth', '9 1/2')
            ->type('Its height', '5 ft 2 in');
        $page->press('Save')->seeText('“wide” is not a length. Write it like 9 1/2 or 9 1/2 in.');
        self::assertSame(
            ['wide', '9 1/2'],
            [$page->value('Width'), $page->value('Depth')],
            'nothing typed is lost',
        );
        $page->type('Width', '3 ft')->press('Save')->seeText('36 in wide, 9 1/2 in deep, 62 in high');
        $page->press('Coat pegs')->press('Delete')->seeText('Coat pegs is taken away')->until(
            static fn(): bool => !str_contains($page->text(), '36 in wide, 9 1/2 in deep, 62 in high'),
            'it is gone',
        );
        $page->press('Undo')->seeText('36 in wide, 9 1/2 in deep, 62 in high');
    }

    public function testAHurriedLineNamesTwoSpotsAndIsTakenInAsALineForEach(): void
    {
        $page = $this->page()->signIn();
        $line = 'One line about a room, a spot or a tote';
        $page->drawer('House')->type($line, "kitchen: plate shelf 4'2 x 9, over the hob, cat sleeps here and counter 60\" x 25")
            ->seeText('are two spots: a line for each.')->press('a line for each')->seeText('1 more line to come')->seeText('✓ Clear');
        $page->press('Take it in')->seeText('Plate shelf over the hob')->seeText('“cat sleeps here”')->seeText('✓ Clear');
        self::assertSame('Kitchen: counter 60 in x 25', $page->value($line), 'the second line is there to be taken in');
        $page->press('Take it in')->seeText('60 in wide, 25 in deep');

        $page->press('Plate shelf over the hob')->seeText('Note')->type('Note', 'the cat has moved out')->press('Save')->seeText('“the cat has moved out”');
        self::assertSame([], $this->severeLogEntries());
    }

    public function testASpotThatIsDressedIsNotDeletedAndSaysWhatToDoFirst(): void
    {
        $page = $this->page()->signIn();
        $page->drawer('House')->press('Stove shelf')->press('Delete')->seeText('Move them first.');

        self::assertStringContainsString('things stand on Stove shelf', $page->text());
    }

    public function testTheMeasuresOfASpotArePulledOnItsPicture(): void
    {
        $page = $this->page()->signIn();
        $page->drawer('House')->press('Corner hutch')->see('[data-testid="pull-measures"]');
        $grip = static fn(string $name): string => "[data-testid=\"pull-measures\"] [aria-label=\"{$name}\"]";
        $this->browser->executeScript('document.querySelector(arguments[0]).focus()', [$grip('Pull its width')]);
        $page->key(WebDriverKeys::ARROW_RIGHT)
            ->until(static fn(): bool => '38 1/2 in' === $page->value('Width'), 'the arrow moves it by half an inch');
        $page->pull($grip('Pull what is clear over board 2') . ' rect', 0, -40);
        $pulled = $page->value('Board 2');
        self::assertGreaterThan(14.0, (float) $pulled, 'pulled up, there is more clear over it');
        self::assertSame('12 in', $page->value('Depth'), 'what was not pulled stays');
        $page->pull($grip('Pull its depth') . ' rect', 0, 30);
        $deep = $page->value('Depth');
        self::assertGreaterThan(12.0, (float) $deep, 'from above it is pulled towards oneself');
        $page->press('Save')->seeText('38 1/2 in wide')->seeText("{$deep} deep");
        $page->press('Corner hutch')->until(static fn(): bool => $pulled === $page->value('Board 2'), 'it is kept as it was pulled');
        self::assertSame([], $this->severeLogEntries());
    }

    public function testSavingAPieceChangesNothingThatWasNotChanged(): void
    {
        $page = $this->page()->signIn();
        $page->drawer('Cupboard')->follow('Unpack a box')->type(
            'One line about a piece',
            'blue vase 24.3 cm, 1234 g',
        )->seeText('✓ Clear')->press('Take it in')->seeText('Blue vase is in');
        $page->drawer('Cupboard')->type('Find in the cupboard', 'blue vase')->until(
            fn(): bool => (bool) $this->browser->executeScript(
                "const one = document.querySelector('[data-testid=\"piece-Blue vase\"]'); one?.click(); return one !== null;",
            ),
            'it stands on a shelf',
        );
        foreach (['Blue vase', 'Sky vase'] as $name) {
            $page->press('Change');
            self::assertSame(['243 mm', '1234 g'], [$page->value('Height, in'), $page->value('Weight of one')]);
            $page->type('Name', 'Sky vase')->press('Save')->seeText('Sky vase');
            $page->until(static fn(): bool => 0 === $page->count('[role="dialog"]'), "{$name} is saved");
        }
    }

    public function testARibbonIsNudgedByKeysAndTheStockAnswersAtOnce(): void
    {
        $page = $this->page()->signIn();
        $page->station('Look')->seeText('pieces sit in this look');
        $page->press('Work on Ember');
        $page->see('section[aria-label="Ribbon Ember"]');
        $before = $this->inTheLook($page->text());
        $dial = $page->seeAt("//label[contains(., 'turned in hue')]/input");
        $dial->sendKeys(array_fill(0, 20, WebDriverKeys::ARROW_RIGHT));
        $page->until(fn(): bool => $this->inTheLook($page->text()) !== $before, 'other pieces are in the look');
        self::assertNotSame('#B5532A', strtoupper($page->value('Colour of Ember')));
        $page->until(function () use ($page, $before): bool {
            $page->key(WebDriverKeys::CONTROL, 'z', WebDriverKeys::NULL);

            return $this->inTheLook($page->text()) === $before;
        }, 'undo brings the colour back, with the slider still in hand');
    }

    public function testCompanyForARibbonIsHungBesideIt(): void
    {
        $page = $this->page()->signIn();
        $page->station('Look')->seeText('pieces sit in this look');
        $page->press('Work on Ember');
        $page->see('section[aria-label="Ribbon Ember"] li button');
        $hung = $page->count('[role="slider"]');
        $this->browser->executeScript("document.querySelector('section[aria-label=\"Ribbon Ember\"] li button').click()");
        $page->until(static fn(): bool => $page->count('[role="slider"]') === $hung + 1, 'one more ribbon hangs');

        self::assertSame(
            100,
            $this->browser->executeScript(
                "return [...document.querySelectorAll('[role=slider]')].reduce((sum, one) => sum + Number(one.getAttribute('aria-valuenow')), 0)",
            ),
        );
    }

    public function testAHandfulIsPulledAsideComparedAndPutTogether(): void
    {
        $page = $this->page()->signIn();
        $page->station('Table')->keysTo('[role="listbox"]', WebDriverKeys::HOME);
        $page->key(WebDriverKeys::SPACE)->key(WebDriverKeys::ARROW_RIGHT)->key(WebDriverKeys::SPACE)->key(WebDriverKeys::ARROW_RIGHT)
            ->key(WebDriverKeys::SPACE)->key('c');
        $page->seeText('3 pieces side by side')->seeText('Colours together')->seeText('Textures');
        $page->press('Put them together…')->seeText('Together')->seeText('Taken from Porch step');

        self::assertSame(3, $page->count('[role="dialog"] input[type="number"]'));
    }

    private function inTheLook(string $text): int
    {
        return 1 === preg_match('/(\d+) (?:of \d+ )?pieces sit in this look/', $text, $match) ? (int) $match[1] : -1;
    }
}
