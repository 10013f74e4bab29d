<?php

declare(strict_types=1);

namespace App\Look;

use App\Http\Name;
use BrightCupboard\Core\Look\BalanceSchool;
use BrightCupboard\Core\Look\ColourSchool;
use BrightCupboard\Core\Stock\Finish;
use BrightCupboard\Core\Stock\Texture;
use Symfony\Component\Validator\Constraints as Assert;

final readonly class LookInput
{
    /**
     * @param list<RibbonInput> $ribbons
     * @param list<Texture>     $textures
     * @param list<string>      $restingColours
     * @param list<Finish>      $restingFinishes
     * @param list<Texture>     $restingTextures
     * @param list<string>      $restingPieces   ids
     */
    public function __construct(
        #[Name]
        public string $name,
        #[Assert\Valid]
        public array $ribbons,
        public array $textures,
        #[Assert\Count(max: 8, maxMessage: 'At most {{ limit }} colours can rest.')]
        #[Assert\All(new Assert\Type('string', message: 'A colour is written like #B5532A.'))]
        public array $restingColours,
        public array $restingFinishes,
        public array $restingTextures,
        #[Assert\Count(max: 500, maxMessage: 'At most {{ limit }} single pieces can rest.')]
        #[Assert\All([new Assert\Type('string'), new Assert\Length(max: 26)])]
        public array $restingPieces,
        public int $mood,
        public BalanceSchool $balance,
        public ColourSchool $colour,
        public ?int $version = null,
    ) {}
}
