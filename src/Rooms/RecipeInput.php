<?php

declare(strict_types=1);

namespace App\Rooms;

use Symfony\Component\Validator\Constraints as Assert;

/** What every spot of a kind is made of in a home. */
final readonly class RecipeInput
{
    /** @param list<RecipePartInput> $parts empty for the usual */
    public function __construct(
        #[Assert\Valid]
        #[Assert\Count(max: 20, maxMessage: 'A recipe has at most {{ limit }} parts.')]
        public array $parts,
    ) {}
}
