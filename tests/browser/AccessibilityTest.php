<?php

declare(strict_types=1);

namespace App\Tests\Browser;

use App\Tests\Browser\Support\BrowserTestCase;
use Facebook\WebDriver\WebDriverKeys;

/** axe-core on every main view, at rest and with its dialogs open: no serious or critical finding. */
final class AccessibilityTest extends BrowserTestCase
{
    private const AXE = '/web/node_modules/axe-core/axe.min.js';

    public function testNoMainViewHasASeriousFinding(): void
    {
        $page = $this->page();
        $this->browser->get(self::server()->url . '/sign-in');
        $page->see('form');
        $found = $this->seriousFindings('sign-in');
        $page->signIn();
        foreach ([
            'Look' => '[data-testid="answer"]', 'Table' => '[role="option"]', 'Rooms' => '[data-testid="coach"]',
            'Haul' => '[data-testid="purse"]', 'Day sheet' => '[data-testid="day"]', 'Settle' => 'table',
        ] as $station => $css) {
            $page->station($station)->see($css);
            $found = [...$found, ...$this->seriousFindings($station)];
        }
        foreach ([
            'Cupboard' => '[role="option"]',
            'House' => 'main section',
            'Workbench' => '[data-testid="bench"]',
            'Swaps' => 'main li',
            'Calendar' => '[data-testid="calendar"]',
            'Ledger' => 'table',
        ] as $drawer => $css) {
            $page->drawer($drawer)->see($css);
            $found = [...$found, ...$this->seriousFindings($drawer)];
        }
        foreach (['Thread through the rooms' => 'thread', 'Nearly right' => 'restyles'] as $tab => $testid) {
            $page->station('Look')->press($tab)->see("[data-testid=\"{$testid}\"]");
            $found = [...$found, ...$this->seriousFindings($tab)];
        }
        $page->drawer('Cupboard')->follow('Tote A1')->press('Count it')->see('[data-testid="stock-take"]');
        $found = [...$found, ...$this->seriousFindings('a tote, counted')];
        $page->drawer('Cupboard')->follow('Unpack a box')->type('One line about a piece', 'brass thing')->see('[data-testid="reading"] button');
        $found = [...$found, ...$this->seriousFindings('intake')];
        $page->follow('From a table instead')->see('input[type="file"]');
        $found = [...$found, ...$this->seriousFindings('table file')];

        self::assertSame([], $found);
    }

    public function testADayInEveryReadingAndAFloorHaveNoSeriousFinding(): void
    {
        $page = $this->page()->signIn();
        $page->station('Rooms')->see('[data-testid="coach"]');
        $page->pressAt("//a[@aria-label='The floor of Parlour']");
        $page->see('figure g[role="button"]');
        $found = $this->seriousFindings('floor');
        foreach (['Measures, doors, outlets' => 'the floor measured', 'Furniture or rug' => 'furniture'] as $button => $dialog) {
            $page->press($button)->see('[role="dialog"]');
            $found = [...$found, ...$this->seriousFindings($dialog)];
            $page->key(WebDriverKeys::ESCAPE)->until(static fn(): bool => 0 === $page->count('[role="dialog"]'), 'Escape closes it');
        }
        $page->station('Day sheet')->press('Work the day out')->see('main input[type="checkbox"]');
        foreach (['by room', 'by person', 'lanes', 'by time'] as $reading) {
            $page->press($reading, 'radio');
            $found = [...$found, ...$this->seriousFindings('the day ' . $reading)];
        }
        $page->press('Another day')->see('[role="dialog"]');
        $found = [...$found, ...$this->seriousFindings('another day')];

        self::assertSame([], $found);
    }

    public function testDialogsHoldTheFocusGiveItBackAndAreAccessible(): void
    {
        $page = $this->page()->signIn();
        $page->drawer('Cupboard')->press('New piece')->see('[role="dialog"]');
        $found = $this->seriousFindings('new piece');
        self::assertTrue($this->browser->executeScript("return document.querySelector('[role=dialog]').contains(document.activeElement)"));
        $page->key(WebDriverKeys::ESCAPE)->until(static fn(): bool => 0 === $page->count('[role="dialog"]'), 'Escape closes it');
        $page->until(
            fn(): bool => 'New piece' === $this->browser->executeScript('return document.activeElement.textContent'),
            'the focus goes back to the button',
        );
        $page->key('?')->seeText('next undecided');
        $found = [...$found, ...$this->seriousFindings('keys')];
        $page->key(WebDriverKeys::ESCAPE)->key('/')->type('What you look for', 'brass under 10 in')->see('[role="dialog"] li');
        $found = [...$found, ...$this->seriousFindings('finder')];
        $page->key(WebDriverKeys::ESCAPE)->station('Look')->press('Take from')->see('[role="dialog"] input[type="file"]');
        $found = [...$found, ...$this->seriousFindings('colours from something real')];
        $page->key(WebDriverKeys::ESCAPE)->station('Table')->keysTo(
            '[role="listbox"]',
            WebDriverKeys::HOME,
            WebDriverKeys::SPACE,
            WebDriverKeys::ARROW_RIGHT,
            WebDriverKeys::SPACE,
        );
        $page->key('c')->seeText('2 pieces side by side')->seeText('Colours together');
        $found = [...$found, ...$this->seriousFindings('side by side')];

        self::assertSame([], $found);
    }

    public function testBadInputIsSaidAtItsFieldAndNothingTypedIsLost(): void
    {
        $page = $this->page()->signIn();
        $page->drawer('Cupboard')->press('New piece');
        $page->type('Name', 'مزهرية 🏺')->type('Width, in', '-4')->type('Depth, in', '5')->type('Height, in', '9 1/2')->press('Take it in');
        $page->seeText('A length cannot be negative, got “-4”.');
        self::assertSame('true', $page->field('Width, in')->getAttribute('aria-invalid'));
        self::assertSame('9 1/2', $page->value('Height, in'));
        $page->type('Width, in', '4')->press('Take it in')->seeText('مزهرية 🏺 is in the cupboard');
    }

    public function testAnEmptyHomeSaysWhatToDoFirst(): void
    {
        $page = $this->page()->signIn();
        $page->press('Ferry House')->press('New home…', 'menuitem');
        $page->type('Name', 'Weir Cottage')->press('Open this home')->seeText('A room, then a spot in it; sizes can wait.');
        $page->drawer('Cupboard')->seeText('Nothing counted yet. Open one box');
        $found = $this->seriousFindings('empty cupboard');
        $page->drawer('Ledger')->seeText('No season yet.');

        self::assertSame([], $found);
    }

    /** @return list<string> */
    private function seriousFindings(string $view): array
    {
        $this->browser->executeScript((string) file_get_contents(\dirname(__DIR__, 2) . self::AXE));
        /** @var list<array{id: string, impact: string, nodes: list<array{html: string}>}> $violations */
        $violations = $this->browser->executeAsyncScript(
            "const done = arguments[0]; axe.run(document, { runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'] }).then((result) => "
                . "done(result.violations));",
        );
        $serious = array_filter($violations, static fn(array $violation): bool => \in_array($violation['impact'], ['serious', 'critical'], true));

        return array_values(array_map(
            static fn(array $violation): string => "{$view}: {$violation['id']} at " . mb_strimwidth($violation['nodes'][0]['html'], 0, 160),
            $serious,
        ));
    }
}
