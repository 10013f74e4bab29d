<?php

declare(strict_types=1);

namespace App\Workbench;

use App\Entity\Home;
use App\Entity\Spot;
use App\Entity\Swap;
use App\Repository\Catalogue;
use App\Repository\HouseRepository;
use BrightCupboard\Core\Plan\Choice;
use BrightCupboard\Core\Sizing\Owned;
use BrightCupboard\Core\Sizing\OwnedPiece;
use BrightCupboard\Core\Sizing\Sums;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Place;
use BrightCupboard\Core\Stock\PlaceKind;
use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;

/** What the cupboard has to give to a sum: only pieces of the kinds that the sum asks for, so that an answer comes while somebody types. */
final readonly class SumStock
{
    private const AWAY = [PlaceKind::Lent->value => true, PlaceKind::Lost->value => true, PlaceKind::Parted->value => true];

    public function __construct(private Connection $db, private Catalogue $catalogue, private HouseRepository $house) {}

    /** What serves the season and is not planned to stand elsewhere in the swap, nor to leave the home; without a swap all that is at home. */
    public function of(Home $home, Sums $sum, ?Swap $swap, ?Spot $spot): Owned
    {
        $kinds = array_map(static fn(PieceKind $kind): string => $kind->value, $sum->kinds());
        if ([] === $kinds) {
            return new Owned();
        }
        $entries = $this->catalogue->ofKinds($home, $kinds);
        $planned = null === $swap ? [] : $this->planned($swap, $spot);
        $here = null === $swap || null === $spot ? [] : $this->plannedAt($swap, $spot);
        $parting = null === $swap ? [] : $this->parting($swap);
        $places = $this->places($home);
        $pieces = [];
        foreach ($this->standing($home, $kinds) as $id => $units) {
            $free = array_sum($units) - ($planned[$id] ?? 0);
            $piece = $entries[$id]->piece ?? null;
            if (null !== $piece && $free > 0 && !isset($parting[$id]) && (null === $swap || isset($here[$id]) || $piece->serves($swap->season()))) {
                $place = (string) array_key_first($units);
                $pieces[] = new OwnedPiece($piece, $free, $places[$place] ?? 'in store', $place);
            }
        }
        usort($pieces, static fn(OwnedPiece $a, OwnedPiece $b): int => [$a->piece->name, $a->piece->id] <=> [$b->piece->name, $b->piece->id]);

        return new Owned($pieces);
    }

    /**
     * @param list<string> $kinds
     *
     * @return array<string, array<string, int>> units at home by piece and key of place
     */
    private function standing(Home $home, array $kinds): array
    {
        /** @var list<array{string, string, int}> $rows */
        $rows = $this->db->fetchAllNumeric(
            'SELECT s.piece_id, s.place, s.count FROM standing s JOIN piece p ON p.id = s.piece_id WHERE p.home_id = ? '
            . 'AND p.removed_at IS NULL AND s.count > 0 AND p.kind IN (?) ORDER BY s.place',
            [$home->id(), $kinds],
            [1 => ArrayParameterType::STRING],
        );
        $units = [];
        foreach ($rows as [$piece, $place, $count]) {
            if (!isset(self::AWAY[$place]) && !str_starts_with($place, PlaceKind::Within->value . ':')) {
                $units[$piece][$place] = $count;
            }
        }

        return $units;
    }

    /** @return array<string, int> units planned elsewhere; what is planned for the spot itself is there for its sums */
    private function planned(Swap $swap, ?Spot $spot): array
    {
        /** @var array<string, int> $planned */
        $planned = $this->db->fetchAllKeyValue(
            'SELECT piece_id, SUM(count) FROM placement WHERE swap_id = ? AND spot_id <> ? GROUP BY piece_id',
            [$swap->id(), $spot?->id() ?? ''],
        );

        return $planned;
    }

    /** @return array<string, int> */
    private function plannedAt(Swap $swap, Spot $spot): array
    {
        /** @var list<string> $ids */
        $ids = $this->db->fetchFirstColumn('SELECT DISTINCT piece_id FROM placement WHERE swap_id = ? AND spot_id = ?', [$swap->id(), $spot->id()]);

        return array_fill_keys($ids, 1);
    }

    /** @return array<string, int> */
    private function parting(Swap $swap): array
    {
        /** @var list<string> $ids */
        $ids = $this->db->fetchFirstColumn('SELECT piece_id FROM decision WHERE swap_id = ? AND choice = ?', [$swap->id(), Choice::Part->value]);

        return array_fill_keys($ids, 1);
    }

    /** @return array<string, string> words by key of place */
    private function places(Home $home): array
    {
        $places = [PlaceKind::Arrived->value => 'just come in', PlaceKind::Loose->value => 'loose in store', PlaceKind::Table->value => 'on the table'];
        foreach ($this->house->toteNames($home) as $id => $name) {
            $places[Place::tote($id)->key()] = $name;
        }
        foreach ($this->house->measures($home) as $id => $spot) {
            $places[Place::spot($id)->key()] = 'now on ' . $spot->name;
        }

        return $places;
    }
}
