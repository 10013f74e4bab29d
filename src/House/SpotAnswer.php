<?php

declare(strict_types=1);

namespace App\House;

use App\Entity\Spot;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Surface\Form;
use BrightCupboard\Core\Surface\KeepClear;
use BrightCupboard\Core\Surface\SeenFrom;
use BrightCupboard\Core\Surface\SpotHazard;
use BrightCupboard\Core\Surface\SpotKind;
use BrightCupboard\Core\Surface\TableShape;

/** Lengths in tenths of a millimetre. */
final readonly class SpotAnswer
{
    /**
     * @param list<KeepClearAnswer> $keepClear
     * @param list<SpotHazard>    $hazards
     * @param list<string>        $assumed measures that are not taken yet
     * @param list<int>           $tiers clear heights over the boards, the lowest first
     */
    private function __construct(
        public string $id,
        public string $room,
        public string $name,
        public SpotKind $kind,
        public int $width,
        public int $depth,
        public int $ledgeHeight,
        public ?int $clearHeight,
        public SeenFrom $seenFrom,
        public array $keepClear,
        public string $wall,
        public array $hazards,
        public int $focalRank,
        public array $assumed,
        public Form $form,
        public array $tiers,
        public TableShape $tableShape,
        public int $seats,
        public ?int $rise,
        public int $posts,
        public ?int $belowWidth,
        public ?int $belowTop,
        public string $note,
        public ?string $cover,
        public int $version,
    ) {}

    public static function of(Spot $spot): self
    {
        $m = $spot->measures();

        return new self(
            $spot->id(),
            $spot->room()->id(),
            $m->name,
            $m->kind,
            $m->width->tenths(),
            $m->depth->tenths(),
            $m->ledgeHeight->tenths(),
            $m->clearHeight?->tenths(),
            $m->seenFrom,
            array_map(
                static fn(KeepClear $zone): KeepClearAnswer => new KeepClearAnswer($zone->from->tenths(), $zone->to->tenths(), $zone->reason),
                $m->keepClear,
            ),
            $m->wall->hex(),
            $m->hazards,
            $spot->focalRank(),
            $m->assumed,
            $m->form(),
            array_map(static fn(Length $clear): int => $clear->tenths(), $m->layout->tiers),
            $m->layout->shape,
            $m->layout->seats,
            $m->layout->rise?->tenths(),
            $m->layout->posts,
            $m->layout->belowWidth?->tenths(),
            $m->layout->belowTop?->tenths(),
            $spot->note(),
            $m->cover?->hex(),
            $spot->version(),
        );
    }
}
