<?php

declare(strict_types=1);

namespace App\Exchange;

use Symfony\Component\Validator\Constraints as Assert;

/** The bytes of a CSV file of totes or lines, base64, and whether its rows are kept or only looked through. */
final readonly class ListFileInput
{
    public function __construct(
        #[Assert\Length(max: 700000, maxMessage: 'The file is larger than 500 kB. Split it.')]
        public string $base64,
        public bool $keep,
        public bool $leaveOutBad,
    ) {}
}
