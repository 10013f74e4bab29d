<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Entity\Swap;
use BrightCupboard\Core\Money\UsedPiece;
use Doctrine\DBAL\Connection;

/** The pieces that stood in a swap: those counted when it was closed, or those planned now. */
final readonly class UsedPieces
{
    private const WORN = 'SELECT piece_id, SUM(units) FROM wear WHERE swap_id = ? GROUP BY piece_id HAVING SUM(units) > 0';
    private const PLANNED = 'SELECT piece_id, SUM(count) FROM placement WHERE swap_id = ? GROUP BY piece_id';

    public function __construct(private Connection $db) {}

    /** @return list<UsedPiece> dearest by season first */
    public function of(Swap $swap, OwnedStock $stock): array
    {
        $isClosed = null !== $swap->closedAt();
        /** @var array<string, int|string> $units */
        $units = $this->db->fetchAllKeyValue($isClosed ? self::WORN : self::PLANNED, [$swap->id()]);
        $used = [];
        foreach (array_intersect_key($units, $stock->entries) as $id => $count) {
            $entry = $stock->entries[$id];
            $record = $stock->records[$id];
            $used[] = new UsedPiece(
                $entry->piece->name,
                (int) $count,
                $entry->gotFor === $swap->id(),
                $record->costEach,
                0 === $record->replacementEach->minor ? $record->costEach : $record->replacementEach,
                $stock->seasonsWorn($id) + ($isClosed ? 0 : 1),
            );
        }
        usort($used, static fn(UsedPiece $a, UsedPiece $b): int => [$b->costPerSeason()->minor, $a->name] <=> [$a->costPerSeason()->minor, $b->name]);

        return $used;
    }
}
