<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Sizing;

use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\LengthUnit;
use BrightCupboard\Core\Sizing\InvalidSum;
use BrightCupboard\Core\Sizing\LengthCover;
use BrightCupboard\Core\Sizing\SpotMeasures;
use BrightCupboard\Core\Sizing\Sums;
use BrightCupboard\Core\Sizing\Taken;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Surface\SpotKind;
use BrightCupboard\Tests\Core\Support\Make;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What sums ask for, what they refuse and where, and that units change nothing. */
final class AsksTest extends TestCase
{
    /** @return iterable<string, array{Sums, array<string, Length|float|string|null>, string, string}> figures, the field and the code of the refusal */
    public static function refused(): iterable
    {
        $in = Reckon::inches(...);
        yield 'no length' => [Sums::Garland, ['run' => null], 'run', 'missing'];
        yield 'a run of nothing' => [Sums::Garland, ['run' => Length::zero()], 'run', 'nothing'];
        yield 'a section of nothing' => [Sums::Garland, ['section' => Length::zero()], 'section', 'nothing'];
        yield 'a rail steeper than a wall' => [Sums::Garland, ['shape' => 'slope', 'run' => $in(50), 'rise' => $in(90)], 'rise', 'too steep'];
        yield 'a swag down to the cellar' => [
            Sums::Garland,
            ['shape' => 'swags', 'run' => $in(72), 'swags' => 3.0, 'sag' => $in(60)],
            'sag',
            'too deep a swag',
        ];
        yield 'half a layer' => [Sums::Garland, ['layers' => 1.5], 'layers', 'not whole'];
        yield 'ten thousand hooks' => [Sums::Hooks, ['run' => $in(2400), 'gap' => $in(0.24)], 'gap', 'too many hooks'];
        yield 'hooks of no strength' => [Sums::Hooks, ['margin' => 0.0], 'rating', 'too heavy'];
        yield 'a roll shorter than a cut' => [Sums::Ribbon, ['roll' => $in(10)], 'roll', 'roll too short'];
        yield 'no ribbon at all' => [Sums::Ribbon, ['accents' => 'no'], 'accents', 'no ribbon'];
        yield 'ribbon without end' => [Sums::Ribbon, ['run' => $in(2400), 'accentEvery' => $in(1)], 'accentEvery', 'too many cuts'];
        yield 'baubles without end' => [Sums::Along, ['run' => $in(2400), 'spacing' => $in(1)], 'spacing', 'too many points'];
        yield 'a bottom over the rim' => [Sums::Fill, ['vesselHeight' => $in(8), 'bottom' => $in(8)], 'bottom', 'bottom too high'];
        yield 'a ball larger than the jar' => [Sums::Fill, ['vesselHeight' => $in(2), 'opening' => $in(2), 'item' => $in(8)], 'item', 'larger than the vessel'];
        yield 'a bowl that is a tube' => [Sums::Stems, ['vessel' => 'bowl', 'vesselHeight' => $in(12), 'opening' => $in(6)], 'vesselHeight', 'no bowl'];
        yield 'half a plate' => [Sums::Table, ['people' => 2.5], 'people', 'not whole'];
        yield 'a shape nobody sells' => [Sums::Table, ['tableShape' => 'star'], 'tableShape', 'unknown choice'];
        yield 'a cloth past the floor' => [Sums::Cloth, ['drop' => $in(40)], 'drop', 'past the floor'];
        yield 'a cushion wider than the chair' => [Sums::Cushions, ['seatWidth' => $in(24)], 'backCover', 'cushion too wide'];
        yield 'a picture past the wall' => [Sums::Hanging, ['frameWidth' => $in(90)], 'frameWidth', 'past the wall'];
        yield 'a 3 m tree under 2.4 m' => [
            Sums::Tree,
            ['treeHeight' => Length::ofMillimetres(3000), 'ceiling' => Length::ofMillimetres(2400)],
            'treeHeight',
            'taller than the room',
        ];
        yield 'a window over the ceiling' => [Sums::Statement, ['tall' => 'curtains', 'windowTop' => $in(100)], 'windowTop', 'over the ceiling'];
        yield 'a house full of cells' => [Sums::Batteries, ['draw' => 5000.0, 'devices' => 200.0], 'draw', 'too many cells'];
        yield 'a sheet smaller than the box' => [Sums::Wrap, ['sheetWidth' => $in(5)], 'sheetWidth', 'sheet too small'];
    }

