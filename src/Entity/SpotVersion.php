<?php

declare(strict_types=1);

namespace App\Entity;

use BrightCupboard\Core\Plan\PlannedPlace;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Surface\Layer;
use Doctrine\ORM\Mapping as ORM;

/** Another way to dress a spot, kept beside the plan: its units are free elsewhere as long as it is not chosen. */
#[ORM\Entity]
#[ORM\UniqueConstraint(name: 'UNIQ_SPOT_VERSION_LABEL', columns: ['swap_id', 'spot_id', 'label'])]
class SpotVersion implements OfSwap
{
    use Identified;
    use Versioned;

    /** @var list<array{piece: string, count: int, left: int, layer: string, raise: int, tier: int, posture: string|null}> */
    #[ORM\Column]
    private array $places = [];

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false)]
        private Swap $swap,
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false)]
        private Spot $spot,
        #[ORM\Column(length: 1)]
        private string $label,
    ) {
        $this->identify();
    }

    /** @param list<PlannedPlace> $places */
    public function keep(array $places): void
    {
        $this->places = array_map(static fn(PlannedPlace $place): array => [
            'piece' => $place->pieceId, 'count' => $place->count, 'left' => $place->left, 'layer' => $place->layer->value,
            'raise' => $place->raise, 'tier' => $place->tier, 'posture' => $place->posture?->value,
        ], $places);
    }

    /** @return list<PlannedPlace> under ids of their own: "v1", "v2" … */
    public function places(): array
    {
        return array_map(fn(array $place, int $i): PlannedPlace => new PlannedPlace(
            'v' . ($i + 1),
            $place['piece'],
            $this->spot->id(),
            $place['count'],
            $place['left'],
            Layer::from($place['layer']),
            $place['raise'],
            1,
            $place['tier'],
            null === $place['posture'] ? null : Posture::from($place['posture']),
        ), $this->places, array_keys($this->places));
    }

    public function home(): Home
    {
        return $this->swap->home();
    }

    public function swap(): Swap
    {
        return $this->swap;
    }

    public function spot(): Spot
    {
        return $this->spot;
    }

    public function label(): string
    {
        return $this->label;
    }
}
