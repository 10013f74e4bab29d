<?php

declare(strict_types=1);

namespace App\Tests\Browser;

use App\Tests\Browser\Support\BrowserTestCase;

/** The Workbench at 390 px, in the aisle of a shop: figures folded away, the answer first, words in the picture as large as elsewhere. */
final class PhoneBenchTest extends BrowserTestCase
{
    protected const WIDTH = 390;
    protected const HEIGHT = 844;

    public function testTheAnswerComesFirstAndFiguresUnfold(): void
    {
        $page = $this->page()->signIn();
        $page->drawer('Workbench')->see('[data-testid="figures"]');
        $page->choose('Sum', 'Ribbon')->until(fn(): bool => str_contains($this->figures(), 'of ribbon'), 'ribbon is reckoned');
        self::assertLessThan(
            844,
            $this->browser->executeScript('return document.querySelector("[data-testid=figures]").getBoundingClientRect().bottom'),
            'without scrolling',
        );
        $this->browser->executeScript('document.querySelector("main details summary").click()');
        $before = $this->figures();
        $page->type('Length of the run', '20 ft')->until(fn(): bool => $this->figures() !== $before, 'it answers while somebody types');

        self::assertLessThanOrEqual(390, $this->browser->executeScript('return document.documentElement.scrollWidth'), 'the page scrolls sideways');
        self::assertGreaterThanOrEqual(
            10.5,
            $this->browser->executeScript('const text = document.querySelector("[data-testid=bench] text"); return text.getBoundingClientRect().height'),
            'words in the picture can be read',
        );
    }

    public function testEverySumFitsThePhone(): void
    {
        $page = $this->page()->signIn();
        $page->drawer('Workbench')->see('[data-testid="figures"]');
        foreach (['Hooks', 'Lights', 'Table', 'Tree', 'On the wall', 'Cushions', 'Batteries'] as $sum) {
            $page->choose('Sum', $sum)->until(
                fn(): bool => $sum === $this->browser->executeScript('return document.querySelector("main h2")?.firstChild?.textContent?.trim()')
                    && 0 === $page->count('main [aria-busy="true"]'),
                "{$sum} is on the bench",
            );
            self::assertLessThanOrEqual(390, $this->browser->executeScript('return document.documentElement.scrollWidth'), "{$sum} scrolls sideways");
        }
    }

    private function figures(): string
    {
        $text = $this->browser->executeScript('return document.querySelector("[data-testid=figures]")?.textContent ?? ""');

        return \is_string($text) ? $text : '';
    }
}
