<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Stock;

use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\LengthText;
use BrightCupboard\Core\Measure\LengthUnit;
use BrightCupboard\Core\Stock\Cut;
use BrightCupboard\Core\Stock\InvalidStock;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Tests\Core\Support\Make;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Lengths cut off garlands and rolls. */
final class CutTest extends TestCase
{
    /** @return iterable<string, array{float, float, int}> whole and cut length in inches, grams of the whole */
    public static function cuts(): iterable
    {
        yield 'common practice: 9 ft from a garland leaves 3 ft' => [144, 108, 1000];
        yield 'a sliver' => [72, 0.1, 333];
        yield 'all but a sliver' => [72, 71.9, 1];
    }

    #[DataProvider('cuts')]
    public function testNothingIsLostToACut(float $whole, float $cut, int $grams): void
    {
        $piece = Make::piece('garland', PieceKind::Garland, width: $whole, height: 6, grams: $grams);
        [$one, $rest] = $this->cut()->at($piece, null, Length::ofInches($cut), 'one', 'rest');

        self::assertSame(Length::ofInches($cut)->tenths(), $one->piece->size->width->tenths());
        self::assertSame($piece->size->width->tenths(), $one->piece->size->width->tenths() + $rest->piece->size->width->tenths());
        self::assertSame($grams, $one->piece->weight->grams() + $rest->piece->weight->grams());
        self::assertStringContainsString('offcut', $rest->piece->name);
    }

    public function testOfARollAPartRollIsLeftOfTheSameSize(): void
    {
        $roll = Make::piece('velvet ribbon', PieceKind::Ribbon, width: 4, height: 4, grams: 300, count: 3);
        [$one, $rest] = $this->cut()->at($roll, Length::ofInches(360), Length::ofInches(144), 'one', 'rest');

        self::assertEquals([Length::ofInches(144), Length::ofInches(216)], [$one->run, $rest->run]);
        self::assertEquals([$roll->size, $roll->size], [$one->piece->size, $rest->piece->size]);
        self::assertSame(['Velvet ribbon, 12 ft', 'Velvet ribbon, part roll 18 ft'], [$one->piece->name, $rest->piece->name]);
        self::assertSame([1, 1, 120, 180], [$one->piece->count, $rest->piece->count, $one->piece->weight->grams(), $rest->piece->weight->grams()]);
    }

    public function testAPartRollCutAgainAndAgainSaysWhatIsLeftOnce(): void
    {
        $random = new Randomizer(new Mt19937(3));
        [$piece, $left] = [Make::piece('ribbon', PieceKind::Ribbon, width: 4, height: 4, grams: 500), Length::ofInches(360)];
        [$cut, $grams] = [0, 0];
        for ($i = 0; $i < 12; ++$i) {
            [$one, $rest] = $this->cut()->at($piece, $left, Length::ofTenths($random->getInt(1, (int) ($left->tenths() / 3))), "one{$i}", "rest{$i}");
            [$piece, $left, $cut, $grams] = [$rest->piece, $rest->run, $cut + $one->run->tenths(), $grams + $one->piece->weight->grams()];
            self::assertMatchesRegularExpression('/^Ribbon, part roll [^,]+$/', $piece->name);
        }

        self::assertSame([360 * 254, 500], [$cut + $left->tenths(), $grams + $piece->weight->grams()]);
    }

    public function testALongNameKeepsWhatTheLengthIs(): void
    {
        $piece = Make::piece(str_repeat('very long garland ', 7), PieceKind::Garland, width: 72);
        [, $rest] = $this->cut()->at($piece, null, Length::ofInches(24), 'one', 'rest');

        self::assertSame(120, mb_strlen($rest->piece->name));
        self::assertStringEndsWith(', offcut 4 ft', $rest->piece->name);
    }

    /** @return iterable<string, array{PieceKind, float}> kind, length in inches */
    public static function noCuts(): iterable
    {
        yield 'nothing' => [PieceKind::Garland, 0];
        yield 'the whole' => [PieceKind::Garland, 72];
        yield 'more than there is' => [PieceKind::Garland, 80];
        yield 'a thing that is no length' => [PieceKind::Vase, 10];
    }

    #[DataProvider('noCuts')]
    public function testWhatCannotBeCutIsRefused(PieceKind $kind, float $inches): void
    {
        $this->expectException(InvalidStock::class);
        $this->expectExceptionMessage('Thing can be cut to more than nothing and less than its whole 6 ft');
        $this->cut()->at(Make::piece('thing', $kind, width: 72), null, Length::ofInches($inches), 'one', 'two');
    }

    private function cut(): Cut
    {
        return new Cut(new LengthText(LengthUnit::Inch));
    }
}
