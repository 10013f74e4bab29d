<?php

declare(strict_types=1);

namespace App\Totes;

use App\Http\Name;
use BrightCupboard\Core\Stock\Condition;
use Symfony\Component\Validator\Constraints as Assert;

final readonly class ToteInput
{
    /**
     * @param list<Condition> $conditions of the place it stands in
     * @param string          $mostWeight it may weigh when full, as people write it; empty when nobody said
     */
    public function __construct(
        #[Assert\NotBlank(message: 'Give the tote a code, such as A1.', normalizer: 'trim')]
        #[Assert\Length(max: 20, maxMessage: 'A code has at most {{ limit }} characters.')]
        public string $code,
        #[Name]
        public string $place,
        public string $width,
        public string $depth,
        public string $height,
        public array $conditions,
        public string $mostWeight,
        public ?int $version = null,
    ) {}
}
