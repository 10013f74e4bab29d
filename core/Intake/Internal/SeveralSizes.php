<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal;

use BrightCupboard\Core\Intake\Reply;

/**
 * Makes a line for each size of one that gives several: "candlesticks, brass, 6, 8 and 10 in" are three pieces; in the unit of the home
 * where none is written.
 *
 * @internal
 */
final readonly class SeveralSizes
{
    /** @return list<Reply> one reply, whose line has a line for each size */
    public static function replies(string $line, string $found, string $unit): array
    {
        $number = '\d+(?:\.\d+)?(?:\s+\d+\/\d+)?';
        $unitWord = '(?:inches|inch|in\b|feet|foot|ft\b|yd\b|mm\b|cm\b|m\b)';
        preg_match_all("/({$number}(?:\\s*[x×]\\s*{$number}){0,2})\\s*({$unitWord})?/iu", $found, $sizes, \PREG_SET_ORDER);
        $units = array_values(array_filter(array_map(static fn(array $size): string => $size[2] ?? '', $sizes), static fn(string $unit): bool => '' !== $unit));
        $count = \count($sizes);
        if ($count < 2 || !str_contains($line, trim($found))) {
            return [];
        }
        // As many of them as sizes, and their number said as a word.
        $rest = (string) preg_replace(
            [
                sprintf('/^(?:%d|set of %1$d)\s+/i', $count),
                sprintf('/(?<=\pL)(?:\s+set(?:\s+of)?\s+%d\b|[\s,(]+%1$d(?:\s*(?:pcs?|pieces|packs?|pk|ct|count)\b|(?=\s*:)))[\s,)]*/iu', $count),
                sprintf('/(?<=\pLs)\s+%d(?=\s+\pL{3})/iu', $count),
                sprintf('/(?<=\pL)\s+(?:%s)\b\.?/iu', 3 === $count ? 'trio' : (2 === $count ? 'pair|pr|duo' : 'set')),
                '/\b(?:\w+)\s+sizes?\b:?\s*/iu',
            ],
            ' ',
            $line,
        );
        $side = 1 === preg_match('/\b(?:high|tall|wide|across|diameter|deep|long)$/iu', trim($found), $match) ? ' ' . $match[0] : '';
        $lines = array_map(
            static fn(array $size): string => self::tidy(str_replace(
                trim($found),
                $size[1] . ' ' . ('' === ($size[2] ?? '') ? $units[0] ?? $unit : $size[2]) . $side,
                $rest,
            )),
            $sizes,
        );

        return [new Reply(sprintf('%d pieces, a line each', $count), implode("\n", $lines))];
    }

    private static function tidy(string $line): string
    {
        return trim((string) preg_replace('/\s+(?=[\s,:])/u', '', $line), ' ,');
    }
}
