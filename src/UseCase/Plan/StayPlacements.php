<?php

declare(strict_types=1);

namespace App\UseCase\Plan;

use App\Entity\Piece;
use App\Entity\Placement;
use App\Entity\Spot;
use App\Entity\Swap;
use App\Http\Conflict;
use App\Repository\PlacementRepository;
use App\Repository\StandingRepository;
use BrightCupboard\Core\Coach\Layer;
use BrightCupboard\Core\Stock\Place;
use BrightCupboard\Core\Stock\PlaceKind;
use BrightCupboard\Core\Swap\Choice;
use Doctrine\ORM\EntityManagerInterface;

/** Keeps the plan in step with decisions: what stays is planned where it stands, what rests or goes is planned nowhere. */
final readonly class StayPlacements
{
    public function __construct(private EntityManagerInterface $entities, private StandingRepository $standing, private PlacementRepository $placements, private FindPlace $findPlace) {}

    public function follow(Swap $swap, Piece $piece, ?Choice $choice): void
    {
        $planned = $this->placements->ofPiece($swap, $piece);
        $standing = [];
        foreach ($this->standing->ofPiece($piece)->of($piece->id()) as $key => $units) {
            $place = Place::ofKey($key);
            if (PlaceKind::Spot === $place->kind && null !== $place->id) {
                $standing[$place->id] = $units;
            }
        }
        $elsewhere = array_filter($planned, static fn(Placement $p): bool => !isset($standing[$p->spot()->id()]));
        if ([] !== $elsewhere && (Choice::Rest === $choice || Choice::Part === $choice)) {
            $first = reset($elsewhere);
            throw new Conflict(sprintf('%s is planned for %s. Take it off there first, then let it %s.', $piece->name(), $first->spot()->name(), $choice->value));
        }
        if (Choice::Stay === $choice) {
            $this->standWhereTheyAre($swap, $piece, $planned, $standing);
        } elseif (Choice::Move !== $choice) {
            array_map($this->entities->remove(...), array_filter($planned, static fn(Placement $p): bool => isset($standing[$p->spot()->id()])));
        }
    }

    /**
     * @param list<Placement>    $planned
     * @param array<string, int> $standing spot id => units
     */
    private function standWhereTheyAre(Swap $swap, Piece $piece, array $planned, array $standing): void
    {
        $there = array_map(static fn(Placement $p): string => $p->spot()->id(), $planned);
        foreach ($standing as $spotId => $units) {
            $spot = $this->entities->find(Spot::class, $spotId);
            if (null === $spot || \in_array($spotId, $there, true)) {
                continue;
            }
            $placement = new Placement($swap, $piece, $spot, $units);
            $before = null === $swap->from() ? null : $this->placements->of($swap->from(), $piece, $spot);
            if (null !== $before) {
                $placement->stand($units, $before->left(), $before->layer(), $before->raise());
            } else {
                $free = $this->findPlace->find($swap, $spot, $piece);
                $placement->stand($units, $free->left ?? 0, $free->layer ?? Layer::Middle, 0);
            }
            $this->entities->persist($placement);
        }
    }
}
