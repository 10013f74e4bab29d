<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Money;

use BrightCupboard\Core\Money\Money;
use BrightCupboard\Core\Money\Worth;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class WorthTest extends TestCase
{
    /** @return iterable<string, array{int, int, int, int, bool}> cents, seasons worn, chances, cents a season, regretted */
    public static function pieces(): iterable
    {
        yield 'cheap and used for ten years' => [400, 10, 12, 40, false];
        yield 'dear, used once in four' => [5200, 1, 4, 5200, true];
        yield 'dear, never used in three' => [5200, 0, 3, 5200, true];
        yield 'dear, but two chances are too few to tell' => [5200, 0, 2, 5200, false];
        yield 'dear and used twice' => [5200, 2, 4, 2600, false];
        yield 'just not dear' => [1999, 0, 4, 1999, false];
        yield 'thirds round half up' => [1000, 3, 3, 333, false];
    }

    #[DataProvider('pieces')]
    public function testTellsTheCheapFromTheRegretted(int $cents, int $worn, int $chances, int $each, bool $isRegret): void
    {
        $worth = new Worth(Money::ofMinor($cents), 1, $worn, $chances);

        self::assertSame([$each, $isRegret], [$worth->costPerSeason()->minor, $worth->isRegret()]);
    }
}
