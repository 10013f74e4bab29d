<?php

declare(strict_types=1);

namespace App\Intake;

use Symfony\Component\Validator\Constraints as Assert;

/** One line of text about a piece. */
final readonly class IntakeInput
{
    public function __construct(
        #[Assert\Length(max: 2000, maxMessage: 'A line has at most {{ limit }} characters.')]
        public string $line,
    ) {}
}
