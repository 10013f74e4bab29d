<?php

declare(strict_types=1);

namespace App\House;

use App\Http\Name;
use Symfony\Component\Validator\Constraints as Assert;

final readonly class RoomInput
{
    public function __construct(
        #[Name]
        public string $name,
        #[Assert\Range(min: 0, max: 999, notInRangeMessage: 'The place on the walk is from {{ min }} to {{ max }}.')]
        public int $round,
        public ?int $version = null,
    ) {}
}
