<?php

declare(strict_types=1);

namespace App\Entity;

use BrightCupboard\Core\Plan\PlannedPlace;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Surface\Layer;
use BrightCupboard\Core\Surface\Stance;
use Doctrine\ORM\Mapping as ORM;

/** Another way to dress a spot, kept beside the plan: its units are free elsewhere as long as it is not chosen. */
#[ORM\Entity]
#[ORM\UniqueConstraint(name: 'UNIQ_SPOT_VERSION_LABEL', columns: ['swap_id', 'spot_id', 'label'])]
class SpotVersion implements OfSwap
{
    use Identified;
    use Versioned;

    /** @var list<array{piece: string, count: int, left: int, layer: string, raise: int, tier: int, posture: string|null, dips?: int, face?: string|null}> */
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
            'piece' => $place->pieceId, 'count' => $place->count, 'left' => $place->stance->left, 'layer' => $place->stance->layer->value,
            'raise' => $place->stance->raise, 'tier' => $place->stance->tier, 'posture' => $place->stance->posture?->value,
            'dips' => $place->stance->dips, 'face' => $place->stance->face,
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
            new Stance(
                $place['left'],
                Layer::from($place['layer']),
                $place['raise'],
                $place['tier'],
                null === $place['posture'] ? null : Posture::from($place['posture']),
                $place['dips'] ?? 0, // versions kept before there were dips and faces
                $place['face'] ?? null,
            ),
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
