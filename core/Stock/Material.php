<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Stock;

/** What a piece is made of; it decides the texture family and whether a flame may come near. */
enum Material: string
{
    case Reed = 'reed';
    case Jute = 'jute';
    case Wood = 'wood';
    case Clay = 'clay';
    case Stoneware = 'stoneware';
    case Porcelain = 'porcelain';
    case Stone = 'stone';
    case Brass = 'brass';
    case Iron = 'iron';
    case Tin = 'tin';
    case Glass = 'glass';
    case FauxGreenery = 'faux greenery';
    case FreshGreenery = 'fresh greenery';
    case Dried = 'dried stems';
    case Cotton = 'cotton';
    case Linen = 'linen';
    case Wool = 'wool';
    case Velvet = 'velvet';
    case Paper = 'paper';
    case Wax = 'wax';
    case Plastic = 'plastic';

    /** A table and no match: asked for every material of thousands of pieces. */
    private const TEXTURES = [
        'reed' => Texture::Woven, 'jute' => Texture::Woven, 'wood' => Texture::Wood,
        'clay' => Texture::Clay, 'stoneware' => Texture::Clay, 'porcelain' => Texture::Clay, 'stone' => Texture::Clay, 'plastic' => Texture::Clay,
        'brass' => Texture::Metal, 'iron' => Texture::Metal, 'tin' => Texture::Metal, 'glass' => Texture::Glass,
        'faux greenery' => Texture::Greenery, 'fresh greenery' => Texture::Greenery, 'dried stems' => Texture::Dried,
        'cotton' => Texture::Textile, 'linen' => Texture::Textile, 'wool' => Texture::Textile, 'velvet' => Texture::Textile,
        'paper' => Texture::Paper, 'wax' => Texture::Wax,
    ];

    public function texture(): Texture
    {
        return self::TEXTURES[$this->value];
    }

    /** Whether an open flame must keep its distance (NFPA candle safety: anything that can burn). */
    public function burns(): bool
    {
        return match ($this) {
            self::Clay, self::Stoneware, self::Porcelain, self::Stone, self::Brass, self::Iron, self::Tin, self::Glass, self::Wax => false,
            default => true,
        };
    }

    /**
     * What of a place of storage it suffers from: wax melts and plastic warps in heat, paper, cloth, wood and iron take
     * harm from damp, dried stems, cloth, paper and faux greenery fade in the light (common practice).
     *
     * @return list<Condition>
     */
    public function suffersFrom(): array
    {
        return match ($this) {
            self::Wax, self::Plastic => [Condition::Heat],
            self::Paper, self::Dried => [Condition::Damp, Condition::Light],
            self::Cotton, self::Linen, self::Wool, self::Velvet => [Condition::Damp, Condition::Light],
            self::Wood, self::Iron, self::Tin, self::Reed, self::Jute => [Condition::Damp],
            self::FauxGreenery => [Condition::Heat, Condition::Light],
            self::FreshGreenery => [Condition::Heat],
            default => [],
        };
    }

    /** How much of the box round a thing it still fills when packed: cloth is folded and pressed, greenery gives way (from memory). */
    public function packedPart(): float
    {
        return match ($this) {
            self::Cotton, self::Linen, self::Wool, self::Velvet => 0.45,
            self::FauxGreenery, self::FreshGreenery => 0.55,
            default => 1.0,
        };
    }

    /** How much of a face it hides, 0 to 1: glass lets the wall through, branches half of it. */
    public function solidity(): float
    {
        return match ($this) {
            self::Glass => 0.2,
            self::FauxGreenery, self::FreshGreenery, self::Dried => 0.6,
            default => 1.0,
        };
    }
}
