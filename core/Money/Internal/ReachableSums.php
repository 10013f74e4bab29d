<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Money\Internal;

/**
 * The sums that can be made of so many whole numbers, each used once, up to a limit, as a row of bits.
 *
 * A number joins by shifting the whole row along and laying it over itself, bytes at a time, so that a year of lines
 * over thousands of pounds costs milliseconds and a few megabytes: O(n · limit / 8) bytes touched.
 *
 * @internal
 */
final readonly class ReachableSums
{
    /** @param string $bits bit n is set when the sum n can be made */
    private function __construct(private string $bits, private int $bytes) {}

    public static function upTo(int $limit): self
    {
        $bytes = intdiv($limit, 8) + 1;

        return new self("\x01" . str_repeat("\0", $bytes - 1), $bytes);
    }

    public function has(int $sum): bool
    {
        return $sum >= 0 && $sum < 8 * $this->bytes && 0 !== (\ord($this->bits[$sum >> 3]) & (1 << ($sum & 7)));
    }

    /** The least sum that is at least so much; null when there is none up to the limit. */
    public function leastFrom(int $sum): ?int
    {
        for ($at = $sum; $at < 8 * $this->bytes; ++$at) {
            if (0 === ($at & 7)) {
                $at += 8 * strspn($this->bits, "\0", $at >> 3);
            }
            if ($this->has($at)) {
                return $at;
            }
        }

        return null;
    }

    /** With one number more. */
    public function with(int $number): self
    {
        return new self($this->bits | $this->shifted($number), $this->bytes);
    }

    /** With all the sums of another row, each one number larger. */
    public function over(self $other, int $number): self
    {
        return new self($this->bits | $other->shifted($number), $this->bytes);
    }

    public static function none(int $limit): self
    {
        $bytes = intdiv($limit, 8) + 1;

        return new self(str_repeat("\0", $bytes), $bytes);
    }

    private function shifted(int $by): string
    {
        [$whole, $bits] = [$by >> 3, $by & 7];
        if ($whole >= $this->bytes) {
            return str_repeat("\0", $this->bytes);
        }
        $row = $this->bits;
        if ($bits > 0) {
            [$low, $high] = self::tables($bits);
            $row = strtr($row, $low) | ("\0" . substr(strtr($row, $high), 0, -1));
        }

        return str_repeat("\0", $whole) . substr($row, 0, $this->bytes - $whole);
    }

    /** @return array{array<string, string>, array<string, string>} each byte's part that stays in its place, and the part carried into the next */
    private static function tables(int $bits): array
    {
        $low = $high = [];
        for ($byte = 0; $byte < 256; ++$byte) {
            $low[\chr($byte)] = \chr(($byte << $bits) & 255);
            $high[\chr($byte)] = \chr($byte >> (8 - $bits));
        }

        return [$low, $high];
    }
}
