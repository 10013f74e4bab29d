<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Storage;

use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\Place;
use BrightCupboard\Core\Storage\Internal\Filling;
use BrightCupboard\Core\Storage\Internal\Load;
use BrightCupboard\Core\Storage\Internal\PackingFacts;
use BrightCupboard\Core\Storage\Internal\Regrouping;
use BrightCupboard\Core\Storage\Internal\ToteRules;
use BrightCupboard\Core\Storage\Internal\ToteSpace;

/**
 * Proposes totes for what goes to rest; what it proposes never breaks what ToteCheck would find: it has a place of its own inside,
 * padding and weight are kept to, nothing heavy comes to what breaks, and the place does it no harm.
 *
 * Its own tote comes first, then the one that adds the fewest times that a tote is opened, today and for the next four swaps, then
 * one that is open today anyway, then one of which little else is fetched at other times, then the fullest. Units of one piece are
 * split only where no tote takes all. Working state: what is in each tote.
 */
final class TotePacker
{
    /** Totes that are laid out anew for a piece that goes in nowhere as things lie. */
    private const MOST_STIRRED = 6;

    /** @var array<string, StoredTote> */
    private array $totes = [];
    /** @var array<string, list<Stored>> by id of the tote */
    private array $content = [];
    /** @var array<string, Load> by id of the tote */
    private array $loads = [];
    /** @var array<string, float> litres inside, by id of the tote */
    private array $inside = [];
    /** @var array<string, int> in which of the next four swaps something of it is fetched, by id of the tote */
    private array $outings = [];
    /** @var array<string, int> the fewest units of a shape that a tote did not take; what is added to it makes no room */
    private array $refused = [];
    /** @var array<string, ToteSpace|null> what is free, by id of the tote, as far as it was asked */
    private array $spaces = [];
    private readonly PackingFacts $known;
    /** @var array<string, list<Stored>> what lay in each tote before, by id of the tote */
    private readonly array $kept;
    /** @var list<array{Piece, int, string, bool}> piece, units, id of the tote, whether that is its own */
    private array $packed = [];

    /**
     * @param list<StoredTote>            $totes   in the order ties are broken
     * @param array<string, list<Stored>> $content what stays in each tote, by place key
     * @param array<string, true>         $open    ids of totes that are opened anyway
     */
    public function __construct(array $totes, array $content, private readonly array $open = [], private readonly Outings $fetched = new Outings())
    {
        $this->known = new PackingFacts();
        foreach ($totes as $tote) {
            $this->totes[$tote->id] = $tote;
            $this->content[$tote->id] = $content[Place::tote($tote->id)->key()] ?? [];
            $this->loads[$tote->id] = Load::of($this->content[$tote->id]);
            $this->inside[$tote->id] = max(1e-9, $tote->inside->litres());
            $this->outings[$tote->id] = 0;
            foreach ($this->content[$tote->id] as $stored) {
                $this->outings[$tote->id] |= $this->fetched->of($stored->piece);
            }
        }
        $this->kept = $this->content;
    }

    /** @return array<string, int> units by id of the tote, their room now taken; fewer than asked when the rest has no room */
    public function pack(Piece $piece, int $units, ?string $ownTote): array
    {
        $packed = [];
        while ($units > 0) {
            [$id, $most] = $this->best($piece, $units, $ownTote) ?? [null, 0];
            if (null === $id) {
                break;
            }
            $this->content[$id] = Stored::joined($this->content[$id], $piece, $most);
            $this->loads[$id] = Load::of($this->content[$id]);
            $this->outings[$id] |= $this->fetched->of($piece);
            unset($this->spaces[$id]);
            $packed[$id] = ($packed[$id] ?? 0) + $most;
            $this->packed[] = [$piece, $most, $id, $id === $ownTote];
            $units -= $most;
        }

        return $packed;
    }

    /**
     * What was packed so far, put into better company where totes are opened fewer times for it.
     *
     * @return array<string, array<string, int>> units by id of the piece and of the tote
     */
    public function regrouped(): array
    {
        $totes = (new Regrouping($this->totes, $this->kept, $this->open, $this->fetched, $this->known, $this->packed))->totes();
        $units = [];
        foreach ($this->packed as $i => [$piece, $some]) {
            $units[$piece->id][$totes[$i]] = ($units[$piece->id][$totes[$i]] ?? 0) + $some;
        }

        return $units;
    }

