<?php

declare(strict_types=1);

namespace App\Cupboard;

use BrightCupboard\Core\Stock\Season;
use Symfony\Component\Validator\Constraints as Assert;

/** Another side of a piece. */
final readonly class FaceInput
{
    /**
     * @param list<Season>      $seasons
     * @param list<ColourInput> $colours
     */
    public function __construct(
        #[Assert\Length(max: 80)]
        public string $name,
        public array $seasons,
        public array $colours,
    ) {}
}
