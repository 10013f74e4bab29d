<?php

declare(strict_types=1);

namespace App\Tests;

use App\Tests\Support\AppTestCase;
use PHPUnit\Framework\Attributes\DataProvider;

/** What was done is written down once an act, by whom, and every act has its way back. */
final class JournalTest extends AppTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    public function testAnActSaysWhatItDidAndWhatIsOutOfDate(): void
    {
        $this->call('DELETE', $this->home() . '/pieces/' . $this->id('piece', 'Ice hare'));
        $headers = $this->browser->getResponse()->headers;

        self::assertSame('Ice hare is deleted', rawurldecode((string) $headers->get('X-Said')));
        self::assertContains('pieces', explode(' ', (string) $headers->get('X-Out-Of-Date')));
        self::assertSame([(string) $headers->get('X-Entry'), 'Ice hare is deleted', 'Orla', true], $this->told($this->entries()[0]));
    }

    public function testAReadingAndARefusedActLeaveNoEntry(): void
    {
        $this->call('GET', $this->swap() . '/table');
        self::assertFalse($this->browser->getResponse()->headers->has('X-Entry'));
        $this->call('DELETE', $this->home() . '/pieces/' . $this->id('piece', 'Heron'));

        self::assertSame(409, $this->code());
        self::assertSame([], $this->entries());
    }

    /** Standing a piece here also decides it: both go back with one undo, and come again with one redo. */
    public function testACompoundActGoesBackWhole(): void
    {
        $piece = $this->id('piece', 'Ice hare');
        $this->place('Ice hare', 'Landing ledge');
        self::assertSame(['bring', 1], $this->planned($piece));
        $this->undo();
        self::assertSame([null, 0], $this->planned($piece));
        $this->call('POST', $this->home() . '/redo');

        self::assertSame(['bring', 1], $this->planned($piece));
        self::assertSame('Done again: Ice hare stands on Landing ledge', $this->entries()[0]['sentence']);
    }

    public function testBringingAPieceForAGapOpensTheGapAgainWhenUndone(): void
    {
        $need = (string) $this->db()->fetchOne('SELECT n.id FROM need n WHERE n.filled_by IS NULL AND n.removed_at IS NULL ORDER BY n.id');
        $places = (int) $this->db()->fetchOne('SELECT COUNT(*) FROM placement');
        $this->call('PUT', $this->home() . "/needs/{$need}/piece", ['piece' => $this->id('piece', 'Ice hare')]);
        self::assertSame(200, $this->code(), $this->text());
        $this->undo();

        self::assertNull($this->db()->fetchOne('SELECT filled_by FROM need WHERE id = ?', [$need]) ?: null);
        self::assertSame($places, (int) $this->db()->fetchOne('SELECT COUNT(*) FROM placement'));
    }

    public function testWhatSomebodyElseHasChangedSinceIsNotUndoneAndSaysWho(): void
    {
        $heron = $this->id('piece', 'Ice hare');
        $from = (string) $this->db()->fetchOne('SELECT place FROM standing WHERE piece_id = ? AND count > 0', [$heron]);
        $this->move($heron, $from, 'loose');
        $mine = $this->entries()[0]['id'];
        $this->signIn(self::HELPER);
        $this->move($heron, 'loose', 'table');
        $this->signIn();
        $problem = $this->call('POST', $this->home() . "/journal/{$mine}/undo");

        $this->assertRefused(409, 'cannot be undone: since then Bram', $problem);
        self::assertSame(1, (int) $this->db()->fetchOne("SELECT count FROM standing WHERE piece_id = ? AND place = 'table'", [$heron]));
    }

    public function testAThingThatWasUsedSinceIsNotUnmade(): void
    {
        $room = $this->call('POST', $this->home() . '/rooms', ['name' => 'Boat shed', 'round' => 9])['id'];
        $entry = $this->entries()[0]['id'];
        $spot = $this->call(
            'POST',
            $this->home() . '/spots',
            [
                'room' => $room,
                'name' => 'Long bench',
                'kind' => 'bench',
                'width' => '60',
                'depth' => '14',
                'ledgeHeight' => '18',
                'clearHeight' => '',
                'seenFrom' => 'front',
                'keepClear' => [],
                'wall' => '#FFFFFF',
                'hazards' => [],
                'focalRank' => 9,
            ],
        );
        self::assertArrayHasKey('id', $spot, $this->text());
        $this->assertRefused(409, 'Long bench is a spot in Boat shed', $this->call('POST', $this->home() . "/journal/{$entry}/undo"));
        $this->undo();
        $this->call('POST', $this->home() . "/journal/{$entry}/undo");

        self::assertSame(200, $this->code(), $this->text());
        self::assertNotContains('Boat shed', array_column($this->call('GET', $this->home() . '/house')['rooms'], 'name'));
    }

    public function testAHelperUndoesOnlyWhatTheyDidThemselves(): void
    {
        $hare = $this->id('piece', 'Ice hare');
        $from = (string) $this->db()->fetchOne('SELECT place FROM standing WHERE piece_id = ? AND count > 0', [$hare]);
        $this->move($hare, $from, 'loose');
        $mine = $this->entries()[0]['id'];
        $this->signIn(self::HELPER);

        $this->assertRefused(403, 'Orla did that.', $this->call('POST', $this->home() . "/journal/{$mine}/undo"));
        $this->assertRefused(409, 'nothing of yours to undo', $this->undo());
    }

    public function testAClosedSeasonStaysAsItWas(): void
    {
        $note = $this->call('POST', $this->swap() . '/notes', ['text' => 'More candles on the sill.', 'spot' => null])['id'];
        $swap = $this->swap();
        $this->call('POST', $swap . '/close', ['leaveOpen' => true]);
        self::assertSame(200, $this->code(), $this->text());

        $this->assertRefused(409, 'is closed and kept as it was', $this->undo());
        foreach ([
            ['DELETE', $this->home() . '/notes/' . $note, null],
            ['POST', $swap . '/notes', ['text' => 'Late', 'spot' => null]],
            ['POST', $swap . '/day', ['people' => 1]],
            ['PUT', $this->home() . '/looks/' . $this->db()->fetchOne('SELECT look_id FROM swap WHERE id = ?', [basename($swap)]), []],
        ] as [$method, $path, $body]) {
            $this->assertRefused(409, 'is closed and kept as it was', $this->call($method, $path, $body));
        }
    }

    /** @return iterable<string, array{string, string}> what is asked about, and what the answer is then about */
    public static function questions(): iterable
    {
        yield 'a piece' => ['piece', 'Ice hare'];
        yield 'a spot' => ['spot', 'Landing ledge'];
    }

    #[DataProvider('questions')]
    public function testTheJournalIsTheHistoryOfAThing(string $table, string $name): void
    {
        $this->place('Ice hare', 'Landing ledge');
        $this->call('POST', $this->home() . '/rooms', ['name' => 'Boat shed', 'round' => 9]);
        $about = $this->call('GET', $this->home() . '/journal?about=' . $table . ':' . $this->id($table, $name))['entries'];

        self::assertSame(['Ice hare stands on Landing ledge'], array_column($about, 'sentence'));
        self::assertCount(2, $this->entries());
        self::assertSame([], $this->call('GET', $this->home() . '/journal?by=nobody')['entries']);
    }

    public function testATakenBackTickIsNotSwallowedByItsKey(): void
    {
        $this->call('POST', $this->swap() . '/day', ['people' => 1]);
        $task = $this->call('GET', $this->swap() . '/day')['tasks'][0]['id'];
        $tick = fn(bool $done): array => $this->call('PUT', $this->home() . '/tasks/' . $task, ['done' => $done, 'key' => 'from the porch']);
        $isDone = fn(): bool => array_column($this->call('GET', $this->swap() . '/day')['tasks'], 'isDone', 'id')[$task];
        $tick(true);
        $tick(false);
        self::assertFalse($isDone(), 'the same key the other way is an act of its own');
        $tick(true);

        self::assertFalse($isDone(), 'the same key the same way is a repetition');
    }

    private function place(string $piece, string $spot): void
    {
        $this->call(
            'POST',
            $this->swap() . '/placements',
            ['piece' => $this->id('piece', $piece), 'spot' => $this->id('spot', $spot), 'count' => 1, 'left' => null, 'layer' => null, 'raise' => 0],
        );
        self::assertSame(201, $this->code(), $this->text());
    }

    private function move(string $piece, string $from, string $to): void
    {
        $this->call('POST', $this->home() . "/pieces/{$piece}/moves", ['count' => 1, 'from' => $from, 'to' => $to]);
        self::assertSame(200, $this->code(), $this->text());
    }

    /** @return array{string|null, int} what is decided, and how many places are planned */
    private function planned(string $piece): array
    {
        $swap = basename($this->swap());
        $choice = $this->db()->fetchOne('SELECT choice FROM decision WHERE swap_id = ? AND piece_id = ?', [$swap, $piece]);

        return [
            \is_string($choice) ? $choice : null,
            (int) $this->db()->fetchOne('SELECT COUNT(*) FROM placement WHERE swap_id = ? AND piece_id = ?', [$swap, $piece]),
        ];
    }

    /** @return list<array<string, mixed>> */
    private function entries(): array
    {
        return $this->call('GET', $this->home() . '/journal')['entries'];
    }

    /**
     * @param array<string, mixed> $entry
     *
     * @return list<mixed>
     */
    private function told(array $entry): array
    {
        return [$entry['id'], $entry['sentence'], $entry['by'], $entry['canBeUndone']];
    }
}
