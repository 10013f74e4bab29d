<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Storage;

use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\Season;

/**
 * In which of the next four swaps, one a season, a piece is fetched: those of its seasons; of a piece for any season those in
 * which it stood the last time; all four where nothing is known. As bits, one a season, since totes are compared by the thousand.
 */
final readonly class Outings
{
    private const BITS = [Season::Spring->value => 1, Season::Summer->value => 2, Season::Autumn->value => 4, Season::Winter->value => 8];
    private const ALL = 15;

    /** @param array<string, list<Season>> $stoodIn the seasons of the last year in which a piece stood, by its id */
    public function __construct(private array $stoodIn = []) {}

    public function of(Piece $piece): int
    {
        $bits = 0;
        foreach ([] === $piece->seasons ? $this->stoodIn[$piece->id] ?? [] : $piece->seasons as $season) {
            $bits |= self::BITS[$season->value];
        }

        return 0 === $bits ? self::ALL : $bits;
    }

    /** In how many of the swaps of the first the others are not fetched. */
    public static function without(int $some, int $others): int
    {
        return substr_count(decbin($some & ~$others), '1');
    }
}
