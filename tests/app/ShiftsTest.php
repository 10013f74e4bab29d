<?php

declare(strict_types=1);

namespace App\Tests;

use App\Tests\Support\AppTestCase;

/** What stays at its spot and is planned otherwise: a step of the day, once. */
final class ShiftsTest extends AppTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    public function testWhatStaysAndIsHungOrShiftedIsAStepOfTheDay(): void
    {
        self::assertContains('Arch mirror stays: hang it', $this->stepsOf($this->built(), 'Hall console'), 'it leant there before');
        self::assertSame([], $this->stepsOf($this->built(), 'Porch step'), 'what stands as it stood needs nothing');

        $this->shift('Porch step', 'Door lantern', 10 * 254);
        $day = $this->call('GET', $this->swap() . '/day');
        self::assertTrue($day['isStale'], 'the sheet tells of another place');

        $task = $this->taskOf($this->built(), 'Porch step');
        self::assertSame([['Door lantern stays: 10 in to the right'], []], [$task['steps'], $task['moves']]);
        self::assertGreaterThan(0, $task['minutes']);
    }

    public function testOnceTickedItIsNotAskedForAgainUnlessItIsPlannedAnew(): void
    {
        $this->shift('Porch step', 'Door lantern', 10 * 254);
        $task = $this->taskOf($this->built(), 'Porch step');
        $this->call('PUT', $this->home() . '/tasks/' . $task['id'], ['done' => true, 'key' => 'once']);
        self::assertSame(200, $this->code(), $this->text());

        self::assertSame([true], array_column($this->tasksOf($this->built(), 'Porch step'), 'isDone'));
        $this->shift('Porch step', 'Door lantern', 6 * 254);
        self::assertSame([true, false], array_column($this->tasksOf($this->built(), 'Porch step'), 'isDone'));
    }

    private function shift(string $spot, string $name, int $by): void
    {
        $dressing = $this->call('GET', $this->swap() . '/spots/' . $this->id('spot', $spot));
        $piece = $this->id('piece', $name);
        $one = array_values(array_filter($dressing['placements'], static fn(array $placed): bool => $placed['piece'] === $piece))[0];
        $this->call('PUT', $this->swap() . '/placements/' . $one['id'], [
            'piece' => $piece, 'spot' => $this->id('spot', $spot), 'count' => $one['count'], 'left' => $one['left'] + $by, 'layer' => $one['layer'],
            'raise' => $one['raise'], 'version' => $one['version'], 'tier' => $one['tier'],
        ]);
        self::assertSame(200, $this->code(), $this->text());
    }

    /** @return array<string, mixed> */
    private function built(): array
    {
        return $this->call('POST', $this->swap() . '/day', ['people' => 2]);
    }

    /**
     * @param array<string, mixed> $day
     *
     * @return list<array<string, mixed>> what is set up at a spot
     */
    private function tasksOf(array $day, string $spot): array
    {
        $id = $this->id('spot', $spot);

        return array_values(array_filter($day['tasks'], static fn(array $task): bool => $id === $task['spot'] && 'set up' === $task['phase']));
    }

    /**
     * @param array<string, mixed> $day
     *
     * @return array<string, mixed>
     */
    private function taskOf(array $day, string $spot): array
    {
        return $this->tasksOf($day, $spot)[0] ?? self::fail('Nothing is done at ' . $spot);
    }

    /**
     * @param array<string, mixed> $day
     *
     * @return list<string>
     */
    private function stepsOf(array $day, string $spot): array
    {
        return array_merge(...array_column($this->tasksOf($day, $spot), 'steps'));
    }
}
