<?php

declare(strict_types=1);

namespace App\Intake;

use Symfony\Component\Validator\Constraints as Assert;

/** One of several lines, and where its piece goes when the line names no place. */
final readonly class LineToTakeInput
{
    public function __construct(
        #[Assert\Length(max: 2000, maxMessage: 'A line has at most {{ limit }} characters.')]
        public string $line,
        public string $otherwise,
    ) {}
}
