<?php

declare(strict_types=1);

namespace App\Look;

use App\Entity\Look;
use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Look\BalanceSchool;
use BrightCupboard\Core\Look\ColourSchool;
use BrightCupboard\Core\Look\Ribbon;
use BrightCupboard\Core\Stock\Finish;
use BrightCupboard\Core\Stock\Texture;

final readonly class LookAnswer
{
    /**
     * @param list<RibbonAnswer> $ribbons
     * @param list<Texture>    $textures
     * @param list<string>     $restingColours
     * @param list<Finish>     $restingFinishes
     * @param list<Texture>    $restingTextures
     * @param list<string>     $restingPieces   ids
     */
    private function __construct(
        public string $id,
        public string $name,
        public array $ribbons,
        public array $textures,
        public array $restingColours,
        public array $restingFinishes,
        public array $restingTextures,
        public array $restingPieces,
        public int $mood,
        public BalanceSchool $balance,
        public ColourSchool $colour,
        public int $version,
    ) {}

    public static function of(Look $look): self
    {
        $l = $look->look();

        return new self(
            $look->id(),
            $l->name,
            array_map(
                static fn(Ribbon $ribbon): RibbonAnswer => new RibbonAnswer($ribbon->name, $ribbon->colour->hex(), $ribbon->role, $ribbon->percent),
                $l->ribbons,
            ),
            $l->textures,
            array_map(static fn(Srgb $colour): string => $colour->hex(), $l->resting->colours),
            $l->resting->finishes,
            $l->resting->textures,
            $l->resting->pieces,
            $l->mood,
            $l->balance,
            $l->colour,
            $look->version(),
        );
    }
}
