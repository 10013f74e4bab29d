<?php

declare(strict_types=1);

namespace App\Table;

use Symfony\Component\Validator\Constraints as Assert;

final readonly class DecisionsInput
{
    /** @param list<DecisionInput> $decisions */
    public function __construct(
        #[Assert\Count(min: 1, max: 5000, minMessage: 'Choose at least one piece.', maxMessage: 'At most {{ limit }} pieces at once.')]
        public array $decisions,
    ) {}
}
