<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Colour;

use BrightCupboard\Core\Colour\Ciede2000;
use BrightCupboard\Core\Colour\Lab;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class Ciede2000Test extends TestCase
{
    /** @return iterable<string, array{float, float, float, float, float, float, string}> L a b, L a b, difference to 4 decimals */
    public static function publishedPairs(): iterable
    {
        foreach (array_slice((array) file(__DIR__ . '/tables/ciede2000.csv', \FILE_IGNORE_NEW_LINES), 2) as $i => $line) {
            $row = explode(',', (string) $line);
            yield 'pair ' . ($i + 1) => [(float) $row[0], (float) $row[1], (float) $row[2], (float) $row[3], (float) $row[4], (float) $row[5], $row[6]];
        }
    }

    #[DataProvider('publishedPairs')]
    public function testAgreesWithSharmaWuAndDalalToFourDecimals(float $l1, float $a1, float $b1, float $l2, float $a2, float $b2, string $expected): void
    {
        $difference = (new Ciede2000())->between(new Lab($l1, $a1, $b1), new Lab($l2, $a2, $b2));

        self::assertSame($expected, number_format($difference, 4));
    }

    public function testHasAll34PublishedPairs(): void
    {
        self::assertCount(34, iterator_to_array(self::publishedPairs()));
    }

    public function testIsSymmetricAndNothingBetweenAColourAndItself(): void
    {
        $difference = new Ciede2000();
        $random = new Randomizer(new Mt19937(20));
        for ($i = 0; $i < 200; ++$i) {
            $one = new Lab($random->getInt(0, 100), $random->getInt(-90, 90), $random->getInt(-90, 90));
            $two = new Lab($random->getInt(0, 100), $random->getInt(-90, 90), $random->getInt(-90, 90));
            self::assertEqualsWithDelta($difference->between($one, $two), $difference->between($two, $one), 1e-9);
            self::assertSame(0.0, $difference->between($one, $one));
        }
    }
}
