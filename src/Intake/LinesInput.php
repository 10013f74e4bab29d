<?php

declare(strict_types=1);

namespace App\Intake;

use Symfony\Component\Validator\Constraints as Assert;

/** Several lines at once, as they are pasted. */
final readonly class LinesInput
{
    public function __construct(
        #[Assert\Length(max: 30000, maxMessage: 'At most {{ limit }} characters can be read at once. Paste it in parts, or take it in as a sheet.')]
        public string $text,
    ) {}
}
