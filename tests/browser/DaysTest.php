<?php

declare(strict_types=1);

namespace App\Tests\Browser;

use App\Tests\Browser\Support\BrowserTestCase;
use App\Tests\Support\Picture;

/** Days arranged and read in every way; the year and what hangs on it; the next season begun while one is open. */
final class DaysTest extends BrowserTestCase
{
    public function testADayIsArrangedAndReadByTimeRoomPersonAndInLanes(): void
    {
        $page = $this->page()->signIn()->station('Day sheet');
        $page->press('People, hours …')->type('Over by', '16:00')->type('Name', 'Orla')->press('One more person')->press('A break')->press('Save');
        $page->until(static fn(): bool => 0 === $page->count('[role="dialog"]'), 'it is kept');
        $page->press('Work the day out')->see('main input[type="checkbox"]');
        $page->seeText('for Orla, helper and helper 3');
        $page->press('by room', 'radio')->seeText('Take down Front door');
        $page->press('by person', 'radio')->seeText('Orla, that is you')->seeText('All ');
        $page->press('lanes', 'radio')->see('[aria-label="The day in lanes"]');
        $page->until(static fn(): bool => 3 === $page->count('[aria-label="The day in lanes"] [role="group"]'), 'a shelf for each of three');

        $page->press('Another day …')->type('What is done on it', 'The tree')->see('[role="dialog"]');
        $this->browser->executeScript("[...document.querySelectorAll('[role=dialog] label')].find((one) => one.textContent.trim() === 'Tree corner').click()");
        $page->press('Add the day')->seeText('The tree,');
        $page->press('Work the day out')->see('main input[type="checkbox"]');
        $page->seeText('Tree corner');

        // Of it one piece is put on a day of its own, and comes back.
        $this->browser->executeScript("[...document.querySelectorAll('#phase-set-up button')].find((one) => "
            . "one.closest('li').innerText.includes('Tree corner')).click()");
        $page->see('[role="dialog"]');
        $tick = "[...document.querySelectorAll('[role=dialog] label')].find((one) => one.innerText.startsWith(arguments[0])).click()";
        $this->browser->executeScript($tick, ['Tree corner, with all']);
        $this->browser->executeScript($tick, ['Tall fir']);
        $page->choose('Day', 'a new day …')->press('Move');
        $page->until(static fn(): bool => 0 === $page->count('[role="dialog"]'), 'it is moved');
        $days = 'nav[aria-label="Days of this swap"] a';
        $setUp = fn(): string => (string) $this->browser->executeScript("return document.getElementById('phase-set-up')?.innerText ?? ''");
        $page->seeText('Tall fir: done on');
        $page->until(static fn(): bool => 3 === $page->count($days) && !str_contains($setUp(), 'Tall fir'), 'it has a day of its own, and this sheet '
            . 'is laid out without it');
        $page->press('Undo')->until(static fn(): bool => 2 === $page->count($days) && str_contains($setUp(), 'Tall fir'), 'it is back');
        self::assertSame([], $this->severeLogEntries());
    }

    public function testTheYearIsOnOneShelfAndFeastsAreWrittenAsPeopleSayThem(): void
    {
        $page = $this->page()->signIn()->drawer('Calendar')->see('[data-testid="calendar"]');
        $page = $this->page();
        $page->seeText('Swap day of Midwinter')->seeText('What comes next')->seeText('Care today')->seeText('Hall crock: water');
        $page->press('Feasts and traditions …')->type(
            'One on a line: name, colon, when',
            'Tree day 24 Dec',
        )->press('Save')->seeText('“Tree day 24 Dec” is not understood.');
        $page->type('One on a line: name, colon, when', 'Tree day: 24 Dec')->press('Save');
        $page->until(static fn(): bool => 0 === $page->count('[role="dialog"]') && str_contains($page->text(), 'Tree day'), 'the feast hangs on the shelf');
        $page->press('Make a private address')->until(
            static fn(): bool => str_contains($page->value('Private address'), '/feeds/'),
            'there is an address',
        );
        $this->browser->executeScript("document.querySelector('[aria-label=\"Care today\"] input').click()");
        $page->seeText('Hall crock: water, done');
        self::assertNotContains(
            'Hall crock: water',
            $this->browser->executeScript("return [...document.querySelectorAll('[aria-label=\"Care today\"] label')].map((one) => one.textContent.trim())"),
        );
    }

