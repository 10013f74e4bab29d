<?php

declare(strict_types=1);

namespace App\Tests;

use App\Entity\Home;
use App\Http\InvalidInput;
use App\Http\Violation;
use App\Workbench\SumReader;
use App\Workbench\SumValueInput;
use BrightCupboard\Core\Measure\LengthUnit;
use BrightCupboard\Core\Money\Money;
use BrightCupboard\Core\Sizing\Sums;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Figures of a sum as people write them, in both units. */
final class SumReaderTest extends TestCase
{
    /**
     * @return iterable<string, array{LengthUnit, Sums, string, string, float}> unit, sum, field, what is written, what is read: inches,
     *         grams, litres or a number
     */
    public static function written(): iterable
    {
        [$in, $cm] = [LengthUnit::Inch, LengthUnit::Centimetre];
        yield 'feet and inches' => [$in, Sums::Garland, 'run', '12 ft 6 in', 150];
        yield 'marks' => [$in, Sums::Garland, 'run', '12\' 6"', 150];
        yield 'bare inches' => [$in, Sums::Garland, 'run', '150', 150];
        yield 'a fraction' => [$in, Sums::Garland, 'run', '9 1/2', 9.5];
        yield 'metres at home with inches' => [$in, Sums::Garland, 'run', '2,54 m', 100];
        yield 'bare centimetres' => [$cm, Sums::Garland, 'run', '254', 100];
        yield 'a comma' => [$cm, Sums::Garland, 'run', '25,4', 10];
        yield 'pounds' => [$in, Sums::Hooks, 'rating', '5 lb', 2268];
        yield 'bare pounds' => [$in, Sums::Hooks, 'rating', '5', 2268];
        yield 'grams' => [$cm, Sums::Hooks, 'rating', '500 g', 500];
        yield 'bare kilograms' => [$cm, Sums::Hooks, 'rating', '2', 2000];
        yield 'millilitres' => [$cm, Sums::Paint, 'tin', '125 ml', 0.125];
        yield 'half a gallon' => [$in, Sums::Paint, 'tin', '1/2 gal', 1.892706];
        yield 'a whole number' => [$in, Sums::Hooks, 'layers', '2', 2];
        yield 'a percentage with its sign' => [$in, Sums::Garland, 'allowance', '14 %', 14];
        yield 'less than last year' => [$in, Sums::Garland, 'allowance', '-8', -8];
        yield 'thousands' => [$in, Sums::Sockets, 'otherWatts', '1,500', 1500];
        yield 'a half' => [$in, Sums::Garland, 'turns', '1/2', 0.5];
        yield 'a decimal comma' => [$in, Sums::Stems, 'times', '1,75', 1.75];
    }

    #[DataProvider('written')]
    public function testReads(LengthUnit $unit, Sums $sum, string $field, string $text, float $value): void
    {
        $values = [new SumValueInput($field, $text), ...('turns' === $field ? [new SumValueInput('shape', 'post')] : [])];
        $given = (new SumReader(new Home('Ferry House', $unit)))->given($sum->sum(), $values);
        $read = match ($field) {
            'run' => $given->length($field)->inInches(),
            'rating' => (float) $given->grams($field),
            'tin' => $given->litres($field),
            default => $given->number($field),
        };

        self::assertEqualsWithDelta($value, $read, 0.01);
    }

    /** @return iterable<string, array{Sums, string, string, string}> sum, field, what is written, what is said */
    public static function refused(): iterable
    {
        yield 'letters for a length' => [Sums::Garland, 'run', 'far', '“far” is not a length'];
        yield 'nothing' => [Sums::Garland, 'run', '', 'This is needed for the sum.'];
        yield 'nothing of it' => [Sums::Garland, 'run', '0', 'It has to be more than nothing.'];
        yield 'less than nothing' => [Sums::Garland, 'run', '-3 ft', 'cannot be negative'];
        yield 'to the moon' => [Sums::Garland, 'run', '90000 m', 'at most 100 m'];
        yield 'too long for a house' => [Sums::Garland, 'run', '70 m', 'the most here'];
        yield 'half a layer' => [Sums::Garland, 'layers', '1.5', 'Whole ones only, got 1.5.'];
        yield 'forty layers' => [Sums::Garland, 'layers', '40', '4 is the most here, got 40.'];
        yield 'a price below nothing' => [Sums::Garland, 'packPrice', '-4', 'cannot be negative'];
        yield 'a price in words' => [Sums::Garland, 'packPrice', 'cheap', 'is not an amount'];
        yield 'no offer' => [Sums::Garland, 'offer', 'bogus', 'is not an offer'];
        yield 'a weight in feet' => [Sums::Hooks, 'rating', '5 ft', 'is not a weight'];
        yield 'a volume in feet' => [Sums::Paint, 'tin', '5 ft', 'is not a volume'];
        yield 'infinity' => [Sums::Sockets, 'otherWatts', 'INF', 'is not a number'];
        yield 'a number as long as a line' => [Sums::Sockets, 'otherWatts', '99999999999999', 'is not a number'];
        yield 'divided by nothing' => [Sums::Stems, 'times', '3/0', 'is not a number'];
    }

    #[DataProvider('refused')]
    public function testSaysAtTheFieldWhatItCannotTake(Sums $sum, string $field, string $text, string $said): void
    {
        try {
            (new SumReader(new Home('Ferry House')))->given($sum->sum(), [new SumValueInput($field, $text)]);
            self::fail('It was taken.');
        } catch (InvalidInput $refusal) {
            self::assertSame([$field], array_map(static fn(Violation $one): string => $one->field, $refusal->violations));
            self::assertStringContainsString($said, $refusal->getMessage());
        }
    }

    public function testWhatMayStayEmptyStaysEmpty(): void
    {
        $given = (new SumReader(new Home('Ferry House')))->given(
            Sums::Lights->sum(),
            [new SumValueInput('endToEnd', ''), new SumValueInput('packPrice', ' '), new SumValueInput('offer', '')],
        );

        self::assertFalse($given->has('endToEnd'));
        self::assertNull($given->money('packPrice'));
        self::assertEquals(Money::ofMinor(300), $given->offer('offer')->priceOf(Money::ofMinor(100), 3));
    }
}
