<?php

declare(strict_types=1);

namespace App\Tests\Browser;

use App\Tests\Browser\Support\BrowserTestCase;
use Facebook\WebDriver\WebDriverKeys;

/** A floor from above: a room measured, furniture brought in, pushed and turned by keys, and moved on the day. */
final class FloorTest extends BrowserTestCase
{
    public function testARoomIsMeasuredFurnishedAndRearranged(): void
    {
        $page = $this->page()->signIn()->station('Rooms');
        $page->see('[data-testid="elevation"]');
        $page->pressAt("//a[@aria-label='The floor of Dining room']");
        $page->seeText('Not measured yet')->press('Measure the floor')->type('Width', '12 ft')->type('Depth', '10 ft')->press('One more')
            ->type('From the left wall', '11 ft')->press('Save')->seeText('This door reaches past');
        $page->type('From the left wall', '2 ft')->press('Save')->seeText('144 in wide, 120 in deep');
        $page->press('Furniture or rug')->choose('What it is', 'table')->type('Called', 'Oak table')->press('Bring it in');
        $page->until(static fn(): bool => 2 === $page->count('figure g[role="button"]'), 'it stands in both drawings');
        $page->press('Furniture or rug')->choose('What it is', 'chair')->press('Bring it in');
        $page->seeText('Chair and Oak table stand in one another.');
        $chair = "return [...document.querySelectorAll('figure')][1].querySelector('[aria-label^=\"Chair\"]')";
        $this->browser->executeScript($chair . '.focus()');
        $page->key(WebDriverKeys::SHIFT, WebDriverKeys::ARROW_RIGHT, WebDriverKeys::ARROW_RIGHT, WebDriverKeys::NULL)->key('r');
        $page->until(
            fn(): bool => str_contains(
                (string) $this->browser->executeScript($chair . ".getAttribute('aria-label')"),
                '24 in from the left wall, 0 in from the far wall, front to the left',
            ),
            'two feet to the right and turned',
        );
        $page->seeText('Chair: turned to the left, 24 in from the left wall, 0 in from the far one');
        $page->station('Day sheet')->press('Work the day out')->see('main input[type="checkbox"]');
        $page->seeText('Rearrange Dining room')->seeText('Rearrange Parlour');
        self::assertSame([], array_filter($this->severeLogEntries(), static fn(string $line): bool => !str_contains($line, '422')));
    }
}
