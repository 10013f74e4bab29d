<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Storage;

use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\LengthUnit;
use BrightCupboard\Core\Measure\Size;
use BrightCupboard\Core\Measure\Weight;
use BrightCupboard\Core\Measure\WeightText;
use BrightCupboard\Core\Stock\Condition;
use BrightCupboard\Core\Stock\Hazard;
use BrightCupboard\Core\Stock\Material;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Storage\Lying;
use BrightCupboard\Core\Storage\Stored;
use BrightCupboard\Core\Storage\StoredTote;
use BrightCupboard\Core\Storage\ToteCheck;
use BrightCupboard\Core\Storage\ToteFinding;
use BrightCupboard\Core\Storage\TotePicture;
use BrightCupboard\Tests\Core\Support\Make;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Totes looked over and drawn. */
final class ToteTest extends TestCase
{
    public function testFillIsPackedVolumeOverTheInside(): void
    {
        $hard = [new Stored(Make::piece('box', width: 10, height: 10, depth: 10, materials: [Material::Tin]), 2)];
        $soft = [new Stored(Make::piece('throw', width: 10, height: 10, depth: 10, materials: [Material::Wool]), 2)];

        self::assertEqualsWithDelta(2000 / 8000, $this->check()->fill($this->tote(20), $hard), 1e-9);
        self::assertEqualsWithDelta(0.45 * 2000 / 8000, $this->check()->fill($this->tote(20), $soft), 1e-9);
    }

    /** @return iterable<string, array{StoredTote, list<Stored>, list<string>}> tote, content, codes */
    public static function contents(): iterable
    {
        $one = static fn(string $id, Material $material, int $grams = 500, array $hazards = [], float $side = 6): Stored => new Stored(
            Make::piece($id, width: $side, height: $side, depth: $side, materials: [$material], grams: $grams, hazards: $hazards),
            1,
        );
        $tote = static fn(array $conditions = [], ?int $grams = null): StoredTote => new StoredTote(
            't',
            'A1',
            'attic',
            Make::size(20, 20, 20),
            $conditions,
            null === $grams ? null : Weight::ofGrams($grams),
        );
        yield 'nothing in it' => [$tote(), [], []];
        yield 'wax where it is hot' => [$tote([Condition::Heat]), [$one('candle', Material::Wax)], ['climate.heat']];
        yield 'wax where it is damp is no harm' => [$tote([Condition::Damp]), [$one('candle', Material::Wax)], []];
        yield 'paper where it is damp and light' => [
            $tote([Condition::Damp, Condition::Light]),
            [$one('star', Material::Paper)],
            ['climate.damp', 'climate.light'],
        ];
        yield 'a heavy thing with one that breaks' => [
            $tote(),
            [$one('urn', Material::Iron, 3000), $one('bauble', Material::Glass, 80, [Hazard::Breakable])],
            ['fragile'],
        ];
        yield 'heavy alone' => [$tote(), [$one('urn', Material::Iron, 3000)], []];
        yield 'too heavy to lift' => [$tote(grams: 2999), [$one('urn', Material::Iron, 3000)], ['heavy']];
        yield 'just light enough' => [$tote(grams: 3000), [$one('urn', Material::Iron, 3000)], []];
        yield 'a thing that goes in no way' => [
            $tote(),
            [$one('pole', Material::Wood, 500, [], 6), new Stored(Make::piece('rod', width: 1, height: 30, depth: 1, materials: [Material::Wood]), 1)],
            ['misfit'],
        ];
        yield 'too full for padding' => [$tote(), [$one('block', Material::Stone, 500, [], 19)], ['full']];
    }

    /**
     * @param list<Stored> $content
     * @param list<string> $codes
     */
    #[DataProvider('contents')]
    public function testFindsWhatLiesBadly(StoredTote $tote, array $content, array $codes): void
    {
        self::assertSame($codes, array_map(static fn(ToteFinding $finding): string => $finding->code, $this->check()->findings($tote, $content)));
    }

