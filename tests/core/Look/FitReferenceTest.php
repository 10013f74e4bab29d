<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Look;

use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Look\BalanceSchool;
use BrightCupboard\Core\Look\FitMeter;
use BrightCupboard\Core\Look\Look;
use BrightCupboard\Core\Look\Resting;
use BrightCupboard\Core\Look\Ribbon;
use BrightCupboard\Core\Look\RibbonRole;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Tests\Core\Support\Make;
use BrightCupboard\Tests\Core\Support\Reference;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * The fit of seeded pieces to seeded looks, against the same description written a second time in another language
 * on the distances of the npm package culori.
 */
final class FitReferenceTest extends TestCase
{
    private const CASES = 400;

    public function testTheColourPartOfTheFitAgrees(): void
    {
        $random = new Randomizer(new Mt19937(21));
        $cases = array_map(
            fn(): array => ['ribbons' => $this->shares($random, $random->getInt(1, 6)), 'colours' => $this->shares($random, $random->getInt(1, 5))],
            range(1, self::CASES),
        );
        /** @var list<array{score: float, ribbon: int}> $expected */
        $expected = Reference::ask(__DIR__ . '/fit.mjs', $cases);
        $verdicts = [];
        foreach ($cases as $i => $case) {
            $fit = (new FitMeter($this->look($case['ribbons'])))->fit($this->piece($case['colours']));

            self::assertEqualsWithDelta($expected[$i]['score'], $fit->score, 0.500001, json_encode($case, \JSON_THROW_ON_ERROR));
            self::assertSame($expected[$i]['ribbon'], $fit->ribbon, json_encode($case, \JSON_THROW_ON_ERROR));
            $verdicts[$fit->verdict->value] = true;
        }
        self::assertCount(3, $verdicts, 'pieces in the look, near it and outside are among them');
    }

    /** @return list<array{hex: string, percent: int}> greys among them, summing to 100 */
    private function shares(Randomizer $random, int $count): array
    {
        $shares = [];
        $left = 100;
        for ($i = 1; $i <= $count; ++$i) {
            $percent = $i === $count ? $left : $random->getInt(1, $left - ($count - $i));
            $left -= $percent;
            $grey = $random->getInt(60, 240);
            $hex = 0 === $random->getInt(0, 3)
                ? sprintf('#%02X%02X%02X', $grey, $grey, max(0, $grey - $random->getInt(-8, 14)))
                : sprintf('#%06X', $random->getInt(0, 0xFFFFFF));
            $shares[] = ['hex' => substr($hex, 0, 7), 'percent' => $percent];
        }

        return $shares;
    }

    /** @param list<array{hex: string, percent: int}> $ribbons */
    private function look(array $ribbons): Look
    {
        return new Look(
            'Seeded',
            array_map(
                static fn(array $one, int $i): Ribbon => new Ribbon(
                    'Ribbon ' . $i,
                    Srgb::ofHex($one['hex']),
                    0 === $i ? RibbonRole::Base : RibbonRole::Accent,
                    $one['percent'],
                ),
                $ribbons,
                array_keys($ribbons),
            ),
            [],
            new Resting([], []),
            50,
            BalanceSchool::Centred,
        );
    }

    /** @param list<array{hex: string, percent: int}> $colours */
    private function piece(array $colours): Piece
    {
        return Make::piece('piece')->withColours(array_map(
            static fn(array $one): ColourShare => new ColourShare(Srgb::ofHex($one['hex']), $one['percent']),
            $colours,
        ));
    }
}
