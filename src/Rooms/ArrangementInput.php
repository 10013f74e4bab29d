<?php

declare(strict_types=1);

namespace App\Rooms;

use Symfony\Component\Validator\Constraints as Assert;

/** What changes at a spot at once. */
final readonly class ArrangementInput
{
    /**
     * @param list<ArrangedPlace> $places
     * @param list<string>        $off    ids of placements that go
     * @param string              $says   what is done, in words, for what was done
     */
    public function __construct(
        #[Assert\Valid]
        #[Assert\Count(max: 60, maxMessage: 'That is too much for one spot.')]
        public array $places,
        #[Assert\Count(max: 60)]
        public array $off,
        #[Assert\Length(max: 200)]
        public string $says = '',
    ) {}
}
