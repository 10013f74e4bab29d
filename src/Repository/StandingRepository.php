<?php

declare(strict_types=1);

namespace App\Repository;

use App\Entity\Home;
use App\Entity\Piece;
use App\Entity\Standing;
use BrightCupboard\Core\Stock\Place;
use BrightCupboard\Core\Stock\Whereabouts;
use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;

/** Where every unit of a home is. */
final readonly class StandingRepository
{
    public function __construct(private Connection $db, private EntityManagerInterface $entities) {}

    public function whereabouts(Home $home): Whereabouts
    {
        /** @var iterable<array{string, string, int}> $rows */
        $rows = $this->db->iterateNumeric('SELECT s.piece_id, s.place, s.count FROM standing s JOIN piece p ON p.id = s.piece_id WHERE p.home_id = ? AND p.removed_at IS NULL AND s.count > 0', [$home->id()]);
        $units = [];
        foreach ($rows as [$piece, $place, $count]) {
            $units[$piece][$place] = $count;
        }
        foreach ($units as $piece => $places) {
            if (\count($places) > 1) {
                ksort($units[$piece]);
            }
        }

        return new Whereabouts($units);
    }

    public function ofPiece(Piece $piece): Whereabouts
    {
        $units = [];
        foreach ($this->entities->getRepository(Standing::class)->findBy(['piece' => $piece], ['place' => 'ASC']) as $standing) {
            $units[$standing->place()->key()] = $standing->count();
        }

        return new Whereabouts([$piece->id() => array_filter($units, static fn(int $count): bool => $count > 0)]);
    }

    public function at(Piece $piece, Place $place): ?Standing
    {
        return $this->entities->find(Standing::class, ['piece' => $piece->id(), 'place' => $place->key()]);
    }

    /** @return array<string, true> by id, the pieces that have left the home or are put together with others with all their units */
    public function outOfHand(Home $home): array
    {
        // CROSS JOIN: from the few such places to their pieces, not from all pieces to their places.
        $isAway = static fn(string $place): string => "({$place} = 'parted' OR {$place} GLOB 'within:*')";
        /** @var list<string> $ids */
        $ids = $this->db->fetchFirstColumn("SELECT DISTINCT s.piece_id FROM standing s CROSS JOIN piece p ON p.id = s.piece_id WHERE p.home_id = ? AND s.count > 0 AND {$isAway('s.place')} AND NOT EXISTS (SELECT 1 FROM standing o WHERE o.piece_id = s.piece_id AND o.count > 0 AND NOT {$isAway('o.place')})", [$home->id()]);

        return array_fill_keys($ids, true);
    }

    /** How many units of pieces that are still owned are at a place. */
    public function unitsAt(Place $place): int
    {
        $count = $this->db->fetchOne('SELECT COALESCE(SUM(s.count), 0) FROM standing s JOIN piece p ON p.id = s.piece_id WHERE s.place = ? AND p.removed_at IS NULL', [$place->key()]);

        return \is_numeric($count) ? (int) $count : 0;
    }
}
