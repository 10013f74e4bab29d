<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Intake;

use BrightCupboard\Core\Intake\Lexicon;
use BrightCupboard\Core\Intake\Spelling;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A word with one slip of the finger is taken for the word it was, or for none: never for another thing. */
final class MistypedTest extends TestCase
{
    private const WORDS = [
        'candlestick', 'lantern', 'cushion', 'garland', 'wreath', 'stocking', 'pumpkin', 'mirror', 'basket', 'ribbon', 'runner', 'napkin',
        'arrangement', 'pillow', 'figurine', 'nutcracker', 'reindeer', 'snowman', 'bauble', 'ornament',
    ];
    private const SLIPS = ['left out', 'twice', 'changed places', 'beside'];
    /** Keys that lie beside each other on the common keyboard of three rows. */
    private const ROWS = ['qwertyuiop', 'asdfghjkl', 'zxcvbnm'];

    public function testASlipIsNeverTakenForAnotherThing(): void
    {
        $random = new Randomizer(new Mt19937(7));
        $understood = $slips = 0;
        foreach (self::WORDS as $word) {
            $kind = Lexicon::kind($word);
            self::assertNotNull($kind, $word);
            for ($i = 0; $i < 60; ++$i) {
                $slip = self::slip($word, self::SLIPS[$i % 4], $random);
                if ($slip === $word) {
                    continue;
                }
                $meant = Spelling::meant($slip);
                if (null !== $meant) {
                    self::assertSame($kind[0], Lexicon::kind($meant)[0] ?? null, "{$slip} for {$word}, taken for {$meant}");
                    ++$understood;
                }
                ++$slips;
            }
        }

        self::assertGreaterThan(1000, $slips);
        self::assertGreaterThan(0.95, $understood / $slips, 'hardly a slip is left to be asked about');
    }

    public function testWordsOfOtherThingsAreLeftAlone(): void
    {
        foreach ([
            'boho', 'ferry', 'orchard', 'heirloom', 'aunt', 'velvet', 'attic', 'kitchen', 'plutonium', 'bridge', 'marble', 'winter',
            'cellar', 'landing', 'copper', 'quilted',
        ] as $word) {
            self::assertNull(Spelling::meant($word), $word);
        }
    }

    private static function slip(string $word, string $kind, Randomizer $random): string
    {
        $at = $random->getInt(1, \strlen($word) - 2);

        return match ($kind) {
            'left out' => substr_replace($word, '', $at, 1),
            'twice' => substr_replace($word, $word[$at], $at, 0),
            'changed places' => substr_replace($word, $word[$at + 1] . $word[$at], $at, 2),
            default => substr_replace($word, self::beside($word[$at], $random), $at, 1),
        };
    }

    private static function beside(string $key, Randomizer $random): string
    {
        foreach (self::ROWS as $row) {
            $at = strpos($row, $key);
            if (false !== $at) {
                return $row[max(0, min(\strlen($row) - 1, $at + (0 === $random->getInt(0, 1) ? -1 : 1)))];
            }
        }

        return $key;
    }
}
