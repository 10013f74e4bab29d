<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Colour;

/** An 8-bit sRGB colour (IEC 61966-2-1). */
final readonly class Srgb
{
    private function __construct(public int $red, public int $green, public int $blue) {}

    /** Reads "#3E5F5A", "3e5f5a" or "#abc". */
    public static function ofHex(string $text): self
    {
        $hex = ltrim(trim($text), '#');
        if (1 === preg_match('/^[0-9a-f]{3}$/i', $hex)) {
            $hex = $hex[0] . $hex[0] . $hex[1] . $hex[1] . $hex[2] . $hex[2];
        }
        if (1 !== preg_match('/^[0-9a-f]{6}$/i', $hex)) {
            throw InvalidColour::unknown($text);
        }
        $bits = (int) hexdec($hex);

        return new self($bits >> 16, $bits >> 8 & 0xFF, $bits & 0xFF);
    }

    /** 0 to 0xFFFFFF; equal for equal colours. */
    public function number(): int
    {
        return $this->red << 16 | $this->green << 8 | $this->blue;
    }

    public function hex(): string
    {
        return sprintf('#%02X%02X%02X', $this->red, $this->green, $this->blue);
    }
}
