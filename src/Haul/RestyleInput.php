<?php

declare(strict_types=1);

namespace App\Haul;

use App\Cupboard\ColourInput;
use BrightCupboard\Core\Look\RestyleWay;
use Symfony\Component\Validator\Constraints as Assert;

/** A restyle to be planned: which piece, how, what its colours will be, and the sentence that says so. */
final readonly class RestyleInput
{
    /** @param list<ColourInput> $colours */
    public function __construct(
        public string $piece,
        public RestyleWay $way,
        #[Assert\Length(max: 100)]
        public string $sentence,
        public array $colours,
    ) {}
}
