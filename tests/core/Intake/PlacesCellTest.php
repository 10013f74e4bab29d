<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Intake;

use BrightCupboard\Core\Intake\Internal\Draft;
use BrightCupboard\Core\Intake\Internal\PlacesCell;
use BrightCupboard\Core\Intake\Internal\PlaceWords;
use BrightCupboard\Core\Intake\KnownPlace;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Where the units of a row are, as people write it in one cell. */
final class PlacesCellTest extends TestCase
{
    /** @return iterable<string, array{string, int, array<string, int>|null}> cell, how many there are, units by place */
    public static function cells(): iterable
    {
        yield 'one tote' => ['A1', 3, ['A1' => 3]];
        yield 'in words' => ['in the tote A1', 3, ['A1' => 3]];
        yield 'a room with one spot' => ['hall', 2, ['console' => 2]];
        yield 'two without numbers' => ['A1, A2', 4, ['A1' => 2, 'A2' => 2]];
        yield 'an odd number goes to the first' => ['A1 & A2', 5, ['A1' => 3, 'A2' => 2]];
        yield 'with numbers' => ['A1 ×3; A2 ×2', 5, ['A1' => 3, 'A2' => 2]];
        yield 'with numbers in brackets' => ['A1 (3), A2 (2)', 5, ['A1' => 3, 'A2' => 2]];
        yield 'with numbers before' => ['3 in A1 and 2 in A2', 5, ['A1' => 3, 'A2' => 2]];
        yield 'one with a number, the rest at the other' => ['A1 (1), A2', 5, ['A1' => 1, 'A2' => 4]];
        yield 'more places than things' => ['A1, A2, hall', 2, ['A1' => 1, 'A2' => 1]];
        yield 'a spot with a comma in its name' => ['sill, kitchen', 1, ['sill' => 1]];
        yield 'lent to somebody' => ['lent to Ana', 1, ['lent' => 1]];
        yield 'on loan' => ['on loan', 1, ['lent' => 1]];
        yield 'missing' => ['missing', 1, ['lost' => 1]];
        yield 'no place at all' => ['Garage', 1, null];
        yield 'one of them no place' => ['A1, Garage', 2, null];
        yield 'could be several' => ['attic', 1, []];
    }

    /** @param array<string, int>|null $expected */
    #[DataProvider('cells')]
    public function testReads(string $cell, int $count, ?array $expected): void
    {
        $places = $this->reader()->read($cell, $count, $draft = new Draft($cell));

        self::assertSame($expected, null === $places ? null : array_column($places, 'units', 'place'));
        self::assertSame('attic' === $cell ? 1 : 0, \count($draft->questions));
    }

    /** Whatever is spread, no unit is lost or made, and no place has a unit more than one before it. */
    public function testWhatIsSpreadAddsUp(): void
    {
        $random = new Randomizer(new Mt19937(4));
        for ($i = 0; $i < 300; ++$i) {
            $names = \array_slice($random->shuffleArray(['A1', 'A2', 'hall', 'kitchen']), 0, $random->getInt(1, 4));
            $count = $random->getInt(\count($names), 40);
            $places = $this->reader()->read(implode(', ', $names), $count, new Draft('')) ?? [];
            $units = array_column($places, 'units');

            self::assertSame([$count, \count($names)], [array_sum($units), \count($units)]);
            self::assertLessThanOrEqual(1, max([0, ...$units]) - min([40, ...$units]));
        }
    }

    public function testWhoHasItIsKeptAsANote(): void
    {
        $this->reader()->read('lent to Ana', 1, $draft = new Draft(''));

        self::assertSame(['lent to Ana'], $draft->care);
    }

    private function reader(): PlacesCell
    {
        return new PlacesCell(new PlaceWords([
            new KnownPlace('A1', 'A1', 'attic'),
            new KnownPlace('A2', 'A2', 'attic'),
            new KnownPlace('console', 'Console', 'Hall'),
            new KnownPlace('sill', 'Sill, kitchen', 'Kitchen'),
        ]));
    }
}
