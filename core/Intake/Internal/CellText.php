<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal;

use BrightCupboard\Core\Intake\Lexicon;
use BrightCupboard\Core\Money\Money;

/**
 * Reads single cells as people fill them in: "1 pair", "2 sets of 4", "~10 pcs", "$40 / set", "about 5", "n/a".
 *
 * @internal
 */
final readonly class CellText
{
    private const NOTHING = '/^(?:n\/?a|none|null|nil|unknown|unk|tbd|not known|\?+|[-–—.]+|free|gift(?:ed)?|given|found|made|inherited|had'
        . '|already had|nothing)$/iu';
    private const TOGETHERS = [
        'pair' => 2, 'pairs' => 2, 'pr' => 2, 'prs' => 2, 'duo' => 2, 'couple' => 2, 'trio' => 3, 'dozen' => 12, 'doz' => 12, 'dz' => 12,
        'gross' => 144,
    ];
    private const TOGETHER = '/\s*(?:(?:for|\/|per|a|the)\s*)?(?:the\s+)?(?:sets?|pairs?|pr|lot|box|pack|all(?: of them)?|both|total|together'
        . '|altogether|in all|for \d+)\s*$/iu';
    private const EACH = '/\s*(?:\/\s*)?(?:each|ea|apiece|per piece|per item|a piece|pc)\.?\s*$/iu';
    private const ABOUT = '/^(?:~|≈|about|approx\.?|around|ca\.?|circa|c\.|est\.?|roughly|maybe)\s*|\s*(?:ish|\?|or so|approx\.?|\+)$/iu';

    public static function saysNothing(string $cell): bool
    {
        return '' === trim($cell) || 1 === preg_match(self::NOTHING, trim($cell));
    }

    /** How many, 1 to 999; null where it is no count. */
    public static function count(string $cell): ?int
    {
        $plain = mb_strtolower(trim((string) preg_replace([self::ABOUT, '/[()]/'], '', trim($cell))));
        $number = static fn(string $word): ?int => 1 === preg_match('/^\d{1,4}(?:[.,]0+)?$/', $word) ? (int) $word : Lexicon::count($word);
        $count = match (true) {
            isset(self::TOGETHERS[$plain]) => self::TOGETHERS[$plain],
            null !== $number($plain) => $number($plain),
            1 === preg_match('/^(?:set|pack|box|bag|lot|bundle)s?\s*(?:of|\/)?\s*(\w+)$/u', $plain, $m) => $number($m[1]),
            1 === preg_match(
                '/^(\w+)\s*(?:sets?|packs?|boxes|bags|x|×|@)\s*(?:of\s*)?(\w+)$/u',
                $plain,
                $m,
            ) && null !== $number($m[1]) && null !== $number($m[2]) => $number($m[1]) * $number($m[2]),
            1 === preg_match('/^(?:a\s+)?half(?:\s+an?)?\s+(?:dozen|doz)$/', $plain) => 6,
            1 === preg_match('/^(\w+)\s*([a-z]+)$/u', $plain, $m)
                && isset(self::TOGETHERS[$m[2]])
                && null !== $number($m[1]) => $number($m[1]) * self::TOGETHERS[$m[2]],
            1 === preg_match('/^x?(\d{1,4})x?$/', $plain, $m) => (int) $m[1],
            1 === preg_match('/^(\d{1,4})\s*(?:pcs?|pieces?|ea|each|units?|ct|count|items?|total|\pL{3,})\.?$/u', $plain, $m) => (int) $m[1],
            default => null,
        };

        return null === $count || $count < 1 || $count > 999 ? null : $count;
    }

    /**
     * What one cost, and whether the cell is an estimate.
     *
     * @param int  $count     how many the price is for where it is for all of them
     * @param bool $isForAll  what the heading says, unless the cell says otherwise
     *
     * @return array{Money|null, bool}
     */
    public static function money(string $cell, int $count, bool $isForAll): array
    {
        $plain = trim($cell);
        if (self::saysNothing($plain)) {
            return [null, false];
        }
        $isEach = 1 === preg_match(self::EACH, $plain);
        $isTogether = !$isEach && ($isForAll || 1 === preg_match(self::TOGETHER, $plain));
        if (1 === preg_match('/^(.+?)\s*(?:for|\/)\s*(\d{1,3})\s*$/u', $plain, $for)) {
            [$plain, $count, $isTogether] = [$for[1], (int) $for[2], true];
        }
        $bare = (string) preg_replace([self::EACH, self::TOGETHER], '', $plain);
        $amount = trim((string) preg_replace(self::ABOUT, '', trim($bare)));
        $money = Money::read('' === $amount
            ? $cell
            : trim((string) preg_replace('/^(?:usd|eur|gbp|us)\s*|\s*(?:usd|eur|gbp|dollars?|bucks|euros?|pounds?)$/iu', '', $amount)));

        return [$isTogether ? $money->share(1, max(1, $count)) : $money, $amount !== trim($bare)];
    }
}
