<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Money;

/**
 * An amount in whole minor units (cents, pence) of the home's own currency.
 *
 * Sums are exact; the only rounding is in share(), half up.
 */
final readonly class Money
{
    private const MAX_MINOR = 100_000_000;

    private function __construct(public int $minor) {}

    public static function ofMinor(int $minor): self
    {
        return new self($minor);
    }

    public static function zero(): self
    {
        return new self(0);
    }

    /** Reads "12", "12.5", "12.50", "12,50", "$12.50", "1,250.00" or "1.250,00"; never negative, at most 1,000,000. */
    public static function read(string $text): self
    {
        $plain = preg_replace('/[\s$€£]/u', '', $text) ?? '';
        if (str_starts_with($plain, '-')) {
            throw InvalidMoney::negative($text);
        }
        $plain = 1 === preg_match('/^\d{1,3}(?:\.\d{3})+,\d{1,2}$/', $plain) ? str_replace('.', '', $plain) : $plain; // 1.234,50
        $plain = preg_replace('/,(?=\d{3}(\D|$))/', '', $plain) ?? '';
        if (1 !== preg_match('/^(\d{1,9})(?:[.,](\d{1,2}))?$/', $plain, $match)) {
            throw InvalidMoney::unreadable($text);
        }
        $minor = (int) $match[1] * 100 + (int) str_pad($match[2] ?? '', 2, '0');

        return $minor > self::MAX_MINOR ? throw InvalidMoney::tooMuch() : new self($minor);
    }

    public function plus(self $other): self
    {
        return new self($this->minor + $other->minor);
    }

    public function minus(self $other): self
    {
        return new self($this->minor - $other->minor);
    }

    public function times(int $count): self
    {
        return new self($this->minor * $count);
    }

    /** This amount times part / whole, rounded half up to the minor unit. */
    public function share(int $part, int $whole): self
    {
        return new self((int) floor((2 * $this->minor * $part + $whole) / (2 * $whole)));
    }

    /**
     * A price each for groups of units that add up to this amount as nearly as whole minor units can, never to more.
     *
     * @param non-empty-list<int> $counts units of each group, 1 or more
     *
     * @return non-empty-list<self> exact where a group is of one unit
     */
    public function each(array $counts): array
    {
        $units = array_sum($counts);
        $prices = array_fill(0, \count($counts), intdiv($this->minor, $units));
        $smallest = (int) array_search(min($counts), $counts, true);
        $prices[$smallest] += intdiv($this->minor % $units, $counts[$smallest]);

        return array_values(array_map(self::ofMinor(...), $prices));
    }

    public function isMoreThan(self $other): bool
    {
        return $this->minor > $other->minor;
    }

    /** @param iterable<self> $amounts */
    public static function sum(iterable $amounts): self
    {
        $minor = 0;
        foreach ($amounts as $amount) {
            $minor += $amount->minor;
        }

        return new self($minor);
    }
}
