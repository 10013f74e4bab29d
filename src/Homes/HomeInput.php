<?php

declare(strict_types=1);

namespace App\Homes;

use App\Http\Name;
use BrightCupboard\Core\Measure\LengthUnit;
use BrightCupboard\Core\Money\GiftMoney;
use Symfony\Component\Validator\Constraints as Assert;

final readonly class HomeInput
{
    public function __construct(
        #[Name]
        public string $name,
        public LengthUnit $unit,
        #[Assert\NotBlank(message: 'Give the currency a sign, such as $.')]
        #[Assert\Length(max: 4, maxMessage: 'A currency sign has at most {{ limit }} characters.')]
        public string $currency,
        public GiftMoney $giftMoney,
        public ?int $version = null,
    ) {}
}
