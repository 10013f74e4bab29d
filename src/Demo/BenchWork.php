<?php

declare(strict_types=1);

namespace App\Demo;

use BrightCupboard\Core\Day\Crew;
use BrightCupboard\Core\Day\DayTask;
use BrightCupboard\Core\Day\Effort;
use BrightCupboard\Core\Day\Hours;
use BrightCupboard\Core\Day\Lanes;
use BrightCupboard\Core\Day\Phase;
use BrightCupboard\Core\Day\Schedule;
use BrightCupboard\Core\Storage\StoredTote;
use BrightCupboard\Core\Storage\TotePacker;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Work of a size that no home of ours has, for measuring: a day of 1,500 tasks, and 1,000 units to be packed into 120 totes. */
final readonly class BenchWork
{
    private const TASKS = 1500;
    private const PEOPLE = 6;
    private const UNITS = 1000;
    private const TOTES = 120;
    /** Square centimetres of a table 10 by 5 feet. */
    private const TABLE = 46_000;

    public function __construct(private string $projectDir) {}

    public function day(int $seed): Schedule
    {
        $random = new Randomizer(new Mt19937($seed));
        $tasks = [];
        for ($i = 0; $i < self::TASKS; ++$i) {
            $after = [];
            for ($waits = $i > 300 ? $random->getInt(0, 2) : 0; $waits > 0; --$waits) {
                $after['t' . $random->getInt(max(0, $i - 700), $i - 1)] = true;
            }
            $effort = new Effort(
                $random->getInt(2, 30),
                0 === $random->getInt(0, 7) ? 2 : 1,
                laid: $i < 500 ? $random->getInt(0, 900) : -$random->getInt(0, 500),
            );
            $tasks[] = new DayTask(
                't' . $i,
                Phase::cases()[intdiv($i * 6, self::TASKS)],
                'Task ' . $i,
                'Room ' . $i % 17,
                [],
                $effort,
                [],
                [],
                array_keys($after),
                null,
            );
        }

        return (new Lanes(Crew::of(self::PEOPLE), new Hours(), self::TABLE))->schedule($tasks);
    }

    /** @return int units that found a place */
    public function packing(int $seed): int
    {
        $random = new Randomizer(new Mt19937($seed));
        $files = new DemoFiles($this->projectDir . '/demo/ferry-house');
        $totes = array_map(
            static fn(int $i): StoredTote => new StoredTote(
                't' . $i,
                'T' . $i,
                'attic',
                $files->size([$random->getInt(16, 30), $random->getInt(14, 20), $random->getInt(10, 18)]),
                [],
                null,
            ),
            range(1, self::TOTES),
        );
        $rows = $files->pieces();
        $packer = new TotePacker($totes, []);
        for ($units = $i = 0; $units < self::UNITS; ++$i) {
            $count = $random->getInt(1, 6);
            $packer->pack($files->piece($rows[$random->getInt(0, \count($rows) - 1)], 'p' . $i), $count, null);
            $units += $count;
        }

        return array_sum(array_map(array_sum(...), $packer->regrouped()));
    }
}
