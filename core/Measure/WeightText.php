<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Measure;

/**
 * Reads and writes weights: "4 lb", "1 lb 6 oz", "350 g", "1.2 kg"; a bare number is pounds
 * in a home that measures in inches, kilograms in one that measures in centimetres.
 *
 * 1 lb = 453.59237 g and 1 oz = 28.349523125 g (international avoirdupois pound, 1959).
 */
final readonly class WeightText
{
    private const GRAMS_PER_UNIT = ['g' => 1.0, 'kg' => 1000.0, 'oz' => 28.349523125, 'lb' => 453.59237];

    public function __construct(private LengthUnit $unit) {}

    /** Rounds once, to the nearest gram. */
    public function read(string $text): Weight
    {
        $plain = trim(str_replace(['lbs', 'pounds', 'pound'], 'lb', mb_strtolower($text)));
        $found = preg_match_all('/\G\s*(-?\d+(?:[.,]\d+)?)\s*(kg|g|oz|lb)?\s*/', $plain, $parts, \PREG_SET_ORDER | \PREG_UNMATCHED_AS_NULL);
        if (0 === (int) $found || implode('', array_map(static fn(array $part): string => $part[0], $parts)) !== $plain || \strlen($plain) > 40) {
            throw InvalidMeasure::unreadable('weight', $text, LengthUnit::Inch === $this->unit ? '4 lb or 12 oz' : '350 g or 1.2 kg');
        }
        $grams = 0.0;
        foreach ($parts as $part) {
            $unit = $part[2] ?? (LengthUnit::Inch === $this->unit ? 'lb' : 'kg');
            $grams += (float) str_replace(',', '.', $part[1]) * self::GRAMS_PER_UNIT[$unit];
        }

        return abs($grams) > 1e9 ? throw InvalidMeasure::tooMuch('weight', $grams, 'g', '500 kg') : Weight::ofGrams((int) round($grams));
    }

    /** Pounds and ounces, or grams and kilograms, to the precision a kitchen scale shows. */
    public function write(Weight $weight): string
    {
        if (LengthUnit::Centimetre === $this->unit) {
            return $weight->grams() >= 1000 ? round($weight->grams() / 1000, 1) . ' kg' : $weight->grams() . ' g';
        }
        $ounces = $weight->grams() / self::GRAMS_PER_UNIT['oz'];

        return $ounces >= 16 ? round($ounces / 16, 1) . ' lb' : round($ounces) . ' oz';
    }
}
