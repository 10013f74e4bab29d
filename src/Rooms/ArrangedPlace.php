<?php

declare(strict_types=1);

namespace App\Rooms;

use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Plan\PlannedPlace;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Surface\Layer;
use BrightCupboard\Core\Surface\Stance;
use Symfony\Component\Validator\Constraints as Assert;

/** One piece of several that are put otherwise at once; offered, and sent back to be done. Without a placement it comes to stand. */
final readonly class ArrangedPlace
{
    /** @param int|null $version of the placement that was seen */
    public function __construct(
        public ?string $placement,
        public string $piece,
        #[Assert\Range(min: 1, max: 99, notInRangeMessage: 'Between {{ min }} and {{ max }} can stand together, got {{ value }}.')]
        public int $count,
        #[Assert\Range(min: -20000, max: 200000, notInRangeMessage: 'That is too far off the ledge.')]
        public int $left,
        public Layer $layer,
        #[Assert\Range(min: 0, max: 20000, notInRangeMessage: 'At most 2 m over what it is on.')]
        public int $raise,
        #[Assert\Range(min: 0, max: 11, notInRangeMessage: 'There is no such board.')]
        public int $tier,
        public ?Posture $posture,
        #[Assert\Range(min: 0, max: Stance::MOST_DIPS, notInRangeMessage: 'A garland has at most {{ max }} dips.')]
        public int $dips,
        #[Assert\Length(max: 80)]
        public ?string $face,
        public ?int $version,
    ) {}

    /** @param array<string, PlannedPlace> $places of the plan, by id */
    public static function of(PlacedPiece $placed, array $places): self
    {
        $known = $places[$placed->id] ?? null;
        $stance = $placed->stance;

        return new self(
            $known?->id,
            $placed->piece->id,
            $placed->count,
            $stance->left,
            $stance->layer,
            $stance->raise,
            $stance->tier,
            $placed->posture,
            $stance->dips,
            $stance->face,
            $known?->version,
        );
    }

    public function stance(): Stance
    {
        return new Stance($this->left, $this->layer, $this->raise, $this->tier, $this->posture, $this->dips, '' === $this->face ? null : $this->face);
    }
}
