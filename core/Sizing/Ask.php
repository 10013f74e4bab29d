<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Sizing;

use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\LengthUnit;
use BrightCupboard\Core\Measure\Volume;
use BrightCupboard\Core\Measure\Weight;
use BrightCupboard\Core\Money\Money;
use BrightCupboard\Core\Money\Offer;

/** One thing a sum asks for: what kind of figure it is, what is usual, and what can be taken. */
final readonly class Ask
{
    /** Stands for any count above nothing where a field is asked only when there are some. */
    public const SOME = 'some';

    /** Usual lengths in a home that measures in centimetres: whole ones, from these inches on whole steps of 5 and of 10 cm. */
    private const FIVES_FROM_INCHES = 12;
    private const TENS_FROM_INCHES = 40;

    /**
     * @param list<string>        $choices
     * @param float|string|null   $usual   inches, grams, litres, minor units, a number, a word; null when it has to be written or may stay empty
     * @param float               $least   in the same unit
     * @param float               $most    in the same unit
     * @param array<string, list<string>> $when asked only when another choice is one of these, or another count is SOME
     * @param bool                $isOfThePlace a measure of the place rather than a way of doing: it comes from the spot and is not kept as a habit
     * @param float|null          $usualMetric where a home that measures in centimetres usually has another figure
     * @param bool                $isAlone      means something else in every sum, such as a price; other figures of one name are the same in all sums
     */
    private function __construct(
        public string $name,
        public AskKind $kind,
        public float|string|null $usual,
        public float $least,
        public float $most,
        public array $choices = [],
        public array $when = [],
        public bool $isOptional = false,
        public bool $isOfThePlace = false,
        public bool $isAlone = false,
        private ?float $usualMetric = null,
    ) {}

    /** A length above nothing, up to 60 m unless said otherwise. */
    public static function length(string $name, ?float $usualInches, float $mostInches = 2400): self
    {
        return new self($name, AskKind::Length, $usualInches, 0.01, $mostInches);
    }

    /** A length that may be nothing. */
    public static function lengthOrNone(string $name, float $usualInches = 0, float $mostInches = 600): self
    {
        return new self($name, AskKind::Length, $usualInches, 0, $mostInches);
    }

    public static function count(string $name, int $usual, int $least = 1, int $most = 999): self
    {
        return new self($name, AskKind::Count, $usual, $least, $most);
    }

    /** A whole number that may stay empty. */
    public static function optionalCount(string $name, int $most): self
    {
        return new self($name, AskKind::Count, null, 1, $most, isOptional: true);
    }

    /** A figure that may stay empty. */
    public static function optionalNumber(string $name, float $least, float $most): self
    {
        return new self($name, AskKind::Number, null, $least, $most, isOptional: true);
    }

    public static function number(string $name, float $usual, float $least, float $most): self
    {
        return new self($name, AskKind::Number, $usual, $least, $most);
    }

    public static function percent(string $name, float $usual, float $most = 100): self
    {
        return new self($name, AskKind::Percent, $usual, 0, $most);
    }

    /** What goes on top of the reckoned, or off it, as it came out last time. */
    public static function allowance(): self
    {
        return new self('allowance', AskKind::Percent, 0.0, -50, 100);
    }

    public static function weight(string $name, int $usualGrams): self
    {
        return new self($name, AskKind::Weight, $usualGrams, 0, 200_000);
    }

    public static function volume(string $name, float $usualLitres): self
    {
        return new self($name, AskKind::Volume, $usualLitres, 0.01, 200);
    }

    public static function money(string $name): self
    {
        return new self($name, AskKind::Money, null, 0, 100_000_000, isOptional: true);
    }

    public static function offer(string $name): self
    {
        return new self($name, AskKind::Offer, null, 0, 0, isOptional: true);
    }

    /** @param non-empty-list<string> $choices the usual one first */
    public static function choice(string $name, array $choices): self
    {
        return new self($name, AskKind::Choice, $choices[0], 0, 0, $choices);
    }

    public static function yes(string $name, bool $usual = false): self
    {
        return new self($name, AskKind::Yes, $usual ? 'yes' : 'no', 0, 0, ['yes', 'no']);
    }

    /** Asked only when another choice is one of these. */
    public function when(string $choice, string ...$is): self
    {
        return new self(
            $this->name,
            $this->kind,
            $this->usual,
            $this->least,
            $this->most,
            $this->choices,
            $this->when + [$choice => array_values($is)],
            $this->isOptional,
            $this->isOfThePlace,
            $this->isAlone,
            $this->usualMetric,
        );
    }

    public function orEmpty(): self
    {
        return new self(
            $this->name,
            $this->kind,
            $this->usual,
            $this->least,
            $this->most,
            $this->choices,
            $this->when,
            true,
            $this->isOfThePlace,
            $this->isAlone,
            $this->usualMetric,
        );
    }

    public function ofThePlace(): self
    {
        return new self(
            $this->name,
            $this->kind,
            $this->usual,
            $this->least,
            $this->most,
            $this->choices,
            $this->when,
            $this->isOptional,
            true,
            $this->isAlone,
            $this->usualMetric,
        );
    }

    /** Another figure is usual where people measure in centimetres: other mains, other packs. */
    public function inMetricHomes(float $usual): self
    {
        return new self(
            $this->name,
            $this->kind,
            $this->usual,
            $this->least,
            $this->most,
            $this->choices,
            $this->when,
            $this->isOptional,
            $this->isOfThePlace,
            $this->isAlone,
            $usual,
        );
    }

    public function alone(): self
    {
        return new self(
            $this->name,
            $this->kind,
            $this->usual,
            $this->least,
            $this->most,
            $this->choices,
            $this->when,
            $this->isOptional,
            $this->isOfThePlace,
            true,
            $this->usualMetric,
        );
    }

    /** What stands in the field until something else is written; lengths in round figures of the home's unit. */
    public function preset(LengthUnit $unit): Length|Weight|Volume|float|string|null
    {
        return match (true) {
            null === $this->usual, \is_string($this->usual) => $this->usual,
            LengthUnit::Centimetre === $unit && null !== $this->usualMetric => $this->usualMetric,
            AskKind::Length === $this->kind => self::round($this->usual, $unit),
            AskKind::Weight === $this->kind => Weight::ofGrams((int) $this->usual),
            AskKind::Volume === $this->kind => Volume::ofLitres($this->usual),
            default => $this->usual,
        };
    }

    /**
     * The value itself, when the sum can take it.
     *
     * @throws InvalidSum at this field
     */
    public function take(Length|Weight|Volume|Money|Offer|float|string|null $value): Length|Weight|Volume|Money|Offer|float|string|null
    {
        if (null === $value) {
            return $this->isOptional ? null : throw InvalidSum::at($this->name, 'missing');
        }
        $amount = match (true) {
            $value instanceof Length => $value->inInches(),
            $value instanceof Weight => $value->grams(),
            $value instanceof Volume => $value->litres(),
            $value instanceof Money => $value->minor,
            \is_float($value) => $value,
            default => null,
        };
        if (\is_string($value) && !\in_array($value, $this->choices, true)) {
            throw InvalidSum::at($this->name, 'unknown choice', ['value' => $value]);
        }
        if (null !== $amount && ($amount < $this->least - 1e-9 || $amount > $this->most + 1e-9)) {
            throw $this->outside($value, $amount);
        }
        if (AskKind::Count === $this->kind && \is_float($value) && floor($value) !== $value) {
            throw InvalidSum::at($this->name, 'not whole', ['value' => $value]);
        }

        return $value;
    }

    private function outside(Length|Weight|Volume|Money|Offer|float|string $value, float $amount): InvalidSum
    {
        $limit = $amount < $this->least ? $this->least : $this->most;
        $values = [
            'value' => $value instanceof Offer ? '' : $value,
            'limit' => match ($this->kind) {
                AskKind::Length => Length::ofInches($limit),
                AskKind::Weight => Weight::ofGrams((int) $limit),
                AskKind::Volume => Volume::ofLitres($limit),
                AskKind::Money => Money::ofMinor((int) $limit),
                default => $limit,
            },
        ];

        return InvalidSum::at($this->name, match (true) {
            $amount > $this->least => 'too much',
            AskKind::Length === $this->kind => 'nothing',
            default => 'too little',
        }, $values);
    }

    private static function round(float $inches, LengthUnit $unit): Length
    {
        $step = match (true) {
            $inches >= self::TENS_FROM_INCHES => 100,
            $inches >= self::FIVES_FROM_INCHES => 50,
            $inches >= 2 => 10,
            default => 1,
        };

        return LengthUnit::Inch === $unit ? Length::ofInches($inches) : Length::ofMillimetres(round($inches * 25.4 / $step) * $step);
    }
}
