<?php

declare(strict_types=1);

namespace App\Repository;

use App\Entity\Swap;
use BrightCupboard\Core\Plan\Choice;
use BrightCupboard\Core\Plan\PlannedPlace;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Surface\Layer;
use BrightCupboard\Core\Surface\Stance;
use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use Doctrine\DBAL\ParameterType;

/** What a swap has decided and placed, read in bulk. */
final readonly class PlanRepository
{
    public function __construct(private Connection $db) {}

    /**
     * @param list<string>|null $pieces ids of those that are asked about; null for all
     *
     * @return array<string, DecisionRow> by piece id
     */
    public function decisions(Swap $swap, ?array $pieces = null): array
    {
        /** @var list<array{string, string|null, string, int}> $rows */
        $rows = $this->db->fetchAllNumeric(
            'SELECT piece_id, choice, "by", version FROM decision WHERE swap_id = ?' . (null === $pieces ? '' : ' AND piece_id IN (?)'),
            null === $pieces ? [$swap->id()] : [$swap->id(), $pieces],
            null === $pieces ? [] : [ParameterType::STRING, ArrayParameterType::STRING],
        );
        $decisions = [];
        foreach ($rows as [$piece, $choice, $by, $version]) {
            $decisions[$piece] = new DecisionRow(null === $choice ? null : Choice::from($choice), $by, $version);
        }

        return $decisions;
    }

    /** @return array<string, DecisionRow> by piece id, of what is planned somewhere */
    public function decisionsOfPlanned(Swap $swap): array
    {
        /** @var list<string> $planned */
        $planned = $this->db->fetchFirstColumn('SELECT DISTINCT piece_id FROM placement WHERE swap_id = ?', [$swap->id()]);

        return $this->decisions($swap, $planned);
    }

    /** @return array<string, true> by piece id */
    public function decided(Swap $swap): array
    {
        /** @var list<string> $pieces */
        $pieces = $this->db->fetchFirstColumn('SELECT piece_id FROM decision WHERE swap_id = ? AND choice IS NOT NULL', [$swap->id()]);

        return array_fill_keys($pieces, true);
    }

    /** @return array<string, PlannedPlace> by id, the oldest first */
    public function places(Swap $swap): array
    {
        /** @var list<array{string, string, string, int, int, string, int, int, int, string|null, int, string|null}> $rows */
        $rows = $this->db->fetchAllNumeric(
            'SELECT id, piece_id, spot_id, count, left_edge, layer, "raise", version, tier, posture, dips, face FROM placement WHERE swap_id = ? ORDER BY id',
            [$swap->id()],
        );
        $places = [];
        foreach ($rows as [$id, $piece, $spot, $count, $left, $layer, $raise, $version, $tier, $posture, $dips, $face]) {
            $stance = new Stance($left, Layer::from($layer), $raise, $tier, null === $posture ? null : Posture::from($posture), $dips, $face);
            $places[$id] = new PlannedPlace($id, $piece, $spot, $count, $stance, $version);
        }

        return $places;
    }
}
