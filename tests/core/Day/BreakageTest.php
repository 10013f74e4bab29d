<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Day;

use BrightCupboard\Core\Day\Breakage;
use BrightCupboard\Core\Day\DayTask;
use BrightCupboard\Core\Day\Effort;
use BrightCupboard\Core\Day\Phase;
use BrightCupboard\Core\Stock\Move;
use BrightCupboard\Core\Stock\Place;
use PHPUnit\Framework\TestCase;

/** Common sense for swap day: nobody is sent to carry what lies in the bin. */
final class BreakageTest extends TestCase
{
    public function testWhatBrokeOnTheTableIsNotPacked(): void
    {
        $tasks = [$this->task('pack', Phase::PackAway, ['bauble', 6, 'table', 'tote:a'], ['bowl', 1, 'table', 'tote:a'])];

        self::assertSame(['pack' => ['bauble 4 table tote:a', 'bowl 1 table tote:a']], $this->left($tasks, 'bauble', 2, 'table'));
        self::assertSame(['pack' => ['bowl 1 table tote:a']], $this->left($tasks, 'bauble', 6, 'table'));
        self::assertSame([], $this->left($tasks, 'vase', 1, 'table'));
    }

    public function testWhatBrokeAtItsSpotIsNeitherTakenDownNorPacked(): void
    {
        $tasks = [
            $this->task('down', Phase::TakeDown, ['bauble', 6, 'spot:s', 'table']),
            $this->task('pack', Phase::PackAway, ['bauble', 6, 'table', 'tote:a']),
        ];

        self::assertSame(['down' => ['bauble 5 spot:s table'], 'pack' => ['bauble 5 table tote:a']], $this->left($tasks, 'bauble', 1, 'spot:s'));
    }

    public function testWhatWasToStandStillStandsAsLongAsThereAreUnits(): void
    {
        $tasks = [
            $this->task('up', Phase::SetUp, ['bauble', 4, 'table', 'spot:s']),
            $this->task('pack', Phase::PackAway, ['bauble', 2, 'table', 'tote:a']),
        ];

        self::assertSame(['pack' => []], $this->left($tasks, 'bauble', 2, 'table'));
        self::assertSame(['pack' => [], 'up' => ['bauble 3 table spot:s']], $this->left($tasks, 'bauble', 3, 'table'));
    }

    public function testAPieceGoingRoundInCirclesEndsAllTheSame(): void
    {
        $tasks = [$this->task('a', Phase::Fetch, ['bauble', 2, 'tote:a', 'table']), $this->task('b', Phase::PackAway, ['bauble', 2, 'table', 'tote:a'])];

        self::assertSame(['b' => ['bauble 1 table tote:a'], 'a' => ['bauble 1 tote:a table']], $this->left($tasks, 'bauble', 1, 'table'));
    }

    /**
     * @param list<DayTask> $tasks
     *
     * @return array<string, list<string>>
     */
    private function left(array $tasks, string $piece, int $units, string $at): array
    {
        return array_map(
            static fn(array $moves): array => array_map(
                static fn(Move $move): string => "{$move->pieceId} {$move->count} {$move->from->key()} {$move->to->key()}",
                $moves,
            ),
            Breakage::movesLeft($tasks, $piece, $units, Place::ofKey($at)),
        );
    }

    /** @param array{string, int, string, string} ...$moves */
    private function task(string $key, Phase $phase, array ...$moves): DayTask
    {
        $moves = array_map(static fn(array $move): Move => new Move($move[0], $move[1], Place::ofKey($move[2]), Place::ofKey($move[3])), array_values($moves));

        return new DayTask($key, $phase, $key, 'Parlour', $moves, new Effort(2, 1, false, false, 0, 2), [], [], [], null);
    }
}
