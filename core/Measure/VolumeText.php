<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Measure;

/**
 * Reads and writes volumes: "2 qt", "1/2 gal", "500 ml", "1.5 l"; a bare number is quarts in a home that measures in inches, litres in
 * one that measures in centimetres.
 *
 * 1 US gallon = 231 cubic inches = 3.785411784 l, exactly; a quart is a quarter of it, a fluid ounce 1/128.
 */
final readonly class VolumeText
{
    private const GALLON = 3.785411784;
    private const LITRES = [
        'ml' => 0.001, 'cl' => 0.01, 'l' => 1.0, 'gal' => self::GALLON, 'qt' => self::GALLON / 4, 'pt' => self::GALLON / 8,
        'oz' => self::GALLON / 128,
    ];
    private const WORDS = [
        'litres' => 'l', 'litre' => 'l', 'liters' => 'l', 'liter' => 'l', 'gallons' => 'gal', 'gallon' => 'gal', 'quarts' => 'qt',
        'quart' => 'qt', 'pints' => 'pt', 'pint' => 'pt', 'fl oz' => 'oz', 'fl. oz' => 'oz',
    ];

    public function __construct(private LengthUnit $unit) {}

    public function read(string $text): Volume
    {
        $plain = trim(strtr(mb_strtolower($text), self::WORDS + ['½' => '1/2', '¼' => '1/4', '¾' => '3/4']));
        if (1 !== preg_match('/^(-?\d+(?:[.,]\d+)?)(?:\/(\d+))?\s*(ml|cl|l|gal|qt|pt|oz)?$/', $plain, $match, \PREG_UNMATCHED_AS_NULL) || '0' === $match[2]) {
            throw InvalidMeasure::unreadable('volume', $text, LengthUnit::Inch === $this->unit ? '2 qt or 1/2 gal' : '1.5 l or 500 ml');
        }
        $amount = (float) str_replace(',', '.', $match[1]) / (float) ($match[2] ?? '1');

        return Volume::ofLitres($amount * self::LITRES[$match[3] ?? (LengthUnit::Inch === $this->unit ? 'qt' : 'l')]);
    }

    public function write(Volume $volume): string
    {
        $litres = $volume->litres();
        if (LengthUnit::Centimetre === $this->unit) {
            return $litres < 1 ? round($litres * 1000) . ' ml' : self::trimmed($litres) . ' l';
        }
        $quarts = $litres / self::LITRES['qt'];

        return $quarts < 1 ? self::trimmed($litres / self::LITRES['oz']) . ' fl oz' : self::trimmed($quarts) . ' qt';
    }

    private static function trimmed(float $value): string
    {
        return rtrim(rtrim(number_format($value, $value < 10 ? 2 : 1, '.', ''), '0'), '.');
    }
}
