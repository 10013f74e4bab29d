<?php

declare(strict_types=1);

namespace App\House;

use App\Entity\Spot;
use App\Http\Name;
use BrightCupboard\Core\Surface\SeenFrom;
use BrightCupboard\Core\Surface\SpotHazard;
use BrightCupboard\Core\Surface\SpotKind;
use BrightCupboard\Core\Surface\TableShape;
use Symfony\Component\Validator\Constraints as Assert;

/** A spot; lengths as people write them, the clear height empty when nothing hangs above. */
final readonly class SpotInput
{
    /**
     * @param list<KeepClearInput> $keepClear
     * @param list<SpotHazard>     $hazards
     * @param list<string>         $tiers clear heights over the boards, the lowest first; empty for a single board
     */
    public function __construct(
        public string $room,
        #[Name]
        public string $name,
        public SpotKind $kind,
        public string $width,
        public string $depth,
        public string $ledgeHeight,
        public string $clearHeight,
        public SeenFrom $seenFrom,
        #[Assert\Valid]
        #[Assert\Count(max: 6, maxMessage: 'At most {{ limit }} stretches can be kept clear.')]
        public array $keepClear,
        public string $wall,
        public array $hazards,
        #[Assert\Range(min: 1, max: 99, notInRangeMessage: 'The focal order goes from {{ min }} (dressed first) to {{ max }}.')]
        public int $focalRank,
        #[Assert\Count(max: 12, maxMessage: 'At most {{ limit }} boards can be entered.')]
        public array $tiers = [],
        public TableShape $tableShape = TableShape::Rectangular,
        public int $seats = 0,
        public string $rise = '',
        public int $posts = 0,
        public string $belowWidth = '',
        public string $belowTop = '',
        #[Assert\Length(max: Spot::LONGEST_NOTE, maxMessage: 'A note takes {{ limit }} characters.')]
        public string $note = '',
        public ?string $cover = null,
        public ?int $version = null,
    ) {}
}
