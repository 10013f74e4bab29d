<?php

declare(strict_types=1);

namespace App\Tests\Browser;

use App\Tests\Browser\Page\CupboardPages;
use App\Tests\Browser\Support\BrowserTestCase;
use Facebook\WebDriver\WebDriverKeys;

/** Two people at once, and a line that breaks: neither loses what was typed. */
final class TwoPeopleTest extends BrowserTestCase
{
    public function testDecidingIsTakenBackStepByStep(): void
    {
        $page = $this->page()->signIn();
        $page->station('Table')->seeText('56 of 120 decided')->keysTo('[role="listbox"]', WebDriverKeys::HOME);
        $page->key('n')->key('r')->seeText('57 of 120 decided')->key('n')->key('b')->seeText('58 of 120 decided');
        $page->key(WebDriverKeys::CONTROL, 'z', WebDriverKeys::NULL)->seeText('57 of 120 decided');
        $page->key(WebDriverKeys::CONTROL, 'z', WebDriverKeys::NULL)->seeText('56 of 120 decided');
        self::assertStringNotContainsString('57 of 120', $page->text());
    }

    public function testTwoChangesOfOnePieceShowBothSidesAndKeepWhatWasTyped(): void
    {
        $page = $this->page()->signIn();
        $this->openHeron($page);
        $this->changeElsewhere('Heron', 'Heron of the river');
        $page->type('Name', 'Grey heron')->press('Save');
        $page->seeText('Heron of the river');
        self::assertSame('Grey heron', $page->value('Name'), 'what was typed is still there');
    }

    public function testWhatCannotBeSentIsSaidAndStaysTyped(): void
    {
        $page = $this->page()->signIn();
        $page->drawer('Cupboard')->press('New piece');
        $page->type('Name', 'Salt cellar')->type('Width, in', '3')->type('Depth, in', '3')->type('Height, in', '2');
        self::server()->pause();
        $page->press('Take it in')->seeText('No connection');
        self::assertSame('Salt cellar', $page->value('Name'));
        self::server()->resume();
        $page->press('Take it in')->seeText('Salt cellar is in the cupboard');
    }

    public function testAGroupIsAcceptedAtOnceAndTakenBackAtOnce(): void
    {
        $page = $this->page()->signIn();
        $page->station('Table')->see('[role="listbox"]');
        $decided = fn(): int => 1 === preg_match('/(\d+) of \d+ decided/', $page->text(), $match) ? (int) $match[1] : -1;
        $before = $decided();
        $page->press('By group')->pressAt("//*[@role='menuitem'][contains(., 'Hall')]");
        $page->until(static fn(): bool => $decided() === $before + 5, 'the five of the hall that were open are decided');
        $page->key(WebDriverKeys::CONTROL, 'z', WebDriverKeys::NULL)->until(static fn(): bool => $decided() === $before, 'and open again');
        self::assertStringContainsString('Undone: 5 pieces', $page->text());
    }

    private function openHeron(CupboardPages $page): void
    {
        $page->drawer('Cupboard')->type('Find in the cupboard', 'heron')->pressAt("//*[@data-testid='piece-Heron']");
        $page->press('Change')->see('[role="dialog"]');
    }

    /** The same piece changed from another window of the same person. */
    private function changeElsewhere(string $name, string $newName): void
    {
        $status = $this->browser->executeAsyncScript(<<<'JS'
            const [name, newName, done] = arguments;
            (async () => {
            const home = location.pathname.split('/')[2];
            const me = await (await fetch('/api/me')).json();
            const list = await (await fetch(`/api/homes/${home}/pieces?limit=1000`)).json();
            const piece = list.pieces.find((one) => one.name === name);
            const inWords = (tenths) => `${tenths / 254} in`;
            const { id, kind, count, colours, materials, finish, seasons, hazards, shape, pattern, origin, care, faces, parts, version } = piece;
            const body = { kind, count, colours, materials, finish, seasons, hazards, shape, pattern, origin, care, faces, parts, version,
                name: newName, width: inWords(piece.width), depth: inWords(piece.depth), height: inWords(piece.height), weight: '', costEach: '',
                replacementEach: '', cameOn: '', set: { name: '', of: 0 }, place: '' };
            const answer = await fetch(`/api/homes/${home}/pieces/${id}`,
                { method: 'PUT', headers: { 'Content-Type': 'application/json', 'X-CSRF-Token': me.csrf }, body: JSON.stringify(body) });
            done(`${answer.status} ${answer.ok ? '' : await answer.text()}`);
            })();
            JS, [$name, $newName]);
        self::assertStringStartsWith('200', (string) $status);
    }
}
