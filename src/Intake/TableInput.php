<?php

declare(strict_types=1);

namespace App\Intake;

use Symfony\Component\Validator\Constraints as Assert;

/** The bytes of a CSV file, base64, so that any encoding arrives as it was saved. */
final readonly class TableInput
{
    public function __construct(
        #[Assert\Length(max: 14000000, maxMessage: 'The file is larger than 10 MB. Split it.')]
        public string $base64,
    ) {}
}
