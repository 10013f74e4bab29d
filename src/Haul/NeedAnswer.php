<?php

declare(strict_types=1);

namespace App\Haul;

use App\Entity\Need;
use BrightCupboard\Core\Sizing\Sums;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Texture;

/** Lengths in tenths of a millimetre; null where anything will do. The sum is the one that says how much of it. */
final readonly class NeedAnswer
{
    private function __construct(
        public string $id,
        public string $spot,
        public string $text,
        public ?PieceKind $kind,
        public ?int $leastHeight,
        public ?int $mostHeight,
        public ?int $mostWidth,
        public ?string $colour,
        public ?Texture $texture,
        public int $count,
        public ?string $filledBy,
        public ?Sums $sum,
    ) {}

    public static function of(Need $need): self
    {
        $w = $need->wanted();

        return new self(
            $need->id(),
            $need->spot()->id(),
            $need->text(),
            $w->kind,
            $w->leastHeight?->tenths(),
            $w->mostHeight?->tenths(),
            $w->mostWidth?->tenths(),
            $w->colour?->hex(),
            $w->texture,
            $w->count,
            $need->filledBy(),
            null === $w->kind ? null : Sums::for($w->kind),
        );
    }
}