    public function testWhatWaitsForItsDayIsSaidAndGivenOne(): void
    {
        $page = $this->page()->signIn()->drawer('Calendar')->see('[data-testid="calendar"]');
        $page = $this->page();
        $page->press('Feasts and traditions …')->type('One on a line: name, colon, when', 'The attic angels: not before 24 Dec')->press('Save');
        $page->seeText('is no spot, room, kind or piece of this home');
        $db = new \PDO('sqlite:' . self::server()->database);
        $swapDay = new \DateTimeImmutable(
            (string) $db->query(
                'SELECT swap_day FROM swap WHERE closed_at IS NULL AND home_id = (SELECT id FROM home WHERE name = \'Ferry House\')',
            )?->fetchColumn(),
        );
        $eve = $swapDay->modify('+4 days');
        $page->type('One on a line: name, colon, when', "Bells: {$eve->format('j F')}\nTree corner: not before Bells")->press('Save');
        $page->until(static fn(): bool => 0 === $page->count('[role="dialog"]'), 'it is kept');
        $page->station('Day sheet')->see('[data-testid="waiting"]');
        $page->seeText('Tree corner not before')->press('Make')->see('[role="dialog"]');
        self::assertSame('Tree corner', $page->value('What is done on it'));
        self::assertSame($eve->format('Y-m-d'), $page->value('Date'));
        $page->press('Add the day')->seeText('Tree corner,')->press('Work the day out')->see('main input[type="checkbox"]');
        $page->seeText('Tall fir');
        self::assertSame(0, $page->count('[data-testid="waiting"]'), 'nothing waits any more');
    }

    public function testWhatBrokeIsSaidAtTheTickAndFoundAgainAtTheHaul(): void
    {
        $page = $this->page()->signIn()->station('Day sheet')->press('Work');
        $page->see('main input[type="checkbox"]');
        $this->browser->executeScript(
            "[...document.querySelectorAll('main label')].find((one) => one.textContent.includes('Heron')).querySelector('input').click()",
        );
        $page->press('broken, worn …')->choose('Heron', 'a part missing')->press('Note it')->seeText('Heron: 1 a part missing');
        $page->station('Haul')->seeText('Found when it was handled');
        $page->seeText('2 Warm lights: dead bulbs');
        $this->browser->executeScript(
            "[...document.querySelectorAll('[aria-label=\"Found when it was handled\"] li')].find((one) => "
                . "one.textContent.includes('Heron')).querySelector('button').click()",
        );
        $page->seeText('Missing part of Heron is on the list');
        $page->until(static fn(): bool => !str_contains($page->text(), 'Heron: a part missing'), 'it is on the list, not beside it');
        $page->station('Table');
        $page->see('[role="listbox"]');
        $this->browser->executeScript(
            "[...document.querySelectorAll('[role=option]')].find((one) => one.textContent.includes('Heron') || "
                . "one.getAttribute('aria-label')?.includes('Heron')).click()",
        );
        $page->seeText('a part missing, Midwinter, on the haul list');
        self::assertSame([], $this->severeLogEntries());
    }

    public function testASpotIsPhotographedAndSeenAgainWhereItIsDressed(): void
    {
        $page = $this->page()->signIn()->station('Settle')->seeText('How it stood');
        $file = (string) tempnam(sys_get_temp_dir(), 'photo');
        file_put_contents($file, Picture::png());
        $page->give('Photo of Stove shelf as it stood', $file)->seeText('Stove shelf is photographed as it stands');
        $page->station('Rooms')->see('img[alt="Stove shelf, as it stood"]');
        $width = "return document.querySelector('img[alt=\"Stove shelf, as it stood\"]').naturalWidth";
        $page->until(fn(): bool => 0 < $this->browser->executeScript($width), 'the photo itself is there');
        self::assertSame([], $this->severeLogEntries());
    }

    /** The last one: what it begins is the season at hand from then on. */
    public function testTheNextSeasonIsBegunWhileOneIsOpen(): void
    {
        $page = $this->page()->signIn()->drawer('Swaps');
        $page->press('Begin the next swap')->type('Name', 'First Thaw');
        $this->browser->executeScript(
            "const day = document.querySelector('[role=dialog] input[type=date]'); Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "
                . "'value').set.call(day, '2027-03-01'); day.dispatchEvent(new Event('input', { bubbles: true }));",
        );
        $page->press('Begin')->until(fn(): bool => str_ends_with($this->browser->getCurrentURL(), '/look'), 'the swap begun is opened at its look');
        $page->seeText('from Midwinter');
        $page->drawer('Swaps')->seeText('First Thaw, Midwinter are open.');
        $page->press('Strike it …')->seeText('Every spot becomes again what it was in Midwinter');
        self::assertSame([], $this->severeLogEntries());
    }
}
