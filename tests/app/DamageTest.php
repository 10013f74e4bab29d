<?php

declare(strict_types=1);

namespace App\Tests;

use App\Tests\Support\AppTestCase;
use App\Tests\Support\Picture;

/** What is broken, worn or missing when things are handled, and how spots looked, over HTTP on the demo. */
final class DamageTest extends AppTestCase
{
    private const OF_THE_DEMO = 'Warm lights';

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn(self::HELPER);
    }

    public function testWhatBreaksLeavesTheHomeAndNobodyIsSentToPackIt(): void
    {
        $task = $this->takenDown('Kitchen sill');
        $gourds = $task['moves'][0]['piece'];
        $before = $this->unitsByPiece();
        $this->call('POST', $this->home() . '/tasks/' . $task['id'] . '/damages', ['damages' => [['piece' => $gourds, 'damage' => 'broken', 'count' => 2]]]);

        self::assertSame(201, $this->code(), $this->text());
        self::assertSame($before, $this->unitsByPiece(), 'what broke is counted as parted with');
        self::assertSame(2, $this->at($gourds, 'parted'));
        $moved = $this->movedFromTheTable($gourds);
        self::assertSame(1, array_sum(array_column($moved, 'count')), 'one gourd is left to be put away');
        $this->assertRefused(
            409,
            'Sill gourds: 1 of 3 on the table, the others out of the home. Take back what was done after this first.',
            $this->call('PUT', $this->home() . '/tasks/' . $task['id'], ['done' => false, 'key' => 'back']),
        );
        $this->tickAllOpen();
        self::assertTrue($this->call('GET', $this->swap() . '/day')['isThePlan']);
        self::assertSame($before, $this->unitsByPiece());
    }

    public function testABreakageTakenBackIsWholeAgain(): void
    {
        $task = $this->takenDown('Kitchen sill');
        $gourds = $task['moves'][0]['piece'];
        $was = $this->movedFromTheTable($gourds);
        $this->call('POST', $this->home() . '/tasks/' . $task['id'] . '/damages', ['damages' => [['piece' => $gourds, 'damage' => 'broken', 'count' => 3]]]);
        self::assertSame([], $this->movedFromTheTable($gourds));
        $this->undo();

        self::assertSame($was, $this->movedFromTheTable($gourds));
        self::assertSame(0, $this->at($gourds, 'parted'));
        self::assertSame([self::OF_THE_DEMO], array_column($this->call('GET', $this->home() . '/damages')['damages'], 'name'));
    }

    public function testWhatIsWrongIsOfferedToTheHaulOfASeasonThatUsesIt(): void
    {
        $task = $this->takenDown('Stove shelf');
        [$winter, $autumn] = [$task['moves'][0]['piece'], $task['moves'][1]['piece']];
        $this->db()->executeStatement("UPDATE piece SET seasons = '[\"winter\"]' WHERE id = ?", [$winter]);
        $this->db()->executeStatement("UPDATE piece SET seasons = '[\"autumn\"]' WHERE id = ?", [$autumn]);
        $found = $this->call(
            'POST',
            $this->home() . '/tasks/' . $task['id'] . '/damages',
            ['damages' => [['piece' => $winter, 'damage' => 'dead bulbs', 'count' => 1], ['piece' => $autumn, 'damage' => 'a part missing', 'count' => 1]]],
        );
        self::assertSame(201, $this->code(), $this->text());

        $this->signIn();
        self::assertSame([self::OF_THE_DEMO, $found['damages'][0]['name']], array_column($this->call('GET', $this->swap() . '/haul')['damages'], 'name'));
        $line = $this->call('POST', $this->swap() . '/replacements', ['damage' => $found['damages'][0]['id']]);
        self::assertSame(['Bulbs for ' . $found['damages'][0]['name'], 1, 'wanted'], [$line['name'], $line['needed'], $line['state']]);
        self::assertSame([self::OF_THE_DEMO], array_column($this->call('GET', $this->swap() . '/haul')['damages'], 'name'));
        $this->assertRefused(
            409,
            'is on the list of Midwinter already.',
            $this->call('POST', $this->swap() . '/replacements', ['damage' => $found['damages'][0]['id']]),
        );
        $this->call('DELETE', $this->home() . '/damages/' . $found['damages'][1]['id']);
        self::assertSame([self::OF_THE_DEMO, $found['damages'][0]['name']], array_column($this->call('GET', $this->home() . '/damages')['damages'], 'name'));
    }

    public function testRefusesWhatCannotBe(): void
    {
        $task = $this->takenDown('Kitchen sill');
        $path = $this->home() . '/tasks/' . $task['id'] . '/damages';
        $gourds = $task['moves'][0]['piece'];
        foreach ([
            [[], 'Say what is wrong with one of them first.', 'damages'],
            [[['piece' => $gourds, 'damage' => 'broken', 'count' => 0]], 'Say how many', 'damages[0].count'],
            [[['piece' => $gourds, 'damage' => 'broken', 'count' => 4]], 'The task has 3 of it.', 'damages[0].count'],
            [
                [['piece' => $gourds, 'damage' => 'broken', 'count' => 2], ['piece' => $gourds, 'damage' => 'worn', 'count' => 2]],
                'The task has 3 of it.',
                'damages[1].count',
            ],
            [[['piece' => $this->id('piece', 'Heron'), 'damage' => 'worn', 'count' => 1]], 'This piece is not part of the task.', 'damages[0].piece'],
        ] as [$damages, $sentence, $field]) {
            $problem = $this->call('POST', $path, ['damages' => $damages]);
            self::assertSame([422, $field], [$this->code(), $problem['violations'][0]['field']], $this->text());
            self::assertStringContainsString($sentence, $problem['violations'][0]['message']);
        }
        $open = array_values(array_filter($this->call('GET', $this->swap() . '/day')['tasks'], static fn(array $one): bool => !$one['isDone']));
        $this->assertRefused(
            409,
            'Tick it first, then say what was wrong.',
            $this->call(
                'POST',
                $this->home() . '/tasks/' . $open[0]['id'] . '/damages',
                ['damages' => [['piece' => $gourds, 'damage' => 'worn', 'count' => 1]]],
            ),
        );
        $this->tickAllOpen();
        $this->assertRefused(
            409,
            'has been carried on since',
            $this->call('POST', $path, ['damages' => [['piece' => $gourds, 'damage' => 'broken', 'count' => 3]]]),
        );
        self::assertSame(1, (int) $this->db()->fetchOne('SELECT COUNT(*) FROM found_damage'), 'nothing is half kept');
    }

    public function testASpotIsPhotographedBeforeAndAsItStood(): void
    {
        $path = $this->swap() . '/spots/' . $this->id('spot', 'Stove shelf') . '/photos/';
        $this->upload($path . 'before', Picture::png());
        $after = $this->upload($path . 'after', Picture::png());
        self::assertSame(200, $this->code(), $this->text());
        $this->upload($path . 'after', Picture::png());

        $photos = $this->call('GET', $this->home() . '/spot-photos')['photos'];
        self::assertSame(
            [['Midwinter', 'before'], ['Midwinter', 'after']],
            array_map(static fn(array $one): array => [$one['swapName'], $one['moment']], $photos),
            'another takes the place of the one before',
        );
        $this->call('GET', $this->home() . '/spot-photos/' . $after['id']);
        self::assertSame(['image/jpeg', "\xFF\xD8"], [$this->browser->getResponse()->headers->get('Content-Type'), substr($this->text(), 0, 2)]);
        $this->upload($path . 'between', Picture::png());
        self::assertSame(404, $this->code());
        $this->upload($path . 'after', 'no photo');
        self::assertSame(422, $this->code());
        $this->signIn();
        $this->call('DELETE', $this->home() . '/spot-photos/' . $after['id']);
        self::assertCount(1, $this->call('GET', $this->home() . '/spot-photos')['photos']);
        $this->undo();
        self::assertCount(2, $this->call('GET', $this->home() . '/spot-photos')['photos']);
        $this->call('GET', $this->home('Orchard Flat') . '/spot-photos/' . $after['id']);
        self::assertSame(404, $this->code(), 'another home does not show it');
    }

    /** @return array<mixed> the ticked task that takes a spot down */
    private function takenDown(string $spot): array
    {
        $this->signIn();
        foreach ($this->call('POST', $this->swap() . '/day', ['people' => 1])['tasks'] as $task) {
            if ('take down' === $task['phase'] && $task['title'] === $spot) {
                $this->call('PUT', $this->home() . '/tasks/' . $task['id'], ['done' => true, 'key' => 'down' . $task['id']]);
                $this->signIn(self::HELPER);

                return $task;
            }
        }
        self::fail('Nothing is taken down from ' . $spot);
    }

    /** @return list<array<mixed>> moves that open tasks still make with a piece from the table */
    private function movedFromTheTable(string $piece): array
    {
        $open = array_filter($this->call('GET', $this->swap() . '/day')['tasks'], static fn(array $task): bool => !$task['isDone']);
        $moves = array_merge([], ...array_column($open, 'moves'));

        return array_values(array_filter($moves, static fn(array $move): bool => $move['piece'] === $piece));
    }

    private function at(string $piece, string $place): int
    {
        return (int) $this->db()->fetchOne('SELECT count FROM standing WHERE piece_id = ? AND place = ?', [$piece, $place]);
    }

    private function tickAllOpen(): void
    {
        foreach ($this->call('GET', $this->swap() . '/day')['tasks'] as $task) {
            if (!$task['isDone']) {
                $this->call('PUT', $this->home() . '/tasks/' . $task['id'], ['done' => true, 'key' => 'all' . $task['id']]);
                self::assertSame(200, $this->code(), $task['title'] . ': ' . $this->text());
            }
        }
    }
}
