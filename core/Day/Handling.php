<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Day;

use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Stock\Material;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Texture;

/**
 * How many minutes one unit takes in a phase, by kind and size.
 *
 * All values are rules of thumb from memory; a home replaces them by its own pace. What is long or tall goes by the
 * foot of its longest side; everything without a line of its own goes by how large it is.
 */
final readonly class Handling
{
    /** Kind => [by the foot?, set up, take down, fetch, pack, make ready]. */
    private const KINDS = [
        'arrangement' => [false, 4.0, 1.0, 1.0, 3.0, 1.0],
        'bauble' => [false, 0.6, 0.3, 0.1, 0.2, 0.0],
        'beads' => [true, 0.5, 0.3, 0.1, 0.2, 0.0],
        'bunch' => [false, 3.0, 0.5, 0.3, 0.7, 1.5],
        'candle group' => [false, 2.0, 1.0, 0.5, 1.5, 0.0],
        'cushion' => [false, 1.0, 0.3, 0.3, 0.5, 0.5],
        'garland' => [true, 2.0, 0.5, 0.2, 0.5, 0.8],
        'hooks' => [false, 2.0, 0.5, 0.2, 0.2, 0.0],
        'lights' => [true, 0.6, 0.4, 0.1, 0.4, 0.2],
        'napkin' => [false, 0.7, 0.2, 0.1, 0.3, 0.3],
        'ribbon' => [false, 4.0, 1.0, 0.2, 0.5, 0.5],
        'runner' => [false, 1.5, 0.5, 0.3, 0.7, 1.0],
        'stocking' => [false, 1.0, 0.3, 0.2, 0.3, 0.0],
        'throw' => [false, 1.5, 0.5, 0.3, 0.7, 0.5],
        'tree skirt' => [false, 1.5, 0.7, 0.3, 0.7, 0.5],
        'tree' => [true, 5.0, 2.5, 0.7, 2.0, 3.0],
        'wreath' => [false, 4.0, 1.0, 0.5, 1.5, 2.0],
    ];
    /** Up to this longest side in inches => the same for all others. */
    private const SIZES = [
        8 => [0.8, 0.3, 0.2, 0.5, 0.0],
        16 => [1.2, 0.5, 0.3, 0.8, 0.0],
        30 => [2.0, 0.8, 0.5, 1.2, 0.0],
        \PHP_INT_MAX => [4.0, 2.0, 1.0, 2.5, 0.0],
    ];
    private const COLUMN = ['set up' => 0, 'take down' => 1, 'fetch' => 2, 'pack away' => 3, 'prepare' => 4];
    private const WRAPPING = 0.5;
    private const ASIDE = 0.5;
    private const TAG = 0.3;

    /** For one unit, in minutes. */
    public function minutes(Phase $phase, Piece $piece): float
    {
        if (\in_array($phase, [Phase::LetGo, Phase::Clean, Phase::LookAgain, Phase::MoveFurniture], true)) {
            return Phase::LetGo === $phase ? self::ASIDE : 0.0;
        }
        $wrap = $piece->isBreakable() && (Phase::Fetch === $phase || Phase::PackAway === $phase) ? self::WRAPPING : 0.0;
        $column = self::COLUMN[$phase->value];
        $rates = self::KINDS[$piece->kind->value] ?? null;
        if (null !== $rates) {
            $feet = $rates[0] ? max(1.0, self::longest($piece) / Length::TENTHS_PER_INCH / 12) : 1.0;

            return $feet * $rates[1 + $column] + $wrap;
        }
        foreach (self::SIZES as $inches => $bySize) {
            if (self::longest($piece) <= $inches * Length::TENTHS_PER_INCH) {
                return $bySize[$column] + $wrap;
            }
        }

        return $wrap;
    }

    /** What is to be done to it before it is set up, in words: nothing for most. */
    public function readying(Piece $piece, bool $isNew): ?string
    {
        return match (true) {
            PieceKind::Lights === $piece->kind => 'try the strands, set the timer',
            \in_array(Material::FreshGreenery, $piece->materials, true) => PieceKind::Tree === $piece->kind
                ? 'cut the foot anew, into water at once'
                : 'ends cut again, misted or into water',
            $piece->isOf(Texture::Greenery) && $this->minutes(Phase::Prepare, $piece) > 0 => 'fluff and bend apart',
            $isNew => 'tags and stickers off',
            \in_array($piece->kind, [PieceKind::Runner, PieceKind::Napkin, PieceKind::TreeSkirt], true) => 'iron or shake out',
            default => null,
        };
    }

    /** Minutes to make one unit ready for its spot. */
    public function readyingMinutes(Piece $piece, bool $isNew): float
    {
        return null === $this->readying($piece, $isNew) ? 0.0 : max($isNew ? self::TAG : 0.0, $this->minutes(Phase::Prepare, $piece));
    }

    /** Square centimetres that one unit takes when it is laid out. */
    public function laid(Piece $piece): int
    {
        $sides = [$piece->size->width->tenths(), $piece->size->depth->tenths(), $piece->size->height->tenths()];
        sort($sides);
        // What is rolled, folded or coiled is not laid out at length.
        $long = $piece->kind->facts()->isLaidOut() ? min($sides[2], 8 * max($sides[1], Length::TENTHS_PER_INCH)) : $sides[2];

        return (int) ceil(max($sides[1], Length::TENTHS_PER_INCH) * $long / 10_000);
    }

    private static function longest(Piece $piece): int
    {
        return max($piece->size->width->tenths(), $piece->size->depth->tenths(), $piece->size->height->tenths());
    }
}
