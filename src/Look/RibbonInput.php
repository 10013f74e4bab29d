<?php

declare(strict_types=1);

namespace App\Look;

use BrightCupboard\Core\Look\RibbonRole;
use Symfony\Component\Validator\Constraints as Assert;

final readonly class RibbonInput
{
    public function __construct(
        #[Assert\Length(max: 40, maxMessage: 'A ribbon’s name has at most {{ limit }} characters.')]
        public string $name,
        public string $hex,
        public RibbonRole $role,
        public int $percent,
    ) {}
}
