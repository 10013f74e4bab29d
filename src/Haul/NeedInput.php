<?php

declare(strict_types=1);

namespace App\Haul;

use App\Http\Name;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Texture;
use Symfony\Component\Validator\Constraints as Assert;

/** What a spot still wants; lengths as people write them, empty where anything will do. */
final readonly class NeedInput
{
    public function __construct(
        public string $spot,
        #[Name]
        public string $text,
        public ?PieceKind $kind,
        public string $leastHeight,
        public string $mostHeight,
        public string $mostWidth,
        public string $colour,
        public ?Texture $texture,
        #[Assert\Range(min: 1, max: 99, notInRangeMessage: 'Between {{ min }} and {{ max }} can be wanted, got {{ value }}.')]
        public int $count,
    ) {}
}
