<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Measure;

use BrightCupboard\Core\Measure\InvalidMeasure;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\LengthText;
use BrightCupboard\Core\Measure\LengthUnit;
use BrightCupboard\Core\Measure\WeightText;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class LengthTextTest extends TestCase
{
    /** @return iterable<string, array{string, float}> text in an inch home, millimetres */
    public static function lengthsAsPeopleWriteThem(): iterable
    {
        yield 'bare number is the unit of the home' => ['12', 304.8];
        yield 'fraction after a whole' => ['9 1/2', 241.3];
        yield 'fraction alone' => ['3/4 in', 19.05];
        yield 'sign of an inch' => ['9"', 228.6];
        yield 'typographic half' => ['9½ in', 241.3];
        yield 'feet and inches' => ['4 ft 2 in', 1270.0];
        yield 'signs of feet and inches' => ['4′ 2″', 1270.0];
        yield 'centimetres with a comma' => ['24,5 cm', 245.0];
        yield 'millimetres' => ['600 mm', 600.0];
        yield 'metres' => ['1.2 m', 1200.0];
        yield 'a yard is 0.9144 m (international yard and pound agreement, 1959)' => ['1 yd', 914.4];
        yield 'yards in words' => ['10 yards', 9144.0];
        yield 'words' => ['10 inches', 254.0];
        yield 'nothing at all is a length' => ['0', 0.0];
    }

    #[DataProvider('lengthsAsPeopleWriteThem')]
    public function testReadsLengthsAsPeopleWriteThem(string $text, float $millimetres): void
    {
        self::assertEqualsWithDelta($millimetres, (new LengthText(LengthUnit::Inch))->read($text)->inMillimetres(), 0.0501);
    }

    #[TestWith([LengthUnit::Inch, 2286, '9 in'])]
    #[TestWith([LengthUnit::Inch, 6096, '2 ft'])]
    #[TestWith([LengthUnit::Inch, 91440, '30 ft'])]
    #[TestWith([LengthUnit::Inch, 93980, '30 ft 10 in'])]
    #[TestWith([LengthUnit::Centimetre, 19_999, '200 cm'])]
    #[TestWith([LengthUnit::Centimetre, 20_000, '2 m'])]
    #[TestWith([LengthUnit::Centimetre, 91_440, '9.14 m'])]
    public function testWritesWhatRunsAlongInLargerUnits(LengthUnit $unit, int $tenths, string $text): void
    {
        self::assertSame($text, (new LengthText($unit))->writeRun(Length::ofTenths($tenths)));
    }

    #[TestWith([''])]
    #[TestWith(['tall'])]
    #[TestWith(['9 1/0'])]
    #[TestWith(['12 in and a bit'])]
    #[TestWith(['1e9999999999999999999999999999999999999'])]
    public function testRefusesWhatIsNotALengthAndShowsHow(string $text): void
    {
        $this->expectException(InvalidMeasure::class);
        $this->expectExceptionMessage('like 9 1/2 or 9 1/2 in.');
        (new LengthText(LengthUnit::Inch))->read($text);
    }

    public function testRefusesNegativeAndAbsurdLengthsWithTheLimit(): void
    {
        $text = new LengthText(LengthUnit::Centimetre);
        self::assertSame(1_000_000, $text->read('100 m')->tenths());
        foreach ([['-4', 'cannot be negative, got “-4”'], ['101 m', 'at most 100 m (328 ft), got “101 m”']] as [$wrong, $sentence]) {
            try {
                $text->read($wrong);
                self::fail($wrong . ' was taken.');
            } catch (InvalidMeasure $refusal) {
                self::assertStringContainsString($sentence, $refusal->getMessage());
            }
        }
    }

    public function testInchesAndMillimetresOfTheSameLengthAreEqual(): void
    {
        self::assertTrue(Length::ofInches(12)->equals(Length::ofMillimetres(304.8)));
    }

    public function testWhatIsWrittenInEighthsIsReadBackTheSame(): void
    {
        $text = new LengthText(LengthUnit::Inch);
        for ($eighths = 1; $eighths <= 800; $eighths += 7) {
            $length = Length::ofInches($eighths / 8);
            self::assertTrue($length->equals($text->read($text->write($length))), $text->write($length));
        }
        self::assertSame('9 1/2 in', $text->write(Length::ofInches(9.5)));
        self::assertSame('3/8 in', $text->write(Length::ofInches(0.375)));
        self::assertSame('24.5 cm', (new LengthText(LengthUnit::Centimetre))->write(Length::ofMillimetres(245)));
    }

    /** 1 lb = 453.59237 g exactly (international agreement of 1959). */
    #[TestWith(['1 lb', 454])]
    #[TestWith(['1 lb 6 oz', 624])]
    #[TestWith(['12 oz', 340])]
    #[TestWith(['2', 907])]
    #[TestWith(['350 g', 350])]
    #[TestWith(['1,5 kg', 1500])]
    public function testReadsWeights(string $text, int $grams): void
    {
        self::assertSame($grams, (new WeightText(LengthUnit::Inch))->read($text)->grams());
    }

    public function testRefusesWhatIsNoWeight(): void
    {
        $this->expectExceptionMessage('“heavy” is not a weight. Write it like 4 lb or 12 oz.');
        (new WeightText(LengthUnit::Inch))->read('heavy');
    }
}
