<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Search\Internal;

use BrightCupboard\Core\Intake\Lexicon;
use BrightCupboard\Core\Search\Condition;

/**
 * “More than 4 stockings”, “worth over $50”, “under 10 bucks”, “heavier than 5 lb”, “cheap”, “not heavy”.
 *
 * @internal
 */
final readonly class AmountPhrases
{
    /** So heavy that people say so, and so little that they call it cheap (own values). */
    private const HEAVY_GRAMS = 4536;
    private const CHEAP = 1000;
    private const DEAR = 5000;
    /** Grams of a unit; the avoirdupois pound and ounce are exact by definition. */
    private const GRAMS = ['lb' => 453.592_37, 'lbs' => 453.592_37, 'oz' => 28.349_523_125, 'kg' => 1000.0, 'kilos' => 1000.0, 'g' => 1.0];
    private const COIN = '(?:dollars?|bucks|euros?|quid)';
    private const MONEY = '(\d{1,6})(?:[.,](\d{2}))?';

    /** Bounds that leave the number itself out; with sizes and money nobody minds. */
    private const STRICT = ['under', 'below', 'less than', 'fewer than', 'over', 'above', 'more than'];

    public static function takeFrom(Phrases $phrases): void
    {
        $phrases->take('\b' . Bound::WORDS . '\s+(\d{1,4})\s+(?=(\pL{3,}))', self::count(...));
        $phrases->take('\b' . Bound::WORDS . '\s+(\d+(?:[.,]\d+)?)\s*(lbs?|oz|kg|kilos|g)\b', static fn(array $m): array => [
            new AmountCondition(
                'weight',
                (int) round((float) str_replace(',', '.', $m[2]) * self::GRAMS[$m[3]]),
                Bound::isMost($m[1]),
                sprintf('weighs %s %s %s', Bound::isMost($m[1]) ? 'at most' : 'at least', $m[2], $m[3]),
            ),
        ]);
        $phrases->take(
            '\b(worth|cost(?:s|ing)?|priced?|paid)\s+' . Bound::WORDS . '\s+[$€£]?\s*' . self::MONEY . '\b(?:\s*' . self::COIN . '\b)?',
            self::money(...),
        );
        $phrases->take('()\b' . Bound::WORDS . '\s+[$€£]\s*' . self::MONEY . '\b', self::money(...));
        $phrases->take('()\b' . Bound::WORDS . '\s+' . self::MONEY . '\s*' . self::COIN . '\b', self::money(...));
        $phrases->takeSaid('cheap', new AmountCondition('cost', self::CHEAP, true, 'cheap'));
        $phrases->takeSaid('(?:expensive|precious|valuable)', new AmountCondition('worth', self::DEAR, false, 'expensive'));
        $phrases->takeSaid('heavy', new AmountCondition('weight', self::HEAVY_GRAMS, false, 'heavy'));
    }

    /**
     * “More than 4 stockings”: how many there are, where a kind of thing follows the number.
     *
     * @param array<string> $m all, the bound, the number, the word behind it
     *
     * @return list<Condition>
     */
    private static function count(array $m): array
    {
        $isMost = Bound::isMost($m[1]);
        $limit = (int) $m[2] + (\in_array($m[1], self::STRICT, true) ? ($isMost ? -1 : 1) : 0);

        return null === Lexicon::kind($m[3])
            ? []
            : [new AmountCondition('count', $limit, $isMost, sprintf('%s %d of it', $isMost ? 'at most' : 'at least', $limit))];
    }

    /**
     * @param array<string> $m all, the word, the bound, whole units and hundredths
     *
     * @return list<Condition>
     */
    private static function money(array $m): array
    {
        $of = 'worth' === $m[1] ? 'worth' : 'cost';
        $isMost = Bound::isMost($m[2]);

        return [new AmountCondition(
            $of,
            100 * (int) $m[3] + (int) ($m[4] ?? 0),
            $isMost,
            sprintf('%s %s %s', $of, $isMost ? 'at most' : 'at least', rtrim($m[3] . '.' . ($m[4] ?? ''), '.')),
        )];
    }
}
