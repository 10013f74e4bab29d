<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Intake;

use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Intake\IntakeLine;
use BrightCupboard\Core\Intake\Question;
use BrightCupboard\Core\Measure\LengthText;
use BrightCupboard\Core\Measure\LengthUnit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Numbers, prices and lengths as the ICU library writes them for people of many countries (its data are those of the Unicode CLDR)
 * are read back as what they were: counts spelt out, signs before and behind, commas, points and no-break spaces as groups.
 */
final class IcuReferenceTest extends TestCase
{
    private const AMOUNTS = [0.5, 4, 12.5, 99.99, 120, 999, 1234.5, 2080];

    /** @return iterable<string, array{string, string, string}> locale, currency, its sign */
    public static function currencies(): iterable
    {
        foreach ([
            'USD' => ['$', 'en_US'],
            'GBP' => ['£', 'en_GB'],
            'EUR' => ['€', 'de_DE', 'fr_FR', 'it_IT', 'es_ES', 'nl_NL', 'pt_PT', 'fi_FI', 'el_GR', 'en_IE'],
        ] as $currency => $locales) {
            foreach (\array_slice($locales, 1) as $locale) {
                yield "{$currency} in {$locale}" => [$locale, $currency, $locales[0]];
            }
        }
    }

    /** @return iterable<string, array{string}> */
    public static function locales(): iterable
    {
        foreach (['en_US', 'en_GB', 'de_DE', 'fr_FR', 'it_IT', 'es_ES', 'nl_NL', 'sv_SE', 'pl_PL', 'da_DK', 'fi_FI'] as $locale) {
            yield $locale => [$locale];
        }
    }

    public function testCountsSpeltOut(): void
    {
        $spelt = new \NumberFormatter('en_US', \NumberFormatter::SPELLOUT);
        foreach (range(1, 99) as $count) {
            $words = (string) $spelt->format($count);
            foreach (array_unique([$words, ucfirst($words), str_replace('-', ' ', $words)]) as $way) {
                $reading = (new IntakeLine(LengthUnit::Inch, '$', [], new ColourNames()))->read("{$way} brass candlesticks 9 in");

                self::assertSame([$count, 'Brass candlestick'], [$reading->count, $reading->name], $way);
            }
        }
    }

    #[DataProvider('currencies')]
    public function testPrices(string $locale, string $currency, string $sign): void
    {
        $money = new \NumberFormatter($locale, \NumberFormatter::CURRENCY);
        foreach (self::AMOUNTS as $amount) {
            $price = (string) $money->formatCurrency($amount, $currency);
            foreach (["2 ivory vases 9 in, {$price} each", "2 ivory vases, 9 in, A1, {$price} each", "2 ivory vases {$price} each, 9 in"] as $line) {
                $reading = (new IntakeLine(LengthUnit::Inch, $sign, [], new ColourNames()))->read($line);

                self::assertSame([2, (int) round(100 * $amount)], [$reading->count, $reading->costEach?->minor], $line);
                self::assertNotContains('costEach', array_map(static fn(Question $one): string => $one->field, $reading->questions), $line);
            }
        }
    }

    #[DataProvider('locales')]
    public function testLengths(string $locale): void
    {
        $number = new \NumberFormatter($locale, \NumberFormatter::DECIMAL);
        foreach (['mm' => 10, 'cm' => 100, 'm' => 10_000] as $unit => $tenths) {
            foreach ([0.5, 7, 12.5, 48.2, 80, 'm' === $unit ? 3.25 : 1234] as $length) {
                $text = $number->format($length) . ' ' . $unit;

                self::assertSame((int) round($tenths * $length), (new LengthText(LengthUnit::Centimetre))->read($text)->tenths(), $text);
            }
        }
    }
}
