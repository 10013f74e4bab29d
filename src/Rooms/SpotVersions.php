<?php

declare(strict_types=1);

namespace App\Rooms;

use App\Entity\Spot;
use App\Entity\SpotVersion;
use App\Entity\Swap;
use App\Http\InvalidInput;
use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Plan\PlannedPlace;
use Doctrine\ORM\EntityManagerInterface;

/** The versions of a spot that are kept beside the plan. */
final readonly class SpotVersions
{
    /** The plan is A as long as nothing else is said; up to five more are kept. */
    private const LABELS = ['B', 'C', 'D', 'E', 'F'];

    public function __construct(private EntityManagerInterface $entities) {}

    /** @return list<SpotVersion> by label */
    public function of(Swap $swap, Spot $spot): array
    {
        return $this->entities->getRepository(SpotVersion::class)->findBy(['swap' => $swap, 'spot' => $spot], ['label' => 'ASC']);
    }

    /**
     * @param list<PlannedPlace> $places
     *
     * @throws InvalidInput when there are as many as can be compared
     */
    public function add(Swap $swap, Spot $spot, array $places): SpotVersion
    {
        $taken = array_map(static fn(SpotVersion $one): string => $one->label(), $this->of($swap, $spot));
        $label = array_values(array_diff(self::LABELS, $taken))[0] ?? throw InvalidInput::at(
            'from',
            sprintf('%s has six versions already. Drop one first.', $spot->name()),
        );
        $version = new SpotVersion($swap, $spot, $label);
        $version->keep($places);
        $this->entities->persist($version);

        return $version;
    }

    /** @return list<PlannedPlace> */
    public static function placesOf(Dressing $dressing): array
    {
        return array_map(
            static fn(PlacedPiece $one): PlannedPlace => new PlannedPlace($one->id, $one->piece->id, $dressing->spot->id, $one->count, $one->stance),
            $dressing->placed,
        );
    }
}
