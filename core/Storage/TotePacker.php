<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Storage;

use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\Place;

/**
 * Proposes a tote for what goes to rest: its own if it fits, else the fullest one that still takes it.
 *
 * A tote takes packed pieces up to 85 % of its inner volume (common practice: the rest is padding), and only
 * pieces that go in by their measures. Working state: the free litres of each tote.
 */
final class TotePacker
{
    private const FILL = 0.85;
    /** Litres; a box that fits exactly must not fail by the last digit of a float. */
    private const TOLERANCE = 1e-6;

    /** @var array<string, float> litres left, by tote id */
    private array $free = [];
    /** @var array<string, StoredTote> */
    private array $totes = [];

    /**
     * @param list<StoredTote>     $totes   in the order ties are broken
     * @param array<string, float> $content litres that stay in each tote, by place key
     */
    public function __construct(array $totes, array $content)
    {
        foreach ($totes as $tote) {
            $this->totes[$tote->id] = $tote;
            $this->free[$tote->id] = $tote->inside->litres() * self::FILL - ($content[Place::tote($tote->id)->key()] ?? 0.0);
        }
    }

    /** The id of the tote, its room now taken; null when no tote has room. */
    public function toteFor(Piece $piece, int $units, ?string $ownTote): ?string
    {
        $litres = $piece->packedLitres() * $units;
        if (null !== $ownTote && isset($this->totes[$ownTote]) && $this->hasRoom($ownTote, $litres) && $piece->size->fitsInto($this->totes[$ownTote]->inside)) {
            $this->free[$ownTote] -= $litres;

            return $ownTote;
        }
        $best = null;
        foreach ($this->totes as $id => $tote) {
            if ($this->hasRoom($id, $litres) && (null === $best || $this->free[$id] < $this->free[$best]) && $piece->size->fitsInto($tote->inside)) {
                $best = $id;
            }
        }
        if (null !== $best) {
            $this->free[$best] -= $litres;
        }

        return $best;
    }

    private function hasRoom(string $tote, float $litres): bool
    {
        return $this->free[$tote] + self::TOLERANCE >= $litres;
    }
}
