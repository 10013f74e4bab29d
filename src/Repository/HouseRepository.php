<?php

declare(strict_types=1);

namespace App\Repository;

use App\Entity\Home;
use App\Entity\KeptTote;
use App\Entity\Look;
use App\Entity\Piece;
use App\Entity\Room;
use App\Entity\Spot;
use App\Entity\StoredSpot;
use App\Entity\Swap;
use App\Entity\Tote;
use BrightCupboard\Core\Stock\Place;
use BrightCupboard\Core\Stock\PlaceKind;
use BrightCupboard\Core\Storage\StoredTote;
use BrightCupboard\Core\Surface\Spot as SpotMeasures;
use Doctrine\ORM\EntityManagerInterface;

/**
 * The small things of a home: rooms, spots, totes, looks and swaps.
 *
 * @phpstan-import-type SpotRow from StoredSpot
 * @phpstan-import-type ToteRow from KeptTote
 */
final readonly class HouseRepository
{
    private const MEASURES = 'SELECT s.id, s.name, s.kind, s.width, s.depth, s.ledge_height, s.clear_height, s.seen_from, s.keep_clear, s.wall, s.cover, '
        . 's.hazards, s.assumed, s.tiers, s.table_shape, s.seats, s.rise, s.posts, s.below_width, s.below_top FROM spot s JOIN room r ON r.id = s.room_id '
        . 'WHERE r.home_id = ? AND s.removed_at IS NULL AND r.removed_at IS NULL ORDER BY r.round, r.id, s.focal_rank, s.id';

    private const TOTES = 'SELECT id, code, place, width, depth, height, conditions, most_grams FROM tote WHERE home_id = ? AND removed_at IS NULL '
        . 'ORDER BY code, id';

    public function __construct(private EntityManagerInterface $entities) {}

    /** @return list<Room> on the walk through the house */
    public function rooms(Home $home): array
    {
        return array_values($this->entities->getRepository(Room::class)->findBy(
            ['home' => $home, 'removedAt' => null],
            ['round' => 'ASC', 'name' => 'ASC', 'id' => 'ASC'],
        ));
    }

    /** @return list<Spot> by room on the walk, focal spots first */
    public function spots(Home $home): array
    {
        /** @var list<Spot> $spots */
        $spots = $this->entities->createQuery(
            'SELECT s, r FROM App\Entity\Spot s JOIN s.room r WHERE r.home = :home AND s.removedAt IS NULL AND r.removedAt IS NULL '
                . 'ORDER BY r.round, r.id, s.focalRank, s.id',
        )
            ->setParameter('home', $home)->getResult();

        return $spots;
    }

    /**
     * The measures of the same spots, in the same order: rows rather than entities, since every plan that is read asks for them.
     *
     * @return array<string, SpotMeasures> by id
     */
    public function measures(Home $home): array
    {
        $measures = [];
        foreach ($this->entities->getConnection()->iterateAssociative(self::MEASURES, [$home->id()]) as $row) {
            foreach (['keep_clear', 'hazards', 'assumed', 'tiers'] as $list) {
                $row[$list] = '[]' === $row[$list] ? [] : json_decode((string) $row[$list], true, 8, \JSON_THROW_ON_ERROR);
            }
            /** @var SpotRow $row */
            $measures[$row['id']] = StoredSpot::read($row);
        }

        return $measures;
    }

    /** @return array<string, SpotOnWalk> where each spot is on the walk through the house, by id */
    public function walk(Home $home): array
    {
        $rows = $this->entities->getConnection()->fetchAllNumeric(
            'SELECT s.id, r.name, r.round, s.focal_rank, s.note FROM spot s JOIN room r ON r.id = s.room_id '
                . 'WHERE r.home_id = ? AND s.removed_at IS NULL AND r.removed_at IS NULL ORDER BY r.round, r.id, s.focal_rank, s.id',
            [$home->id()],
        );
        $walk = [];
        /** @var array{string, string, int, int, string} $row */
        foreach ($rows as $row) {
            $walk[$row[0]] = new SpotOnWalk(...$row);
        }

        return $walk;
    }

    public function spot(Home $home, string $id): ?Spot
    {
        $spot = $this->entities->find(Spot::class, $id);

        return null !== $spot && $spot->home() === $home && !$spot->isRemoved() ? $spot : null;
    }

    /** @return list<Tote> by code */
    public function totes(Home $home): array
    {
        return array_values($this->entities->getRepository(Tote::class)->findBy(['home' => $home, 'removedAt' => null], ['code' => 'ASC', 'id' => 'ASC']));
    }

    /** @return list<StoredTote> the same, as they are packed */
    public function storedTotes(Home $home): array
    {
        $totes = [];
        foreach ($this->entities->getConnection()->iterateAssociative(self::TOTES, [$home->id()]) as $row) {
            $row['conditions'] = '[]' === $row['conditions'] ? [] : json_decode((string) $row['conditions'], true, 8, \JSON_THROW_ON_ERROR);
            /** @var ToteRow $row */
            $totes[] = KeptTote::read($row);
        }

        return $totes;
    }

    /** @return array<string, string> code and place of each tote by id, for who only names them */
    public function toteNames(Home $home): array
    {
        /** @var list<array{id: string, code: string, place: string}> $rows */
        $rows = $this->entities->createQuery('SELECT t.id, t.code, t.place FROM App\Entity\Tote t WHERE t.home = :home AND t.removedAt IS NULL')
            ->setParameter('home', $home)->getScalarResult();
        $names = [];
        foreach ($rows as $row) {
            $names[$row['id']] = $row['code'] . ', ' . $row['place'];
        }

        return $names;
    }

    public function tote(Home $home, string $id): ?Tote
    {
        $tote = $this->entities->find(Tote::class, $id);

        return null !== $tote && $tote->home() === $home && !$tote->isRemoved() ? $tote : null;
    }

    /** @return list<Look> by age */
    public function looks(Home $home): array
    {
        return array_values($this->entities->getRepository(Look::class)->findBy(['home' => $home, 'removedAt' => null], ['id' => 'ASC']));
    }

    /** @return list<Swap> newest first */
    public function swaps(Home $home): array
    {
        return array_values($this->entities->getRepository(Swap::class)->findBy(['home' => $home], ['swapDay' => 'DESC', 'id' => 'DESC']));
    }

    /** What a place is called, in words. */
    public function placeName(Place $place): string
    {
        return match ($place->kind) {
            PlaceKind::Spot => $this->entities->find(Spot::class, $place->id ?? '')?->name() ?? 'a spot that is gone',
            PlaceKind::Tote => 'tote ' . ($this->entities->find(Tote::class, $place->id ?? '')?->code() ?? 'that is gone'),
            PlaceKind::Table => 'the table',
            PlaceKind::Arrived => 'the haul by the door',
            PlaceKind::Loose => 'loose in store',
            PlaceKind::Within => sprintf('the arrangement %s', $this->entities->find(Piece::class, $place->id ?? '')?->name() ?? 'that is gone'),
            PlaceKind::Lent => 'lent out',
            PlaceKind::Lost => 'lost',
            PlaceKind::Parted => 'what has left the home',
        };
    }
}
