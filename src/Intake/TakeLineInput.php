<?php

declare(strict_types=1);

namespace App\Intake;

use App\Cupboard\ColourInput;
use Symfony\Component\Validator\Constraints as Assert;

/** A line to be taken in, with the place it goes to where the line names none, and colours where a photo or the eye knew better. */
final readonly class TakeLineInput
{
    /** @param list<ColourInput> $colours empty to keep those of the line */
    public function __construct(
        #[Assert\Length(max: 2000, maxMessage: 'A line has at most {{ limit }} characters.')]
        public string $line,
        public string $otherwise,
        public array $colours,
    ) {}
}
