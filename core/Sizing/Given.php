<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Sizing;

use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\LengthUnit;
use BrightCupboard\Core\Measure\Volume;
use BrightCupboard\Core\Measure\Weight;
use BrightCupboard\Core\Money\Money;
use BrightCupboard\Core\Money\Offer;

/** The figures a sum is reckoned from, each one taken by its ask. */
final readonly class Given
{
    /** @param array<string, Length|Weight|Volume|Money|Offer|float|string|null> $values by name of the ask */
    private function __construct(private array $values) {}

    /**
     * @param list<Ask>                                                   $asks
     * @param array<string, Length|Weight|Volume|Money|Offer|float|int|string|null> $values what is written; the rest is as usual
     *
     * @throws InvalidSum at the first field that cannot be taken
     */
    public static function of(array $asks, array $values, LengthUnit $unit = LengthUnit::Inch): self
    {
        $taken = [];
        foreach ($asks as $ask) {
            $value = \array_key_exists($ask->name, $values) ? $values[$ask->name] : $ask->preset($unit);
            $taken[$ask->name] = \is_int($value) ? (float) $value : $value;
        }
        foreach ($asks as $ask) {
            if (self::isAsked($ask, $taken)) {
                $taken[$ask->name] = $ask->take($taken[$ask->name]);
            }
        }

        return new self($taken);
    }

    /** @param array<string, mixed> $values */
    public static function isAsked(Ask $ask, array $values): bool
    {
        foreach ($ask->when as $choice => $is) {
            $value = $values[$choice] ?? null;
            if (!\in_array($value, $is, true) && !([Ask::SOME] === $is && \is_numeric($value) && (float) $value > 0.0)) {
                return false;
            }
        }

        return true;
    }

    public function length(string $name): Length
    {
        $value = $this->values[$name] ?? Length::zero();

        return $value instanceof Length ? $value : throw new \LogicException(sprintf('%s is no length.', $name));
    }

    public function tenths(string $name): int
    {
        return $this->length($name)->tenths();
    }

    public function grams(string $name): int
    {
        $value = $this->values[$name] ?? null;

        return $value instanceof Weight ? $value->grams() : throw new \LogicException(sprintf('%s is no weight.', $name));
    }

    public function litres(string $name): float
    {
        $value = $this->values[$name] ?? null;

        return $value instanceof Volume ? $value->litres() : throw new \LogicException(sprintf('%s is no volume.', $name));
    }

    public function count(string $name): int
    {
        return (int) $this->number($name);
    }

    public function number(string $name): float
    {
        $value = $this->values[$name] ?? 0.0;

        return \is_float($value) ? $value : throw new \LogicException(sprintf('%s is no number.', $name));
    }

    /** A percentage as a share. */
    public function share(string $name): float
    {
        return $this->number($name) / 100;
    }

    public function choice(string $name): string
    {
        $value = $this->values[$name] ?? '';

        return \is_string($value) ? $value : throw new \LogicException(sprintf('%s is no choice.', $name));
    }

    public function is(string $name, string ...$choices): bool
    {
        return \in_array($this->choice($name), $choices, true);
    }

    public function yes(string $name): bool
    {
        return $this->is($name, 'yes');
    }

    public function has(string $name): bool
    {
        return null !== ($this->values[$name] ?? null);
    }

    public function money(string $name): ?Money
    {
        $value = $this->values[$name] ?? null;

        return $value instanceof Money ? $value : null;
    }

    public function offer(string $name): Offer
    {
        $value = $this->values[$name] ?? null;

        return $value instanceof Offer ? $value : Offer::none();
    }
}
