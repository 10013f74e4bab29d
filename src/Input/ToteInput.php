<?php

declare(strict_types=1);

namespace App\Input;

use Symfony\Component\Validator\Constraints as Assert;

final readonly class ToteInput
{
    public function __construct(
        #[Assert\NotBlank(message: 'Give the tote a code, such as A1.', normalizer: 'trim')]
        #[Assert\Length(max: 20, maxMessage: 'A code has at most {{ limit }} characters.')]
        public string $code,
        #[Name]
        public string $place,
        public string $width,
        public string $depth,
        public string $height,
        public ?int $version = null,
    ) {}
}
