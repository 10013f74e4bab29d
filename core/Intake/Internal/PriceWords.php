<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal;

use BrightCupboard\Core\Intake\Question;
use BrightCupboard\Core\Intake\Reply;
use BrightCupboard\Core\Money\InvalidMoney;
use BrightCupboard\Core\Money\Money;

/**
 * Takes prices out of a line: "$4 each", "3 for $27", "$27 for 3", "$12". A bare price for several is asked back.
 *
 * @internal
 */
final readonly class PriceWords
{
    private const AMOUNT = '([$€£])\s*(-?\d[\d.,]*\d|-?\d)';

    public function __construct(private string $currency) {}

    public function take(string $text, Draft $draft): string
    {
        $text = $this->replaced('/(\d{1,3})\s+for\s+' . self::AMOUNT . '/iu', $text, fn(array $m): bool => $this->pack($m[3], $m[2], (int) $m[1], $draft));
        $text = $this->replaced(
            '/' . self::AMOUNT . '\s+for\s+(?:all\s+)?(\d{1,3})\b/iu',
            $text,
            fn(array $m): bool => $this->pack($m[2], $m[1], (int) $m[3], $draft),
        );
        $text = $this->replaced('/' . self::AMOUNT . '\s*(?:each|apiece|a piece|ea\b)/iu', $text, fn(array $m): bool => $this->each($m[2], $m[1], $draft));

        return $this->replaced(
            '/' . self::AMOUNT . '(\s+(?:in all|together|the lot|total))?/iu',
            $text,
            fn(array $m): bool => $this->bare(trim($m[0]), $m[2], $m[1], isset($m[3]), $draft),
        );
    }

    private function pack(string $amount, string $sign, int $units, Draft $draft): bool
    {
        $money = $this->money($amount, $sign, $draft);
        if (null === $money || $units < 1) {
            return true;
        }
        $draft->costEach = $money->share(1, $units);
        if (null === $draft->count) {
            $draft->count = $units;
            $draft->guesses[] = sprintf('%d of them, as they were sold.', $units);
        }

        return true;
    }

    private function each(string $amount, string $sign, Draft $draft): bool
    {
        $draft->costEach = $this->money($amount, $sign, $draft) ?? $draft->costEach;

        return true;
    }

    private function bare(string $found, string $amount, string $sign, bool $isTogether, Draft $draft): bool
    {
        $money = $this->money($amount, $sign, $draft);
        if (null !== $money) {
            $draft->bare = ['found' => $found, 'money' => $money, 'isTogether' => $isTogether];
        }

        return true;
    }

    /** A price that does not say what it is for, once all of the line is read: how many there are may stand behind it. */
    public function settle(Draft $draft): void
    {
        if (null === $draft->bare) {
            return;
        }
        ['found' => $found, 'money' => $money, 'isTogether' => $isTogether] = $draft->bare;
        $count = $draft->count ?? 1;
        if ($isTogether || 1 === $count || $draft->isSoldTogether) {
            if (!$isTogether && $count > 1) {
                $draft->guesses[] = sprintf('%s is for all %d, as they were sold.', $found, $count);
            }
            $draft->costEach = $money->share(1, $count);

            return;
        }
        $draft->costEach = $money;
        $draft->questions[] = new Question('costEach', sprintf('Is %s for one, or for all %d?', $found, $count), [
            new Reply($found . ' each', str_replace($found, $found . ' each', $draft->line)),
            new Reply(sprintf('%s for all %d', $found, $count), str_replace($found, sprintf('%s for %d', $found, $count), $draft->line)),
        ], sprintf('%s is taken for each.', $found));
    }

    private function money(string $amount, string $sign, Draft $draft): ?Money
    {
        if ($sign !== $this->currency) {
            $draft->questions[] = new Question('costEach', sprintf('This home counts in %s. What is %s%s in %1$s?', $this->currency, $sign, $amount));

            return null;
        }
        try {
            return Money::read($amount);
        } catch (InvalidMoney $refusal) {
            $draft->questions[] = new Question('costEach', $refusal->getMessage());

            return null;
        }
    }

    /** @param \Closure(array<string>): bool $take */
    private function replaced(string $pattern, string $text, \Closure $take): string
    {
        return (string) preg_replace_callback($pattern, static fn(array $match): string => $take($match) ? ' ' : $match[0], $text);
    }
}
