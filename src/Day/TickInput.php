<?php

declare(strict_types=1);

namespace App\Day;

use Symfony\Component\Validator\Constraints as Assert;

/** A tick with the key of the device that made it, so that sending it twice counts once. */
final readonly class TickInput
{
    public function __construct(
        public bool $done,
        #[Assert\NotBlank]
        #[Assert\Length(max: 80)]
        public string $key,
    ) {}
}