    /** @param array<string, Length|float|string|null> $values */
    #[DataProvider('refused')]
    public function testWhatCannotBeIsSaidAtItsField(Sums $sum, array $values, string $field, string $code): void
    {
        try {
            Reckon::sum($sum, $values);
            self::fail('It was taken.');
        } catch (InvalidSum $refusal) {
            self::assertSame([$field, $code], [$refusal->field, $refusal->said->code]);
        }
    }

    /** @return iterable<string, array{Sums}> */
    public static function sums(): iterable
    {
        foreach (Sums::cases() as $sum) {
            yield $sum->value => [$sum];
        }
    }

    #[DataProvider('sums')]
    public function testWhatIsUsualComesOutInBothUnits(Sums $sum): void
    {
        foreach (LengthUnit::cases() as $unit) {
            $answer = Reckon::sum($sum, unit: $unit);

            self::assertNotSame([], $answer->figures);
            self::assertNotSame([], $answer->working);
            self::assertNotSame([], $answer->sketch->marks);
        }
    }

    #[DataProvider('sums')]
    public function testTheSameLengthsInAnotherUnitComeToTheSame(Sums $sum): void
    {
        $inches = $millimetres = [];
        foreach ($sum->sum()->asks() as $ask) {
            $preset = $ask->preset(LengthUnit::Inch);
            if (\in_array($ask->name, ['volts', 'amps'], true)) {
                $inches[$ask->name] = $millimetres[$ask->name] = 100.0 + ('amps' === $ask->name ? -84.0 : 20.0);
            }
            if ($preset instanceof Length) {
                $inches[$ask->name] = Length::ofInches($preset->inInches());
                $millimetres[$ask->name] = Length::ofMillimetres($preset->inMillimetres());
            }
        }

        self::assertEquals(Reckon::sum($sum, $inches), Reckon::sum($sum, $millimetres, unit: LengthUnit::Centimetre));
    }

    #[DataProvider('sums')]
    public function testEveryMarkLiesInItsPicture(Sums $sum): void
    {
        $sketch = Reckon::sum($sum)->sketch;
        foreach ($sketch->marks as $mark) {
            self::assertGreaterThanOrEqual(0, min([...$mark->xs(), ...$mark->ys()]));
            self::assertLessThanOrEqual($sketch->width, max($mark->xs()));
            self::assertLessThanOrEqual($sketch->height, max($mark->ys()));
        }
    }

    public function testEverySpotHasItsSumsAndTheyComeOutWithItsMeasures(): void
    {
        foreach (SpotKind::cases() as $kind) {
            $spot = Make::spot(kind: $kind);
            foreach (Sums::at($kind) as $sum) {
                $asked = array_fill_keys(array_map(static fn($ask): string => $ask->name, $sum->sum()->asks()), true);

                self::assertNotSame([], Reckon::sum($sum, array_intersect_key(SpotMeasures::of($spot), $asked))->figures, "{$sum->value} at a {$kind->value}");
            }
        }
    }

    /** Against every way there is to choose among up to nine lengths: bought ones fewest, then pieces, then what is over. */
    public function testOwnedLengthsCoverARunAsWellAsAnyChoiceOfThemDoes(): void
    {
        mt_srand(11);
        for ($i = 0; $i < 150; ++$i) {
            $inches = array_map(static fn(): float => mt_rand(10, 90), range(1, mt_rand(1, 9)));
            $total = mt_rand(10, 400);
            $section = mt_rand(30, 90);
            [$taken, $bought] = (new LengthCover())->of($total * 254.0, $section * 254, Reckon::lengths(PieceKind::Garland, ...$inches)->pieces);
            $sum = array_sum(array_map(static fn(Taken $one): float => $one->units * $one->from->run->inInches(), $taken)) + $bought * $section;

            self::assertGreaterThanOrEqual($total, round($sum, 6));
            self::assertEquals(self::best($inches, $total, $section), [$bought, \count($taken), round($sum, 6)], "instance {$i}");
        }
    }

    /**
     * @param list<float> $inches
     *
     * @return array{int, int, float}
     */
    private static function best(array $inches, int $total, int $section): array
    {
        $best = null;
        for ($mask = 0; $mask < 1 << \count($inches); ++$mask) {
            $chosen = array_filter($inches, static fn(int $i): bool => 0 !== ($mask & 1 << $i), \ARRAY_FILTER_USE_KEY);
            $bought = (int) max(0, ceil(($total - array_sum($chosen)) / $section));
            $one = [$bought, \count($chosen), array_sum($chosen) + $bought * $section];
            $best = null === $best || $one < $best ? $one : $best;
        }

        return $best ?? throw new \LogicException('There is always a way.');
    }
}
