<?php

declare(strict_types=1);

namespace App\Tests\Browser;

use App\Tests\Browser\Page\CupboardPages;
use App\Tests\Browser\Support\BrowserTestCase;
use App\Tests\Support\Picture;

/** The page opened anew where there is no signal: it comes from the device, with the day as it was last read. */
final class WithoutASignalTest extends BrowserTestCase
{
    /** What a failed test left without a server is no fault of the next one. */
    protected function tearDown(): void
    {
        self::server()->resume();
        parent::tearDown();
    }

    protected const WIDTH = 390;
    protected const HEIGHT = 844;

    public function testTheDayOpensWithoutASignalAndTicksWaitAndAreSent(): void
    {
        $page = $this->page()->signIn();
        $page->station('Day sheet')->press('Work the day out')->see('main input[type="checkbox"]');
        $this->withTheWorkerAtWork($page);
        $page->see('main input[type="checkbox"]');

        self::server()->pause();
        $this->browser->navigate()->refresh();
        $page->see('main input[type="checkbox"]');
        $this->browser->executeScript("document.querySelectorAll('main input[type=checkbox]')[0].click()");
        $page->seeText('Not sent yet: 1 tick kept on this device');
        $this->browser->navigate()->refresh();
        $page->seeText('Not sent yet: 1 tick kept on this device');
        self::server()->resume();
        $page->until(static fn(): bool => !str_contains($page->text(), 'Not sent yet'), 'the kept tick is sent');
        $page->seeText('done by Orla');
        self::assertSame(1, $page->count('main input[type="checkbox"]:checked'), 'the tick stands once');
    }

    public function testDecisionsLinesAndPhotosWaitToo(): void
    {
        $page = $this->page()->signIn();
        $this->withTheWorkerAtWork($page);
        $page->station('Settle')->seeText('How it stood');
        $page->drawer('Cupboard')->follow('Unpack a box')->see('input[aria-label="One line about a piece"]');
        $page->station('Table')->seeText('56 of 120 decided');
        $page->see('[role="listbox"]');

        self::server()->pause();
        $page->press('Next undecided')->see('section[aria-label="The piece in hand"]');
        $page->key('r')->seeText('26 out and 37 in store to decide')->seeText('Not sent yet: 1 decision kept on this device');
        $page->key('s')->seeText('Not sent yet: 1 decision kept on this device');
        $this->browser->navigate()->refresh();
        $page->seeText('26 out and 37 in store to decide');
        $page->station('Settle')->seeText('How it stood');
        $page->give('Photo of Stove shelf as it stood', $this->photo());
        $page->seeText('Not sent yet: 1 decision and 1 photo kept on this device')->seeText('A photo waits for the signal.');
        $page->drawer('Cupboard')->follow('Unpack a box')->type('One line about a piece', '2 oak bowls 8 in');
        $page->press('Take it in')->seeText('1 line kept on this device without a signal');
        $page->type('One line about a piece', 'a thing, attic')->press('Take it in')->seeText('2 lines kept on this device');
        $this->browser->navigate()->refresh();
        $page->seeText('2 lines kept on this device')->seeText('1 decision and 1 photo');

        self::server()->resume();
        $page->until(static fn(): bool => !str_contains($page->text(), 'Not sent yet'), 'what waited is sent');
        $page->press('Read them now')->press('Take in 1 line')->seeText('Oak bowl');
        $page->press('Leave the rest')->seeText('1 line kept on this device');
        $page->station('Table')->seeText('57 of');
        $page->station('Settle')->see('img[alt="Stove shelf, as it stood"]');
        self::assertStringNotContainsString('Not sent yet', $page->text());
    }

