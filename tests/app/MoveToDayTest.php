<?php

declare(strict_types=1);

namespace App\Tests;

use App\Tests\Support\AppTestCase;
use PHPUnit\Framework\Attributes\TestWith;

/** Spots and single pieces done on another day of the swap, over HTTP on the demo. */
final class MoveToDayTest extends AppTestCase
{
    private string $eve;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
        $this->eve = $this->dayOf('+7 days');
    }

    public function testAPieceIsMovedToANewDayAndBothSheetsAreLaidOutAnew(): void
    {
        $print = $this->id('piece', 'Sprig print');
        $before = $this->call('POST', $this->swap() . '/day', ['people' => 2]);
        self::assertContains($print, $this->pieces($before));
        $stood = $this->unitsByPiece();
        $new = $this->move(['pieces' => [$print], 'target' => 'new day', 'name' => 'The print', 'date' => $this->eve]);
        self::assertSame(['The print', $this->eve], [$new['name'], $new['date']]);

        $first = $this->call('GET', $this->swap() . '/day');
        self::assertFalse($first['isStale'], 'the sheet was laid out anew');
        self::assertNotContains($print, $this->pieces($first));
        $second = $this->call('POST', $this->swap() . '/days/' . $new['id'], ['people' => 1]);
        self::assertSame([$print], array_values(array_unique($this->pieces($second))));
        self::assertSame([$print], $second['ownPieces']);
        self::assertSame(array_column($before['crew'], 'name'), ['you', 'helper'], 'the swap day is for two');
        foreach ([$first, $second] as $sheet) {
            foreach ($sheet['tasks'] as $task) {
                $this->call('PUT', $this->home() . '/tasks/' . $task['id'], ['done' => true, 'key' => 'm' . $task['id']]);
                self::assertSame(200, $this->code(), $task['title'] . ': ' . $this->text());
            }
        }
        self::assertTrue($this->call('GET', $this->swap() . '/days/' . $new['id'])['isThePlan']);
        self::assertTrue($this->call('GET', $this->swap() . '/day')['isThePlan']);
        self::assertSame($stood, $this->unitsByPiece(), 'nothing is made, nothing lost');
    }

    public function testAPieceGoesToAnEarlierDayBackWithItsSpotAndAllOfItIsUndone(): void
    {
        $print = $this->id('piece', 'Sprig print');
        $early = $this->dayOf('-1 day');
        $day = $this->move(['pieces' => [$print], 'target' => 'new day', 'name' => 'Early', 'date' => $early]);
        $sheet = fn(string $path): array => $this->pieces($this->call('POST', $this->swap() . $path, ['people' => 1]));
        self::assertSame([$print, $print], $sheet('/days/' . $day['id']), 'fetched and set up');
        self::assertNotContains($print, $sheet('/day'));

        $this->move(['pieces' => [$print], 'target' => 'with its spot']);
        self::assertSame([], $this->pieces($this->call('GET', $this->swap() . '/days/' . $day['id'])));
        self::assertContains($print, $this->pieces($this->call('GET', $this->swap() . '/day')));
        $this->undo();
        self::assertSame([$print], $this->call('GET', $this->swap() . '/days/' . $day['id'])['ownPieces']);
        self::assertNotContains($print, $this->pieces($this->call('GET', $this->swap() . '/day')), 'the sheets came back with it');
    }

    public function testAPieceOfASpotOfAnotherDayStaysOnTheSwapDay(): void
    {
        [$corner, $fir] = [$this->id('spot', 'Tree corner'), $this->id('piece', 'Tall fir')];
        $day = $this->move(['spots' => [$corner], 'target' => 'new day', 'name' => 'The tree', 'date' => $this->eve]);
        self::assertSame([$corner], $this->call('GET', $this->swap() . '/days/' . $day['id'])['spots']);
        $this->move(['pieces' => [$fir], 'target' => 'swap day']);
        self::assertContains($fir, $this->pieces($this->call('POST', $this->swap() . '/day', ['people' => 2])));
        self::assertNotContains($fir, $this->pieces($this->call('POST', $this->swap() . '/days/' . $day['id'], ['people' => 2])));

        $this->move(['spots' => [$corner], 'target' => 'swap day']);
        self::assertSame([], $this->call('GET', $this->swap() . '/days/' . $day['id'])['spots']);
        $this->call('DELETE', $this->swap() . '/days/' . $day['id']);
        self::assertSame(204, $this->code());
    }

    public function testWhatTrimsATreeComesWithItAndNotBefore(): void
    {
        [$fir, $star] = [$this->id('piece', 'Tall fir'), $this->id('piece', 'Paper star')];
        $this->call('POST', $this->swap() . '/day', ['people' => 2]);
        $day = $this->move(['pieces' => [$fir], 'target' => 'new day', 'name' => 'The tree', 'date' => $this->eve]);
        $later = $this->pieces($this->call('POST', $this->swap() . '/days/' . $day['id'], ['people' => 2]));
        self::assertContains($star, $later, 'it cannot hang on a tree that is not there');
        self::assertNotContains($star, $this->pieces($this->call('GET', $this->swap() . '/day')));

        $problem = $this->call('POST', $this->swap() . '/day-moves', ['spots' => [], 'pieces' => [$star], 'target' => 'swap day']);
        self::assertSame(422, $this->code(), $this->text());
        self::assertStringContainsString('goes on or in the Tall fir, which comes later', $problem['violations'][0]['message']);
        self::assertSame([$fir], $this->call('GET', $this->swap() . '/days/' . $day['id'])['ownPieces'], 'nothing is changed by a refusal');

        $this->move(['pieces' => [$star, $fir], 'target' => 'swap day']);
        $swapDay = $this->call('GET', $this->swap() . '/day');
        self::assertSame([], array_diff([$star, $fir], $this->pieces($swapDay)), 'both together go anywhere');
        self::assertFalse($swapDay['isStale']);
    }

    public function testWhatStandsInTheWayIsSaid(): void
    {
        $this->move(['pieces' => [$this->id('piece', 'Wheat wreath')], 'target' => 'new day', 'name' => 'Late', 'date' => $this->eve]);

        self::assertContains(
            '1 still there when its spot is dressed: see that both have room, or move it on that day: Wheat wreath.',
            $this->call('GET', $this->swap() . '/day')['warnings'],
        );
    }

    /** A home document keeps the days of pieces. */
    public function testTheHomeDocumentKeepsIt(): void
    {
        $print = $this->id('piece', 'Sprig print');
        $this->move(['pieces' => [$print], 'target' => 'new day', 'name' => 'The print', 'date' => $this->eve]);
        $document = $this->call('GET', $this->home() . '/document');

        self::assertContains([$print], array_column($document['days'], 'ownPieces'));
        self::assertSame([[]], array_values(array_unique(array_column($document['swaps'], 'ownPieces'), \SORT_REGULAR)));
    }

    /** @param array<string, mixed> $change */
    #[TestWith([[], 'Choose what is to be done on another day.', 'pieces'])]
    #[TestWith([['pieces' => ['01HX0000000000000000000000']], 'One of these pieces is not there any more', 'pieces'])]
    #[TestWith([['spots' => ['01HX0000000000000000000000']], 'One of these spots is not there any more', 'spots'])]
    #[TestWith([['pieces' => ['Sprig print'], 'target' => 'other day', 'day' => '01HX0000000000000000000000'], 'That day is not there any more', 'target'])]
    #[TestWith([['pieces' => ['Sprig print'], 'target' => 'new day', 'date' => '2020-01-01', 'name' => 'Print'], 'That day is over', 'date'])]
    #[TestWith([['pieces' => ['Sprig print'], 'target' => 'new day', 'date' => 'the 40th', 'name' => 'Print'], 'the 40th', 'date'])]
    #[TestWith([['pieces' => ['Sprig print'], 'target' => 'new day', 'date' => '2031-12-24', 'name' => ' '], 'needs a name', 'name'])]
    #[TestWith([['spots' => ['Sofa'], 'target' => 'with its spot'], 'a spot needs a day', 'target'])]
    public function testRefusesWhatCannotBe(array $change, string $sentence, string $field): void
    {
        foreach (['pieces' => 'piece', 'spots' => 'spot'] as $list => $table) {
            $change[$list] = array_map(fn(string $one): string => str_starts_with($one, '01') ? $one : $this->id($table, $one), $change[$list] ?? []);
        }
        $problem = $this->call('POST', $this->swap() . '/day-moves', ['target' => 'swap day', ...$change]);

        self::assertSame(422, $this->code(), $this->text());
        self::assertContains($field, array_column($problem['violations'], 'field'));
        self::assertStringContainsString($sentence, implode(' ', array_column($problem['violations'], 'message')));
        self::assertSame(0, (int) $this->db()->fetchOne('SELECT COUNT(*) FROM work_day'), 'nothing is kept of it');
    }

    public function testATraditionAndAnotherHomeAreInTheWay(): void
    {
        $calendar = $this->call('GET', $this->home() . '/calendar');
        $until = $this->dayOf('+4 days', 'j M');
        $this->call(
            'PUT',
            $this->home() . '/calendar',
            ['feasts' => "Sprig print: not before {$until}", 'hemisphere' => 'north', 'version' => $calendar['version']],
        );
        self::assertSame(200, $this->code(), $this->text());
        $problem = $this->call(
            'POST',
            $this->swap() . '/day-moves',
            ['spots' => [], 'pieces' => [$this->id('piece', 'Sprig print')], 'target' => 'new day', 'name' => 'Print', 'date' => $this->dayOf('+2 days')],
        );
        self::assertSame(422, $this->code(), $this->text());
        self::assertStringContainsString('Sprig print waits until', $problem['violations'][0]['message']);

        $this->signIn(self::HELPER);
        $this->call('POST', $this->swap() . '/day-moves', ['spots' => [], 'pieces' => [$this->id('piece', 'Sprig print')], 'target' => 'swap day']);
        self::assertSame(403, $this->code());
    }

    /**
     * @param array<string, mixed> $change
     *
     * @return array<string, mixed>
     */
    private function move(array $change): array
    {
        $day = $this->call('POST', $this->swap() . '/day-moves', ['spots' => [], 'pieces' => [], ...$change]);
        self::assertSame(200, $this->code(), $this->text());

        return $day;
    }

    /**
     * @param array<string, mixed> $day
     *
     * @return list<string> ids of what is moved on it, in the order of the sheet
     */
    private function pieces(array $day): array
    {
        return array_merge(...array_map(static fn(array $task): array => array_column($task['moves'], 'piece'), $day['tasks']));
    }

    private function dayOf(string $later, string $format = 'Y-m-d'): string
    {
        $swapDay = $this->call('GET', $this->swap() . '/day')['date'];

        return (new \DateTimeImmutable($swapDay))->modify($later)->format($format);
    }
}
