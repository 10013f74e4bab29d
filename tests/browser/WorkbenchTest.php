<?php

declare(strict_types=1);

namespace App\Tests\Browser;

use App\Tests\Browser\Page\CupboardPages;
use App\Tests\Browser\Support\BrowserTestCase;
use Facebook\WebDriver\WebDriverKeys;

/** The Workbench in Chromium: from a spot by a key, live while somebody types, kept, bought, cut, noted at Settle. */
final class WorkbenchTest extends BrowserTestCase
{
    public function testFromASpotByAKeyAndEveryNumberAnswersAtOnce(): void
    {
        $page = $this->benchOf('Landing rail');
        self::assertSame('11 ft', $page->value('Length of the run'));
        $page->type('Length of the run', '16 ft')->until(fn(): bool => str_contains($this->figures(), 'for 1'), 'the figure follows');
        $page->type('Hangs over each end', '1 ft')->until(fn(): bool => str_contains($this->figures(), 'for 18 ft'), '16 ft and a foot at both ends');
        $page->type('Length of the run', 'sixteen')->seeText('“sixteen” is not a length');
        self::assertStringContainsString('for 18 ft', $this->figures(), 'the last good answer stays');
        $page->type('Length of the run', '12 ft')->until(fn(): bool => str_contains($this->figures(), 'for 14 ft'), 'put right, it goes on');
        $page->follow('Hooks')->until(static fn(): bool => '12 ft' === $page->value('Length of the run'), 'nothing is filled in twice');

        $page->until(fn(): bool => str_contains($this->figures(), 'one in the true centre'), 'hooks for the same run');
        self::assertStringContainsString('3 ft apart', $this->figures());
    }

    public function testAChoiceOpensItsFieldsAndThePictureIsThere(): void
    {
        $page = $this->benchOf('Landing rail');
        $page->choose('It runs', 'up a slope')->type('Rise', '20 ft')->seeText('is steeper than a stair');
        $page->type('Rise', '5 ft')->seeText('up a slope: √(11 ft² + 5 ft²)');
        $label = $page->see('[data-testid="bench"] svg')->getAttribute('aria-label');

        self::assertStringContainsString('drawn to scale', (string) $label);
    }

    public function testKeptItIsATaskOfTheDayAndTeachesNextYear(): void
    {
        $page = $this->benchOf('Stove shelf');
        $page->follow('Ribbon')->until(fn(): bool => str_contains($this->figures(), 'of ribbon'), 'ribbon is reckoned');
        $page->type('Keep it as', 'Shelf ribbon')->press('Keep for Midwinter')->see('[data-testid="kept-then"]');
        $page->station('Day sheet')->press('Work the day out')->seeText('Cut ribbon');
        $page->station('Settle')->seeText('What the sums took');
        $page->type('Really used for Shelf ribbon', '20 ft')->key(WebDriverKeys::ENTER)->seeText('20 ft used');
        $page->drawer('Workbench')->follow('Shelf ribbon')->seeText('It took 20 ft of');

        self::assertStringContainsString('more than reckoned', $page->text());
    }

    public function testWhatIsMissingGoesOnTheHaulListAndBackWithOneKey(): void
    {
        $page = $this->benchOf('Stove shelf');
        $page->follow('Hooks')->until(fn(): bool => str_contains($this->figures(), 'hooks'), 'hooks are reckoned');
        $page->type('A pack costs', '4.50')->seeText('for what is missing')->press('Onto the haul list')->seeText('On the haul list: Garland hooks');
        $page->key(WebDriverKeys::CONTROL, 'z', WebDriverKeys::NULL)->seeText('Undone');
        $page->station('Haul')->see('[data-testid="purse"]');

        self::assertStringNotContainsString('Garland hooks', (string) $this->browser->executeScript('return document.querySelector("main").innerText'));
    }

    public function testTheSameFiguresAreCutOnce(): void
    {
        $page = $this->benchOf('Stove shelf');
        $page->follow('Ribbon')->until(fn(): bool => str_contains($this->figures(), 'of ribbon'), 'ribbon is reckoned');
        $page->press('Cut it now')->seeText('lengths are cut for Stove shelf');
        $page->until(
            fn(): bool => true === $this->browser->executeScript(
                'return [...document.querySelectorAll("main button")].find((one) => one.textContent.trim() === "Cut")?.disabled',
            ),
            'it is done',
        );
        $page->drawer('Cupboard')->see('[role="option"]');
        $page->until(
            fn(): bool => true === $this->browser->executeScript(
                'return [...document.querySelectorAll("[role=option]")].some((one) => one.dataset.testid?.includes("part roll"))',
            ),
            'what is left is a part roll in the cupboard',
        );

        self::assertSame(1, $page->count('[data-testid^="piece-Velvet ribbon, 3 rolls, part roll"]'));
    }

    public function testAloneForAnyNumbersOnANewHome(): void
    {
        $page = $this->page()->signIn();
        $page->drawer('Workbench')->see('[data-testid="figures"]');
        foreach (['Batteries' => 'cells', 'Paper' => 'sheet', 'Tree' => 'bulbs', 'On the wall' => 'wide', 'Table' => 'can sit'] as $sum => $word) {
            $page->pressAt("//nav[@aria-label='Sums']//a[normalize-space()='{$sum}']");
            $page->until(fn(): bool => str_contains($this->figures(), $word), "{$sum} is reckoned");
        }
        self::assertSame('Workbench', $page->see('nav a[aria-current="page"] b')->getText());
    }

    private function benchOf(string $spot): CupboardPages
    {
        $page = $this->page()->signIn();
        $page->station('Rooms')->see('[data-testid="elevation"]');
        $page->pressAt("//nav[@aria-label='Spots']//a[contains(., '{$spot}')]");
        $page->seeText($spot)->until(
            fn(): bool => $spot === $this->browser->executeScript('return document.querySelector("main h2")?.textContent'),
            'the spot is open',
        );
        $page->key('g')->seeText('for ' . $spot)->see('[data-testid="figures"]');

        return $page;
    }

    private function figures(): string
    {
        $text = $this->browser->executeScript('return document.querySelector("[data-testid=figures]")?.textContent ?? ""');

        return \is_string($text) ? $text : '';
    }
}
