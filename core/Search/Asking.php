<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Search;

/** What a question wants to know of the pieces it is about. */
enum Asking: string
{
    case Which = 'which';
    case HowMany = 'how many';
    case HowLong = 'how long';
    case Cost = 'cost';
    case Worth = 'worth';
    case Weight = 'weight';

    private const PHRASES = [
        'how long' => '\bhow (?:much|long)\b.*\b(?:ribbons?|garlands?|lights|beads|bunting|runners?|tinsel|twine)\b|\b(?:what.?s|what is'
            . '|how much) (?:is )?left (?:of|from|on)\b',
        'how many' => '\bhow many\b|\bnumber of\b|\bcount (?:of|the)\b',
        'weight' => '\bhow (?:heavy|much do(?:es)?\b.*\bweigh)\b|\bwhat do(?:es)?\b.*\bweigh\b|\bweight of\b',
        'worth' => '\bwhat (?:is|are|.s)\b.*\bworth\b|\bhow much (?:is|are)\b.*\bworth\b|\b(?:value|worth) of\b',
        'cost' => '\b(?:what|how much) (?:did|do|does|have)\b.*\b(?:cost|pay|paid|spend|spent)\b|\bhow much (?:was|were)\b|\b(?:total )?cost of\b'
            . '|\bspent on\b|\bpaid for\b|\bcost (?:altogether|in all|in total)\b',
    ];

    public static function of(string $question): self
    {
        foreach (self::PHRASES as $asks => $pattern) {
            if (1 === preg_match('/' . $pattern . '/u', $question)) {
                return self::from($asks);
            }
        }

        return self::Which;
    }
}