    public function testALineWithAPhotoIsKeptAndTakenInWithIt(): void
    {
        $page = $this->page()->signIn();
        $this->withTheWorkerAtWork($page);
        $page->drawer('Cupboard')->follow('Unpack a box')->see('input[aria-label="One line about a piece"]');
        self::server()->pause();
        $page->type('One line about a piece', 'teal felt bird 5 in, A1');
        $page->give('Photo, with its colours', $this->photo())->seeText('its colours are read when there is a signal');
        $page->press('Take it in')->seeText('1 line, with a photo, kept on this device');
        $page->type('One line about a piece', '2 oak bowls 8 in')->press('Take it in')->seeText('2 lines, 1 of them with a photo, kept on this device');
        $this->browser->navigate()->refresh();
        $page->seeText('2 lines, 1 of them with a photo, kept on this device');

        self::server()->resume();
        $page->press('Take “teal felt bird 5 in, A1” in hand')->seeText('not this one')->press('Take it in');
        $page->until(static fn(): bool => !str_contains($page->text(), 'with a photo'), 'it is not kept any more');
        $page->press('Read it now')->press('Take in 1 line');
        $page->until(static fn(): bool => !str_contains($page->text(), 'kept on this device'), 'nothing is kept any more');
        $db = new \PDO('sqlite:' . self::server()->database);
        $kept = $db->query("SELECT COUNT(*) FROM piece p JOIN photo f ON f.piece_id = p.id WHERE p.name LIKE '%bird%' AND p.height = 1270")?->fetchColumn();
        self::assertSame(1, (int) $kept, 'the bird is in, once, with its photo');
    }

    public function testAPhoneThatIsHandedOnSendsNothingUnderAnotherName(): void
    {
        $page = $this->page()->signIn();
        $page->station('Day sheet');
        $page->until(static fn(): bool => str_contains($page->text(), 'Work the day out') || $page->count('main input[type="checkbox"]') > 0, 'the day');
        if (0 === $page->count('main input[type="checkbox"]')) {
            $page->press('Work the day out')->see('main input[type="checkbox"]');
        }
        $this->withTheWorkerAtWork($page);
        $page->see('main input[type="checkbox"]');
        $before = $page->count('main input[type="checkbox"]:checked');
        self::server()->pause();
        $this->browser->executeScript("[...document.querySelectorAll('main input[type=checkbox]')].find((one) => !one.checked).click()");
        $page->seeText('Not sent yet: 1 tick kept on this device');
        $this->browser->manage()->deleteAllCookies();
        self::server()->resume();

        $page->signIn('helper@ferry-house.example')->station('Day sheet')->seeText('1 act of somebody else waits on this device');
        $page->see('main input[type="checkbox"]');
        self::assertSame($before, $page->count('main input[type="checkbox"]:checked'), 'the helper has ticked nothing');
        $this->browser->manage()->deleteAllCookies();
        $page->signIn()->station('Day sheet')->see('main input[type="checkbox"]');
        $page->until(static fn(): bool => $page->count('main input[type="checkbox"]:checked') === $before + 1, 'what waited is sent by the one who did it');
        self::assertStringNotContainsString('somebody else', $page->text());
    }

    public function testADecisionThatSomebodyElseTookMeanwhileIsNotOverwritten(): void
    {
        $page = $this->page()->signIn();
        $this->withTheWorkerAtWork($page);
        $page->station('Table')->see('[role="listbox"]');
        $page->press('Next undecided')->see('section[aria-label="The piece in hand"]');
        $piece = trim((string) $this->browser->executeScript("return document.querySelector('[aria-label=\"The piece in hand\"] h2').firstChild.textContent"));
        self::assertNotSame('', $piece);
        self::server()->pause();
        $page->key('p')->seeText('Not sent yet: 1 decision kept on this device');
        $db = new \PDO('sqlite:' . self::server()->database);
        $db->exec(
            'INSERT INTO decision (choice, "by", version, swap_id, piece_id) SELECT \'stay\', \'Finn\', 7, s.id, p.id FROM swap s JOIN piece p '
                . 'ON p.home_id = s.home_id WHERE s.closed_at IS NULL AND p.name = ' . $db->quote($piece),
        );
        self::server()->resume();
        $page->seeText('Finn decided on ' . $piece . ' meanwhile: stay.');
        $page->until(static fn(): bool => !str_contains($page->text(), 'Not sent yet'), 'nothing waits any more');
    }

    private function photo(): string
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'photo');
        file_put_contents($file, Picture::png());

        return $file;
    }

    private function withTheWorkerAtWork(CupboardPages $page): void
    {
        $page->until(fn(): bool => true === $this->browser->executeScript('return navigator.serviceWorker?.controller != null'), 'the worker is at work');
        $this->browser->navigate()->refresh();
        $page->see('[data-testid="stations"]');
    }
}