    /** Every unit is drawn once, inside the walls, heavy ones no higher than what breaks; nothing stands in anything else. On 60 seeded totes. */
    public function testThePictureHoldsEveryUnitAndNoTwoInOnePlace(): void
    {
        for ($seed = 1; $seed <= 60; ++$seed) {
            $random = new Randomizer(new Mt19937($seed));
            $content = [];
            for ($i = 0; $i < $random->getInt(1, 14); ++$i) {
                $content[] = new Stored(
                    Make::piece(
                        "p{$i}",
                        PieceKind::Box,
                        width: $random->getInt(2, 18),
                        height: $random->getInt(2, 12),
                        depth: $random->getInt(2, 15),
                        materials: [Material::Tin],
                        grams: $random->getInt(100, 4000),
                    ),
                    $random->getInt(1, 3),
                );
            }
            $tote = $this->tote(20);
            $picture = (new TotePicture())->of($tote, $content);

            self::assertCount(array_sum(array_map(static fn(Stored $stored): int => $stored->units, $content)), $picture);
            foreach ($picture as $lying) {
                self::assertGreaterThanOrEqual(0, $lying->left);
                self::assertLessThanOrEqual($tote->inside->width->tenths() * 1.1, $lying->left + $lying->width, "seed {$seed}");
                self::assertSame($lying->bottom + $lying->height > $tote->inside->height->tenths(), $lying->isOver);
            }
            self::assertSame(
                \count($picture),
                \count(array_unique(array_map(static fn(Lying $l): string => "{$l->left} {$l->bottom} {$l->behind}", $picture))),
                "seed {$seed}",
            );
        }
    }

    public function testWhatBreaksLiesOnTopOfWhatIsHeavy(): void
    {
        $glass = new Stored(Make::piece('glass', width: 18, height: 5, depth: 18, hazards: [Hazard::Breakable], grams: 4000), 1);
        $iron = new Stored(Make::piece('iron', width: 18, height: 5, depth: 18, grams: 900), 1);
        $bottoms = array_column(
            array_map(static fn(Lying $lying): array => [$lying->pieceId, $lying->bottom], (new TotePicture())->of($this->tote(20), [$glass, $iron])),
            1,
            0,
        );

        self::assertSame(['iron' => 0, 'glass' => 1270], $bottoms);
    }

    public function testEightCubesOfHalfTheSideFillAToteToTheRim(): void
    {
        $picture = (new TotePicture())->of($this->tote(20), [new Stored(Make::piece('cube', width: 10, height: 10, depth: 10), 8)]);

        self::assertCount(8, array_unique(array_map(static fn(Lying $lying): string => "{$lying->left} {$lying->bottom} {$lying->behind}", $picture)));
        self::assertSame(5080, max(array_map(static fn(Lying $lying): int => $lying->bottom + $lying->height, $picture)));
        self::assertNotContains(true, array_map(static fn(Lying $lying): bool => $lying->isOver, $picture));
    }

    public function testWhatIsTooTallIsLaidOnItsSideAndWhatIsLongAndSoftIsFolded(): void
    {
        $tote = new StoredTote('t', 'A1', 'attic', Make::size(20, 10, 10));
        [$vase] = (new TotePicture())->of($tote, [new Stored(Make::piece('vase', width: 6, height: 18, depth: 6, materials: [Material::Clay]), 1)]);
        [$runner] = (new TotePicture())->of($tote, [new Stored(Make::piece('runner', width: 70, height: 1, depth: 2, materials: [Material::Linen]), 1)]);

        self::assertTrue($vase->isOnSide);
        self::assertSame([4572, 1524], [$vase->width, $vase->height]);
        self::assertFalse($runner->isOnSide);
        self::assertSame([intdiv(17780, 4), 0], [$runner->width, $runner->left], '70 in go into 20 in in four layers');
        self::assertFalse($runner->isOver);
    }

    private function tote(float $side): StoredTote
    {
        return new StoredTote('t', 'A1', 'attic', new Size(Length::ofInches($side), Length::ofInches($side), Length::ofInches($side)));
    }

    private function check(): ToteCheck
    {
        return new ToteCheck(new WeightText(LengthUnit::Inch));
    }
}
