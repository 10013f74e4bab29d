<?php

declare(strict_types=1);

namespace App\Floor;

use Symfony\Component\Validator\Constraints as Assert;

/** The measures of a floor; lengths as people write them. */
final readonly class FloorInput
{
    /** @param list<OpeningInput> $openings */
    public function __construct(
        public string $width,
        public string $depth,
        #[Assert\Valid]
        #[Assert\Count(max: 40, maxMessage: 'Forty doors, windows and outlets are enough for a room.')]
        public array $openings,
        public ?int $version = null,
    ) {}
}
