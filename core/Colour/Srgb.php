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

    /** @param int $number 0 to 0xFFFFFF */
    public static function ofNumber(int $number): self
    {
        return self::ofChannels($number >> 16, $number >> 8 & 0xFF, $number & 0xFF);
    }

    /** Each channel 0 to 255. */
    public static function ofChannels(int $red, int $green, int $blue): self
    {
        return new self(self::channel($red), self::channel($green), self::channel($blue));
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

    private static function channel(int $value): int
    {
        return $value >= 0 && $value <= 255 ? $value : throw new \LogicException(sprintf('A colour channel goes from 0 to 255, got %d.', $value));
    }
}
