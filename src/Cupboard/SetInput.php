<?php

declare(strict_types=1);

namespace App\Cupboard;

use Symfony\Component\Validator\Constraints as Assert;

/** The set a piece belongs to; no name means none. */
final readonly class SetInput
{
    public function __construct(
        #[Assert\Length(max: 80)]
        public string $name,
        public int $of,
    ) {}
}
