<?php

declare(strict_types=1);

namespace App\Look;

use Symfony\Component\Validator\Constraints as Assert;

/** Steps in OKLCh: lightness -1 to 1, chroma -0.4 to 0.4, degrees of hue. */
final readonly class NudgeInput
{
    public function __construct(
        public string $hex,
        #[Assert\Range(min: -1, max: 1)]
        public float $lightness,
        #[Assert\Range(min: -0.4, max: 0.4)]
        public float $chroma,
        #[Assert\Range(min: -360, max: 360)]
        public float $degrees,
    ) {}
}
