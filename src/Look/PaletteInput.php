<?php

declare(strict_types=1);

namespace App\Look;

use Symfony\Component\Validator\Constraints as Assert;

/** The text of a palette file. */
final readonly class PaletteInput
{
    public function __construct(
        #[Assert\Length(max: 60000, maxMessage: 'A palette file has at most 60,000 characters.')]
        public string $text,
    ) {}
}
