<?php

declare(strict_types=1);

namespace App\Cupboard;

use App\Http\Name;
use BrightCupboard\Core\Stock\PieceKind;
use Symfony\Component\Validator\Constraints as Assert;

/** An arrangement to be put together from owned pieces; lengths as people write them, empty for what its parts measure. */
final readonly class TogetherInput
{
    /**
     * @param list<PartUnitsInput> $parts
     * @param string               $place where it will stand: "tote:…", "spot:…", "loose"
     * @param bool                 $keep  false only says what would come of it
     */
    public function __construct(
        #[Name]
        public string $name,
        public PieceKind $kind,
        #[Assert\Count(min: 1, max: 20, maxMessage: 'An arrangement is put together from at most {{ limit }} kinds of things.')]
        public array $parts,
        public string $width,
        public string $depth,
        public string $height,
        public string $place,
        public bool $keep,
    ) {}
}
