<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Sizing;

use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\LengthUnit;
use BrightCupboard\Core\Measure\Volume;
use BrightCupboard\Core\Measure\Weight;
use BrightCupboard\Core\Money\Money;
use BrightCupboard\Core\Money\Offer;
use BrightCupboard\Core\Sizing\Answer;
use BrightCupboard\Core\Sizing\Given;
use BrightCupboard\Core\Sizing\Owned;
use BrightCupboard\Core\Sizing\OwnedPiece;
use BrightCupboard\Core\Sizing\Said;
use BrightCupboard\Core\Sizing\Sums;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Tests\Core\Support\Make;

/** Reckons a sum for a test from figures as a test writes them: bare numbers are inches where a length is asked. */
final readonly class Reckon
{
    /** @param array<string, float|int|string|Length|Weight|Volume|Money|Offer|null> $values */
    public static function sum(Sums $which, array $values = [], ?Owned $owned = null, LengthUnit $unit = LengthUnit::Inch): Answer
    {
        return $which->sum()->reckon(Given::of($which->sum()->asks(), $values, $unit), $owned ?? new Owned());
    }

    public static function inches(float $inches): Length
    {
        return Length::ofInches($inches);
    }

    /** What a line of the answer says under a name. */
    public static function value(Answer $answer, string $code, string $name): Length|Weight|Money|float|int|string
    {
        foreach ([...$answer->figures, ...$answer->working, ...$answer->cautions] as $said) {
            if ($said->code === $code) {
                $value = $said->values[$name] ?? throw new \LogicException("{$code} has no {$name}.");

                return \is_object($value) && !$value instanceof Length && !$value instanceof Weight && !$value instanceof Money
                    ? throw new \LogicException('Ask for it by itself.')
                    : $value;
            }
        }

        throw new \LogicException("The answer does not say {$code}: " . implode(', ', self::codes($answer)));
    }

    public static function inchesOf(Answer $answer, string $code, string $name): float
    {
        $value = self::value($answer, $code, $name);

        return $value instanceof Length ? round($value->inInches(), 3) : throw new \LogicException("{$name} is no length.");
    }

    /** @return list<string> */
    public static function codes(Answer $answer): array
    {
        return array_map(static fn(Said $said): string => $said->code, [...$answer->figures, ...$answer->working, ...$answer->cautions]);
    }

    /** A cupboard of lengths: kind, inches, units. */
    public static function lengths(PieceKind $kind, float ...$inches): Owned
    {
        return new Owned(array_map(
            static fn(float $one, int $i): OwnedPiece => new OwnedPiece(Make::piece(sprintf('%s %d', $kind->value, $i), $kind, laidOut: $one), 1),
            $inches,
            array_keys($inches),
        ));
    }
}