    /** @return array{string, int}|null the first tote that takes all, otherwise the one that takes most */
    private function best(Piece $piece, int $units, ?string $ownTote): ?array
    {
        $best = null;
        $order = $this->inOrder($piece, $ownTote);
        foreach ([$order, $this->emptiest($order)] as $isStirred => $totes) {
            foreach ($totes as $id) {
                // What lies in a tote is stirred for its own pieces, and where nothing else helps.
                $isOwn = $id === $ownTote;
                $isAsked = 1 === $isStirred || $isOwn || $this->hasRoomFor($id, $piece);
                $most = $isAsked ? $this->most($id, $piece, $units, !$isOwn) : 0;
                if ($most === $units) {
                    return [$id, $most];
                }
                if ($most > ($best[1] ?? 0)) {
                    $best = [$id, $most];
                }
            }
            if (null !== $best) {
                return $best;
            }
        }

        return null;
    }

    /** Whether one more goes in where nothing lies yet. */
    private function hasRoomFor(string $id, Piece $piece): bool
    {
        $space = $this->space($id);

        return null !== $space && $space->hasRoomFor($this->known->ways($piece, $this->totes[$id]->inside));
    }

    /** What is free in a tote; null where not even all that is in it has its place. */
    private function space(string $id): ?ToteSpace
    {
        if (!\array_key_exists($id, $this->spaces)) {
            $this->spaces[$id] = $this->isMisfit($id) ? null : $this->laidOut($id);
        }

        return $this->spaces[$id];
    }

    /** Whether something is in it that goes in no way; then nothing need be laid out to know that it is over. */
    private function isMisfit(string $id): bool
    {
        foreach ($this->content[$id] as $stored) {
            if ([] === $this->known->ways($stored->piece, $this->totes[$id]->inside)) {
                return true;
            }
        }

        return false;
    }

    private function laidOut(string $id): ?ToteSpace
    {
        $filling = Filling::of($this->totes[$id], $this->content[$id], false, $this->known);

        return [] === $filling->over ? $filling->space : null;
    }

    /**
     * @param list<string> $ids
     *
     * @return list<string> those with most litres free
     */
    private function emptiest(array $ids): array
    {
        $free = [];
        foreach ($ids as $id) {
            $free[$id] = $this->loads[$id]->litres - $this->inside[$id];
        }
        asort($free);

        return array_map(strval(...), \array_slice(array_keys($free), 0, self::MOST_STIRRED));
    }

    /** How many of the units a tote takes: all, or the most of which one more is too many. */
    private function most(string $id, Piece $piece, int $units, bool $isQuick): int
    {
        if (
            !ToteRules::allow($this->totes[$id], $this->loads[$id], new Stored($piece, 1))
            || [] === $this->known->ways($piece, $this->totes[$id]->inside)
            || null === $this->space($id)
        ) {
            return 0;
        }
        $asked = $id . ($isQuick ? ' quick ' : ' ') . $this->known->shape($piece);
        [$goes, $fails] = [0, min($units + 1, $this->refused[$asked] ?? $units + 1)];
        $isFirst = true;
        while ($fails - $goes > 1) {
            // All of them are asked for first: mostly they go in.
            $some = $isFirst ? $fails - 1 : intdiv($goes + $fails, 2);
            $isFirst = false;
            if (!ToteRules::allow($this->totes[$id], $this->loads[$id], new Stored($piece, $some))) {
                $fails = $some;
            } elseif ([] === Filling::of($this->totes[$id], Stored::joined($this->content[$id], $piece, $some), $isQuick, $this->known)->over) {
                $goes = $some;
            } else {
                $this->refused[$asked] = $fails = $some;
            }
        }

        return $goes;
    }

    /** @return list<string> ids of the totes, the one to be asked first in front */
    private function inOrder(Piece $piece, ?string $ownTote): array
    {
        $costs = [];
        $outings = $this->fetched->of($piece);
        foreach ($this->outings as $id => $others) {
            $isShut = isset($this->open[$id]) ? 0 : 1;
            $costs[$id] = [
                $id === $ownTote ? 0 : 1,
                Outings::without($outings, $others) + $isShut,
                $isShut,
                Outings::without($others, $outings),
                -$this->loads[$id]->litres / $this->inside[$id],
            ];
        }
        asort($costs);

        return array_map(strval(...), array_keys($costs));
    }
}
