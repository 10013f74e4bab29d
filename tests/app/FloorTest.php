<?php

declare(strict_types=1);

namespace App\Tests;

use App\Tests\Support\AppTestCase;

/** Floors measured, furniture planned elsewhere and moved on the day, over HTTP on the demo. */
final class FloorTest extends AppTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
        $this->db()->executeStatement('DELETE FROM furniture_plan');
        $this->db()->executeStatement('DELETE FROM furniture');
        $this->db()->executeStatement('DELETE FROM floor');
    }

    public function testARoomIsMeasuredFurnishedAndLookedOver(): void
    {
        $this->furnish();
        $floor = $this->floor();

        self::assertSame([48768, 36576], [$floor['width'], $floor['depth']]);
        self::assertSame([['kind' => 'door', 'wall' => 'near', 'from' => 6096, 'width' => 8128]], $floor['openings'], 'a door is as wide as doors usually are');
        self::assertSame(['Reading lamp', 'River rug', 'Sofa'], array_column($floor['furniture'], 'name'));
        self::assertSame([], $floor['now'], implode(' ', $floor['now']));
        self::assertSame([], $floor['moves']);
    }

    public function testWhatIsPlannedElsewhereIsMovedOnTheDayAndBackWhenTheTickIsTakenBack(): void
    {
        $ids = $this->furnish();
        $this->call('PUT', $this->swap() . '/furniture/' . $ids['Sofa'] . '/place', ['left' => 5080, 'far' => 20320, 'turns' => 2]);
        $this->call('PUT', $this->swap() . '/furniture/' . $ids['River rug'] . '/place', ['left' => 2540, 'far' => 12700, 'turns' => 0]);
        self::assertSame(204, $this->code(), $this->text());
        $floor = $this->floor();
        self::assertSame(
            ['River rug: 10 in from the left wall, 50 in from the far one', 'Sofa: turned to the far wall, 20 in from the left wall, 80 in from the far one'],
            $floor['moves'],
        );
        self::assertSame([20, true], [$floor['minutes'], $floor['isForTwo']]);

        $tasks = $this->call('POST', $this->swap() . '/day', ['people' => 2])['tasks'];
        $move = array_values(array_filter($tasks, static fn(array $task): bool => 'move furniture' === $task['phase']));
        self::assertCount(1, $move);
        self::assertSame(['Rearrange Parlour', $floor['moves']], [$move[0]['title'], $move[0]['steps']]);
        self::assertCount(2, $move[0]['lanes'], 'what is heavy is for two');
        foreach ($tasks as $task) {
            if ('Parlour' === $task['group'] && 'take down' === $task['phase']) {
                self::assertLessThanOrEqual($move[0]['start'], $task['end'], 'the room is emptied first');
            } elseif ('Parlour' === $task['group'] && \in_array($task['phase'], ['clean', 'set up'], true)) {
                self::assertGreaterThanOrEqual($move[0]['end'], $task['start'], 'and cleaned and dressed afterwards');
            }
        }

        $ticks = 0;
        $tick = function (bool $done) use ($move, &$ticks): array {
            return $this->call('PUT', $this->home() . '/tasks/' . $move[0]['id'], ['done' => $done, 'key' => 'move' . ++$ticks]);
        };
        $tick(true);
        self::assertSame([5080, 20320, 2], array_values($this->placed('Sofa')));
        self::assertSame([], $this->floor()['moves']);
        $this->assertRefused(
            409,
            'Sofa was moved on the day already.',
            $this->call('PUT', $this->swap() . '/furniture/' . $ids['Sofa'] . '/place', ['left' => 0, 'far' => 0, 'turns' => 0]),
        );
        $tick(false);
        self::assertSame([9144, 0, 0], array_values($this->placed('Sofa')));
        $tick(true);
        $this->undo();
        self::assertSame([9144, 0, 0], array_values($this->placed('Sofa')), 'taken back like any act');
    }

    public function testASheetIsOutOfDateWhenFurnitureIsPlannedElsewhere(): void
    {
        $ids = $this->furnish();
        $this->call('POST', $this->swap() . '/day', ['people' => 2]);
        self::assertFalse($this->call('GET', $this->swap() . '/day')['isStale']);
        $this->call('PUT', $this->swap() . '/furniture/' . $ids['Sofa'] . '/place', ['left' => 0, 'far' => 0, 'turns' => 0]);
        self::assertTrue($this->call('GET', $this->swap() . '/day')['isStale']);
        $this->call('PUT', $this->swap() . '/furniture/' . $ids['Sofa'] . '/place', ['left' => 9144, 'far' => 0, 'turns' => 0]);
        self::assertFalse($this->call('GET', $this->swap() . '/day')['isStale'], 'back where it stands, nothing is planned');
    }

    public function testRefusesWhatNoRoomHas(): void
    {
        foreach ([
            [['width' => '16'], 'width'],
            [['width' => 'wide'], 'width'],
            [['openings' => [['kind' => 'door', 'wall' => 'left', 'from' => '11 ft', 'width' => '']]], 'openings[0].from'],
            [['openings' => [['kind' => 'outlet', 'wall' => 'left', 'from' => 'behind the sofa', 'width' => '']]], 'openings[0].from'],
        ] as [$change, $field]) {
            $problem = $this->call('PUT', $this->room() . '/floor', [...$this->measures(), ...$change]);
            self::assertSame([422, $field], [$this->code(), $problem['violations'][0]['field'] ?? ''], $this->text());
        }
        $problem = $this->call(
            'POST',
            $this->room() . '/furniture',
            ['name' => 'Sofa', 'kind' => 'sofa', 'width' => '90 ft', 'depth' => '', 'version' => null],
        );
        self::assertSame([422, 'width'], [$this->code(), $problem['violations'][0]['field']], $this->text());
        $this->furnish();
        $this->assertRefused(409, 'This floor was changed by someone else meanwhile.', $this->call('PUT', $this->room() . '/floor', $this->measures()));
        $late = $this->call(
            'PUT',
            $this->home() . '/furniture/' . $this->id('furniture', 'Sofa'),
            ['name' => 'Settee', 'kind' => 'sofa', 'width' => '', 'depth' => '', 'version' => 99],
        );
        self::assertSame([409, 'Sofa', 21336], [$this->code(), $late['current']['name'], $late['current']['width']], 'both sides are shown');
        $this->signIn(self::HELPER);
        $this->call('POST', $this->room() . '/furniture', ['name' => 'Chair', 'kind' => 'chair', 'width' => '', 'depth' => '', 'version' => null]);
        self::assertSame(403, $this->code());
    }

    public function testFurnitureGoesWithItsPlansAndComesBackWithThem(): void
    {
        $ids = $this->furnish();
        $this->call('PUT', $this->swap() . '/furniture/' . $ids['Sofa'] . '/place', ['left' => 0, 'far' => 0, 'turns' => 1]);
        $this->call('DELETE', $this->home() . '/furniture/' . $ids['Sofa']);
        self::assertSame(204, $this->code());
        self::assertCount(2, $this->floor()['furniture']);
        $this->undo();
        self::assertSame(200, $this->code(), $this->text());
        self::assertSame([0, 0, 1], array_values(array_column($this->floor()['furniture'], 'planned', 'name')['Sofa']));
    }

    /** @return array<string, string> ids by name */
    private function furnish(): array
    {
        $this->call('PUT', $this->room() . '/floor', $this->measures());
        self::assertSame(204, $this->code(), $this->text());
        foreach ([['Sofa', 'sofa', [9144, 0, 0]], ['River rug', 'rug', [7620, 5080, 0]], ['Reading lamp', 'lamp', [2540, 2540, 0]]] as [$name, $kind, $place]) {
            $this->call('POST', $this->room() . '/furniture', ['name' => $name, 'kind' => $kind, 'width' => '', 'depth' => '', 'version' => null]);
            self::assertSame(201, $this->code(), $this->text());
            $this->call(
                'PUT',
                $this->home() . '/furniture/' . $this->id('furniture', $name) . '/place',
                ['left' => $place[0], 'far' => $place[1], 'turns' => $place[2]],
            );
        }

        return array_column($this->floor()['furniture'], 'id', 'name');
    }

    /** @return array<string, mixed> */
    private function measures(): array
    {
        return ['width' => '16 ft', 'depth' => '12 ft', 'openings' => [['kind' => 'door', 'wall' => 'near', 'from' => '2 ft', 'width' => '']], 'version' => 0];
    }

    /** @return array<mixed> */
    private function floor(): array
    {
        return $this->call('GET', $this->swap() . '/floors/' . $this->id('room', 'Parlour'));
    }

    /** @return array<string, int> */
    private function placed(string $name): array
    {
        return array_column($this->floor()['furniture'], 'now', 'name')[$name];
    }

    private function room(): string
    {
        return $this->home() . '/rooms/' . $this->id('room', 'Parlour');
    }
}
