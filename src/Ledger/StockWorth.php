<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Cupboard\SetStateAnswer;
use App\Entity\Home;
use App\Entity\PieceRecord;
use App\Repository\Catalogue;
use BrightCupboard\Core\Money\Worth;
use BrightCupboard\Core\Stock\Alike;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\Season;
use BrightCupboard\Core\Stock\SetCheck;
use BrightCupboard\Core\Stock\SetState;
use BrightCupboard\Core\Stock\Whereabouts;

/** What the stock is worth, what is regretted, what is owned twice, and which sets are broken. */
final readonly class StockWorth
{
    private const MOST = 40;

    public function __construct(private Catalogue $catalogue) {}

    /**
     * @return array{int, int, int, int} cost and replacement of all that is owned, in minor units, without a replacement value at cost, parts in
     *                                   their arrangement; units owned, and those of which no price is known
     */
    public function totals(OwnedStock $stock): array
    {
        [$cost, $replacement, $units, $unpriced] = [0, 0, 0, 0];
        foreach ($stock->records as $id => $record) {
            $owned = $stock->now->owned($id);
            $cost += $record->costEach->minor * $owned;
            $each = 0 === $record->replacementEach->minor ? $record->costEach->minor : $record->replacementEach->minor;
            $replacement += $each * $owned;
            $units += $owned;
            $unpriced += 0 === $each ? $owned : 0;
        }

        return [$cost, $replacement, $units, $unpriced];
    }

    /** @return list<RegretAnswer> */
    public function regrets(OwnedStock $stock): array
    {
        $regrets = [];
        foreach ($stock->records as $id => $record) {
            $chances = $this->chances($record, $stock->entries[$id]->piece, $stock->closed);
            $worn = $stock->seasonsWorn($id);
            if ($stock->now->owned($id) > 0 && (new Worth($record->costEach, 1, $worn, $chances))->isRegret()) {
                $regrets[] = new RegretAnswer($id, $record->costEach->minor, $worn, $chances);
            }
        }
        usort($regrets, static fn(RegretAnswer $a, RegretAnswer $b): int => [$b->costEach, $a->piece] <=> [$a->costEach, $b->piece]);

        return \array_slice($regrets, 0, self::MOST);
    }

    /** @return list<DoubleAnswer> */
    public function doubles(OwnedStock $stock): array
    {
        $byKind = [];
        foreach ($stock->entries as $entry) {
            $byKind[$entry->piece->kind->value][] = $entry->piece;
        }
        $alike = new Alike();
        $doubles = [];
        foreach ($byKind as $pieces) {
            usort($pieces, static fn(Piece $a, Piece $b): int => [$a->size->height->tenths(), $a->id] <=> [$b->size->height->tenths(), $b->id]);
            foreach ($pieces as $i => $one) {
                for (
                    $j = $i + 1; $j < \count($pieces)
                    && $pieces[$j]->size->height->tenths() <= 1.12 * $one->size->height->tenths()
                    && \count($doubles) < self::MOST; ++$j
                ) {
                    $reason = $alike->reason($one, $pieces[$j]);
                    if (null !== $reason) {
                        $doubles[] = new DoubleAnswer($one->id, $pieces[$j]->id, $reason);
                    }
                }
            }
        }

        return $doubles;
    }

    /** @return list<SetStateAnswer> sets that are not whole */
    public function brokenSets(Home $home, Whereabouts $now): array
    {
        $states = (new SetCheck())->states($this->catalogue->sets($home), $now);

        return array_map(
            static fn(SetState $state): SetStateAnswer => new SetStateAnswer($state->name, $state->of, $state->have, $state->pieces),
            array_values(array_filter($states, static fn(SetState $state): bool => $state->missing() > 0)),
        );
    }

    /**
     * Closed swaps since it came in whose season it serves.
     *
     * @param list<array{\DateTimeImmutable, Season}> $closed
     */
    private function chances(PieceRecord $record, Piece $piece, array $closed): int
    {
        return \count(array_filter(
            $closed,
            static fn(array $swap): bool => $piece->serves($swap[1]) && (null === $record->cameOn || $record->cameOn <= $swap[0]),
        ));
    }
}
