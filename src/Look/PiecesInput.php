<?php

declare(strict_types=1);

namespace App\Look;

use Symfony\Component\Validator\Constraints as Assert;

/** Some pieces, by id. */
final readonly class PiecesInput
{
    /** @param list<string> $pieces */
    public function __construct(
        #[Assert\Count(min: 1, max: 200, minMessage: 'Choose a piece first.', maxMessage: 'At most {{ limit }} pieces at once.')]
        #[Assert\All([new Assert\Type('string')])]
        public array $pieces,
    ) {}
}
