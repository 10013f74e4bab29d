<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Entity\Swap;
use App\Repository\Catalogue;
use App\Swaps\Plans;
use App\Swaps\SwapState;
use BrightCupboard\Core\Money\UsedPiece;
use Doctrine\DBAL\Connection;

/** The pieces that stood in a swap: those counted when it was closed, or those standing now. */
final readonly class UsedPieces
{
    public function __construct(private Connection $db, private Plans $plans, private Catalogue $catalogue) {}

    /** @return list<UsedPiece> dearest by season first */
    public function of(Swap $swap): array
    {
        $state = $this->plans->of($swap);
        $isClosed = null !== $swap->closedAt();
        $records = $this->catalogue->records($swap->home());
        $used = [];
        foreach ($isClosed ? $this->worn($swap) : $this->planned($state) as $id => $units) {
            $entry = $state->catalogue[$id] ?? null;
            if (null !== $entry) {
                $record = $records[$id];
                $replacement = 0 === $record->replacementEach->minor ? $record->costEach : $record->replacementEach;
                $used[] = new UsedPiece(
                    $entry->piece->name,
                    $units,
                    $entry->gotFor === $swap->id(),
                    $record->costEach,
                    $replacement,
                    $state->plan->historyOf($id)->seasonsWorn + ($isClosed ? 0 : 1),
                );
            }
        }
        usort($used, static fn(UsedPiece $a, UsedPiece $b): int => [$b->costPerSeason()->minor, $a->name] <=> [$a->costPerSeason()->minor, $b->name]);

        return $used;
    }

    /** @return array<string, int> */
    private function worn(Swap $swap): array
    {
        /** @var list<array{piece_id: string, units: int|string}> $rows */
        $rows = $this->db->fetchAllAssociative(
            'SELECT piece_id, SUM(units) AS units FROM wear WHERE swap_id = ? GROUP BY piece_id HAVING SUM(units) > 0 ORDER BY piece_id',
            [$swap->id()],
        );

        return array_map(static fn(array $row): int => (int) $row['units'], array_column($rows, null, 'piece_id'));
    }

    /** @return array<string, int> */
    private function planned(SwapState $state): array
    {
        return array_map(static fn(array $spots): int => array_sum($spots), $state->plan->placed);
    }
}
