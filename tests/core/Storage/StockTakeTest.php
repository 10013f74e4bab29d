<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Storage;

use BrightCupboard\Core\Stock\Move;
use BrightCupboard\Core\Stock\Place;
use BrightCupboard\Core\Stock\Whereabouts;
use BrightCupboard\Core\Storage\StockTake;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A tote counted against the books. */
final class StockTakeTest extends TestCase
{
    public function testACountThatAgreesChangesNothing(): void
    {
        $result = (new StockTake())->of('a', new Whereabouts(['jug' => ['tote:a' => 2, 'spot:s' => 1]]), ['jug' => 2]);

        self::assertSame([[], [], []], [$result->missing, $result->extra, $result->unknown]);
    }

    public function testWhatIsNotNamedWasNotFoundAndIsLost(): void
    {
        $result = (new StockTake())->of('a', new Whereabouts(['jug' => ['tote:a' => 2]]), []);

        self::assertEquals([new Move('jug', 2, Place::tote('a'), Place::ofKey('lost'))], $result->missing);
    }

    public function testWhatIsTooMuchIsFirstWhatWasLost(): void
    {
        $result = (new StockTake())->of('a', new Whereabouts(['jug' => ['tote:a' => 1, 'spot:s' => 1, 'lost' => 1, 'tote:b' => 1]]), ['jug' => 3]);

        self::assertEquals(
            [new Move('jug', 1, Place::ofKey('lost'), Place::tote('a')), new Move('jug', 1, Place::tote('b'), Place::tote('a'))],
            $result->extra,
        );
        self::assertSame([], $result->unknown);
    }

    public function testMoreThanAreOwnedIsSaidAndNothingIsMadeUp(): void
    {
        $result = (new StockTake())->of('a', new Whereabouts(['jug' => ['tote:a' => 1]]), ['jug' => 4]);

        self::assertSame([[], ['jug' => 3]], [$result->extra, $result->unknown]);
    }

    /** After the moves the tote holds what was counted, as far as so many are owned, and no unit is made or lost. On 200 seeded counts. */
    public function testTheBooksThenAgreeAndEveryUnitIsKept(): void
    {
        for ($seed = 1; $seed <= 200; ++$seed) {
            $random = new Randomizer(new Mt19937($seed));
            $units = $counted = [];
            foreach (['jug', 'bell', 'hare', 'star'] as $piece) {
                foreach (['tote:a', 'tote:b', 'spot:s', 'lost', 'loose'] as $place) {
                    $units[$piece][$place] = $random->getInt(0, 3);
                }
                $units[$piece] = array_filter($units[$piece]);
                $counted[$piece] = $random->getInt(0, 6);
            }
            $books = new Whereabouts($units);
            $result = (new StockTake())->of('a', $books, $counted);
            $after = array_reduce([...$result->missing, ...$result->extra], static fn(Whereabouts $now, Move $move): Whereabouts => $now->after($move), $books);
            foreach (array_keys($units) as $piece) {
                self::assertSame($books->count($piece), $after->count($piece), "seed {$seed}");
                self::assertSame($counted[$piece] - ($result->unknown[$piece] ?? 0), $after->at($piece, Place::tote('a')), "seed {$seed}, {$piece}");
            }
        }
    }
}
