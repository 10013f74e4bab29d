<?php

declare(strict_types=1);

namespace App\Workbench;

use Symfony\Component\Validator\Constraints as Assert;

/** One figure of a sum, as people write it. */
final readonly class SumValueInput
{
    public function __construct(
        #[Assert\Length(max: 40)]
        public string $name,
        #[Assert\Length(max: 60, maxMessage: 'At most {{ limit }} characters.')]
        public string $text,
    ) {}
}
