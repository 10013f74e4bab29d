<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Storage\Internal;

use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Storage\Outings;
use BrightCupboard\Core\Storage\Stored;
use BrightCupboard\Core\Storage\StoredTote;

/**
 * Puts what was packed one by one into better company: a thing goes to another tote, or two change places, as long as totes are
 * opened fewer times for it, today and over the next four swaps, and everything still has its place.
 *
 * Working state: what is in each tote, and who of it may still go elsewhere.
 *
 * @internal
 */
final class Regrouping
{
    /** Contents that are laid out to see whether they go in; the best changes are tried first. */
    private const MOST_TRIES = 60;

    /** @var array<string, true> what was tried and has no room */
    private array $refused = [];
    private int $tries = 0;

    /**
     * @param array<string, StoredTote>         $totes   by id
     * @param array<string, list<Stored>>       $kept    what lies in each already, by id of the tote
     * @param array<string, true>               $open    ids of totes that are opened anyway
     * @param list<array{Piece, int, string, bool}> $packed piece, units, id of the tote, whether that is its own
     */
    public function __construct(
        private readonly array $totes,
        private readonly array $kept,
        private readonly array $open,
        private readonly Outings $fetched,
        private readonly PackingFacts $known,
        private array $packed,
    ) {}

    /** @return list<string> the tote of each, in the order given */
    public function totes(): array
    {
        while ($this->tries < self::MOST_TRIES && $this->change()) {
            continue;
        }

        return array_column($this->packed, 2);
    }

    /** Makes the best change that goes; false when none does. */
    private function change(): bool
    {
        foreach ($this->worthwhile() as [, $change]) {
            $key = json_encode([$change, array_column($this->packed, 2)], \JSON_THROW_ON_ERROR);
            if (isset($this->refused[$key]) || $this->tries >= self::MOST_TRIES) {
                continue;
            }
            $before = $this->packed;
            foreach ($change as [$i, $tote]) {
                $this->packed[$i][2] = $tote;
            }
            if ($this->goesIn(array_unique(array_column($change, 1)))) {
                return true;
            }
            $this->packed = $before;
            $this->refused[$key] = true;
        }

        return false;
    }

    /** @return list<array{int, list<array{int, string}>}> openings saved, and who goes where; the most first, one before two */
    private function worthwhile(): array
    {
        [$bits, $alone, $packed] = $this->tally();
        $found = [];
        foreach ($this->packed as $i => [$piece, , $from, $isOwn]) {
            $mine = $this->fetched->of($piece);
            $left = $bits[$from] & ~($mine & $alone[$from]);
            $isLast = 1 === $packed[$from] && !isset($this->open[$from]);
            if ($isOwn || ($left === $bits[$from] && !$isLast)) {
                continue; // nothing is saved where others are fetched all the same
            }
            $saved = Outings::without($bits[$from], $left) + ($isLast ? 1 : 0);
            foreach (array_keys($this->totes) as $to) {
                $isFirst = 0 === $packed[$to] && !isset($this->open[$to]);
                $gain = $saved - Outings::without($mine, $bits[$to]) - ($isFirst ? 1 : 0);
                if ($to !== $from && $gain > 0) {
                    $found[] = [$gain, [[$i, $to]]];
                }
            }
            foreach ($this->packed as $j => [$other, , $to, $isOwnToo]) {
                $theirs = $this->fetched->of($other);
                if ($isOwnToo || $to === $from || $mine === $theirs) {
                    continue;
                }
                $after = Outings::without($left | $theirs, 0) + Outings::without(($bits[$to] & ~($theirs & $alone[$to])) | $mine, 0);
                $gain = Outings::without($bits[$from], 0) + Outings::without($bits[$to], 0) - $after;
                if ($gain > 0) {
                    $found[] = [$gain, [[$i, $to], [$j, $from]]];
                }
            }
        }
        usort($found, static fn(array $a, array $b): int => [$b[0], \count($a[1])] <=> [$a[0], \count($b[1])]);

        return $found;
    }

    /**
     * @return array{array<string, int>, array<string, int>, array<string, int>} by tote: when something of it is fetched, when only one
     *                                                                           thing is, how many were packed into it
     */
    private function tally(): array
    {
        $bits = $alone = $packed = array_map(static fn(): int => 0, $this->totes);
        foreach ($this->kept as $tote => $content) {
            foreach ($content as $stored) {
                $some = $this->fetched->of($stored->piece);
                [$alone[$tote], $bits[$tote]] = [($alone[$tote] & ~$some) | ($some & ~$bits[$tote]), $bits[$tote] | $some];
            }
        }
        foreach ($this->packed as [$piece, , $tote]) {
            $some = $this->fetched->of($piece);
            [$alone[$tote], $bits[$tote]] = [($alone[$tote] & ~$some) | ($some & ~$bits[$tote]), $bits[$tote] | $some];
            ++$packed[$tote];
        }

        return [$bits, $alone, $packed];
    }

    /** @param array<string> $totes ids */
    private function goesIn(array $totes): bool
    {
        foreach ($totes as $id) {
            ++$this->tries;
            $content = $this->kept[$id] ?? [];
            $load = Load::of($content);
            foreach ($this->packed as [$piece, $units, $in]) {
                if ($in !== $id) {
                    continue;
                }
                $more = new Stored($piece, $units);
                if (!ToteRules::allow($this->totes[$id], $load, $more) || [] === $this->known->ways($piece, $this->totes[$id]->inside)) {
                    return false;
                }
                $content = Stored::joined($content, $piece, $units);
                $load = $load->with($more);
            }
            if ([] !== Filling::of($this->totes[$id], $content, false, $this->known)->over) {
                return false;
            }
        }

        return true;
    }
}
