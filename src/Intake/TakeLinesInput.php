<?php

declare(strict_types=1);

namespace App\Intake;

use BrightCupboard\Core\Intake\IntakeLines;
use Symfony\Component\Validator\Constraints as Assert;

/** Lines to be taken in together. */
final readonly class TakeLinesInput
{
    /** @param list<LineToTakeInput> $lines */
    public function __construct(
        #[Assert\Count(min: 1, max: IntakeLines::MOST)]
        public array $lines,
    ) {}
}
