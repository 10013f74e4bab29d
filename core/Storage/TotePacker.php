<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Storage;

use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\Place;
use BrightCupboard\Core\Storage\Internal\Filling;
use BrightCupboard\Core\Storage\Internal\Load;
use BrightCupboard\Core\Storage\Internal\Posture;
use BrightCupboard\Core\Storage\Internal\ToteRules;

/**
 * Proposes totes for what goes to rest; what it proposes never breaks what ToteCheck would find: it has a place of its own inside,
 * padding and weight are kept to, nothing heavy comes to what breaks, and the place does it no harm.
 *
 * Its own tote comes first, then one that is open today anyway, then one whose things come out in the same seasons, then the
 * fullest. Units of one piece are split only where no tote takes all. Working state: what is in each tote.
 */
final class TotePacker
{
    /** @var array<string, StoredTote> */
    private array $totes = [];
    /** @var array<string, list<Stored>> by id of the tote */
    private array $content = [];
    /** @var array<string, Load> by id of the tote */
    private array $loads = [];
    /** @var array<string, float> litres inside, by id of the tote */
    private array $inside = [];

    /**
     * @param list<StoredTote>            $totes   in the order ties are broken
     * @param array<string, list<Stored>> $content what stays in each tote, by place key
     * @param array<string, true>         $open    ids of totes that are opened anyway
     */
    public function __construct(array $totes, array $content, private readonly array $open = [])
    {
        foreach ($totes as $tote) {
            $this->totes[$tote->id] = $tote;
            $this->content[$tote->id] = $content[Place::tote($tote->id)->key()] ?? [];
            $this->loads[$tote->id] = Load::of($this->content[$tote->id]);
            $this->inside[$tote->id] = max(1e-9, $tote->inside->litres());
        }
    }

    /** @return array<string, int> units by id of the tote, their room now taken; fewer than asked when the rest has no room */
    public function pack(Piece $piece, int $units, ?string $ownTote): array
    {
        $packed = [];
        while ($units > 0) {
            $best = null;
            foreach ($this->inOrder($piece, $ownTote) as $id) {
                $most = $this->most($id, $piece, $units, $id !== $ownTote);
                if ($most > ($best[1] ?? 0)) {
                    $best = [$id, $most];
                }
                if ($most === $units) {
                    break;
                }
            }
            if (null === $best) {
                break;
            }
            [$id, $most] = $best;
            $this->content[$id] = self::with($this->content[$id], $piece, $most);
            $this->loads[$id] = Load::of($this->content[$id]);
            $packed[$id] = ($packed[$id] ?? 0) + $most;
            $units -= $most;
        }

        return $packed;
    }

    /** How many of the units a tote takes: all, or the most of which one more is too many. */
    private function most(string $id, Piece $piece, int $units, bool $isQuick): int
    {
        if (!ToteRules::allow($this->totes[$id], $this->loads[$id], new Stored($piece, 1)) || [] === Posture::ways($piece, $this->totes[$id]->inside)) {
            return 0;
        }
        if ($this->takes($id, $piece, $units, $isQuick)) {
            return $units;
        }
        [$goes, $fails] = [0, $units];
        while ($fails - $goes > 1) {
            $half = intdiv($goes + $fails, 2);
            $this->takes($id, $piece, $half, $isQuick) ? $goes = $half : $fails = $half;
        }

        return $goes;
    }

    private function takes(string $id, Piece $piece, int $units, bool $isQuick): bool
    {
        $tote = $this->totes[$id];
        if (!ToteRules::allow($tote, $this->loads[$id], new Stored($piece, $units))) {
            return false;
        }

        return [] === Filling::of($tote, self::with($this->content[$id], $piece, $units), $isQuick)->over;
    }

    /** @return list<string> ids of the totes, the one to be asked first in front */
    private function inOrder(Piece $piece, ?string $ownTote): array
    {
        $costs = [];
        foreach (array_keys($this->totes) as $id) {
            $costs[$id] = [$id === $ownTote ? 0 : 1, isset($this->open[$id]) ? 0 : 1, -$this->company($id, $piece), -$this->loads[$id]->litres / $this->inside[$id]];
        }
        uasort($costs, static fn(array $a, array $b): int => $a <=> $b);

        return array_map(strval(...), array_keys($costs));
    }

    /** How much of a tote comes out in the same seasons, in quarters, so that a little more does not outweigh a fuller one. */
    private function company(string $id, Piece $piece): int
    {
        $same = $all = 0;
        foreach ($this->content[$id] as $stored) {
            $all += $stored->units;
            $same += $stored->piece->seasons === $piece->seasons ? $stored->units : 0;
        }

        return 0 === $all ? 0 : intdiv(4 * $same, $all);
    }

    /**
     * @param list<Stored> $content
     *
     * @return list<Stored>
     */
    private static function with(array $content, Piece $piece, int $units): array
    {
        foreach ($content as $i => $stored) {
            if ($stored->piece->id === $piece->id) {
                $content[$i] = new Stored($piece, $stored->units + $units);

                return $content;
            }
        }

        return [...$content, new Stored($piece, $units)];
    }
}
