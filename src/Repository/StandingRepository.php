<?php

declare(strict_types=1);

namespace App\Repository;

use App\Entity\Home;
use App\Entity\Piece;
use App\Entity\Standing;
use App\Journal\Rows;
use BrightCupboard\Core\Stock\Move;
use BrightCupboard\Core\Stock\Place;
use BrightCupboard\Core\Stock\PlaceKind;
use BrightCupboard\Core\Stock\Whereabouts;
use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use Doctrine\DBAL\ParameterType;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Uid\Ulid;

/** Where every unit of a home is. */
final readonly class StandingRepository
{
    public function __construct(private Connection $db, private EntityManagerInterface $entities, private Rows $rows) {}

    public function whereabouts(Home $home): Whereabouts
    {
        /** @var list<array{string, string, int}> $rows */
        $rows = $this->db->fetchAllNumeric(
            'SELECT s.piece_id, s.place, s.count FROM standing s JOIN piece p ON p.id = s.piece_id WHERE p.home_id = ? '
                . 'AND p.removed_at IS NULL AND s.count > 0',
            [$home->id()],
        );
        $units = [];
        foreach ($rows as [$piece, $place, $count]) {
            $units[$piece][$place] = $count;
        }

        return self::inOrder($units);
    }

    /** @param list<string> $pieces ids */
    public function whereaboutsOf(array $pieces): Whereabouts
    {
        return self::inOrder(array_filter(array_map(
            static fn(array $places): array => array_filter($places, static fn(int $count): bool => $count > 0),
            $this->unitsOf($pieces),
        )));
    }

    /** @param array<string, array<string, int>> $units by piece and key of place */
    private static function inOrder(array $units): Whereabouts
    {
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
        $ids = $this->db->fetchFirstColumn("SELECT DISTINCT s.piece_id FROM standing s CROSS JOIN piece p ON p.id = s.piece_id "
            . "WHERE p.home_id = ? AND s.count > 0 AND {$isAway('s.place')} AND NOT EXISTS (SELECT 1 FROM standing o "
            . "WHERE o.piece_id = s.piece_id AND o.count > 0 AND NOT {$isAway('o.place')})", [$home->id()]);

        return array_fill_keys($ids, true);
    }

    /** How many units of pieces that are still owned are at a place. */
    public function unitsAt(Place $place): int
    {
        $count = $this->db->fetchOne(
            'SELECT COALESCE(SUM(s.count), 0) FROM standing s JOIN piece p ON p.id = s.piece_id WHERE s.place = ? AND p.removed_at IS NULL',
            [$place->key()],
        );

        return \is_numeric($count) ? (int) $count : 0;
    }

    /**
     * @param list<string> $pieces ids
     *
     * @return array<string, array<string, int>> units by piece and key of place
     */
    public function unitsOf(array $pieces): array
    {
        /** @var list<array{string, string, int}> $rows */
        $rows = $this->db->fetchAllNumeric('SELECT piece_id, place, count FROM standing WHERE piece_id IN (?)', [$pieces], [ArrayParameterType::STRING]);
        $units = array_fill_keys($pieces, []);
        foreach ($rows as [$piece, $place, $count]) {
            $units[$piece][$place] = $count;
        }

        return $units;
    }

    /**
     * @param array<string, array<string, int>> $before
     * @param array<string, array<string, int>> $after
     */
    public function write(array $before, array $after): void
    {
        $rows = [];
        foreach ($after as $piece => $places) {
            foreach (array_diff_assoc($places, $before[$piece] ?? []) as $place => $count) {
                $there = $before[$piece][$place] ?? null;
                $rows[] = [
                    'key' => ['place' => $place, 'piece_id' => $piece],
                    'before' => null === $there ? null : ['count' => $there],
                    'after' => ['count' => $count],
                ];
            }
        }
        $this->rows->upsert('standing', $rows);
    }

    /**
     * Writes the movements down, and which tote a piece now calls its own.
     *
     * @param list<Move> $moves
     */
    public function tell(array $moves, \DateTimeImmutable $at, string $by, string $cause): void
    {
        $this->rows->insert('movement', ['id'], array_map(static fn(Move $move): array => [
            'id' => (string) new Ulid(),
            'piece_id' => $move->pieceId,
            'count' => $move->count,
            'from_place' => $move->from->key(),
            'to_place' => $move->to->key(),
            'at' => $at->format('Y-m-d H:i:s'),
            'by' => $by,
            'cause' => $cause,
        ], $moves), false);
        $packed = [];
        foreach ($moves as $move) {
            if (PlaceKind::Tote === $move->to->kind && null !== $move->to->id) {
                $packed[$move->to->id][$move->pieceId] = true;
            }
        }
        foreach ($packed as $tote => $pieces) {
            $this->own($tote, array_map(strval(...), array_keys($pieces)));
        }
    }

    /** @param list<string> $pieces ids */
    private function own(string $tote, array $pieces): void
    {
        /** @var array<string, string|null> $before */
        $before = $this->db->fetchAllKeyValue(
            'SELECT id, own_tote FROM piece WHERE id IN (?) AND (own_tote IS NULL OR own_tote <> ?)',
            [$pieces, $tote],
            [ArrayParameterType::STRING, ParameterType::STRING],
        );
        $this->rows->update(
            'piece',
            ['own_tote' => $tote],
            array_map(
                static fn(string|int $id, ?string $own): array => ['key' => ['id' => (string) $id], 'before' => ['own_tote' => $own]],
                array_keys($before),
                $before,
            ),
        );
    }
}
