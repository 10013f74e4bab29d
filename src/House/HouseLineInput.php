<?php

declare(strict_types=1);

namespace App\House;

use Symfony\Component\Validator\Constraints as Assert;

/** One line of a walk through the house. $room is the room walked into last, empty at the front door. */
final readonly class HouseLineInput
{
    public function __construct(
        #[Assert\Length(max: 300, maxMessage: 'A line has at most {{ limit }} characters.')]
        public string $line,
        #[Assert\Length(max: 80)]
        public string $room,
    ) {}
}
