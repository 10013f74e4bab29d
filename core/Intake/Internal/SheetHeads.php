<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal;

use BrightCupboard\Core\Intake\Lexicon;
use BrightCupboard\Core\Intake\TableOf;

/**
 * Finds which row of a sheet names its columns: not always the first, sometimes two, sometimes none.
 *
 * @internal
 */
final readonly class SheetHeads
{
    /** Titles and addresses stand above the heads for so many rows at most. */
    private const LOOKED_AT = 15;
    private const UNIT_ROW = '/^[(\[]?(?:inches|inch|in|ft|cm|mm|lbs?|oz|kg|g|each|ea|usd|eur|gbp|[$€£])[.)\]]?$/iu';

    /**
     * @param list<list<string>> $rows
     *
     * @return array{list<string>, int, int} the heads, in which row they begin, and at which the things begin
     */
    public static function of(array $rows, TableOf $of): array
    {
        [$at, $most] = [null, 0];
        foreach (\array_slice($rows, 0, self::LOOKED_AT) as $i => $row) {
            $known = self::known($row, $of);
            // One known word alone is a heading only in a table of one column, or where it is the key and nothing is measured.
            $isHead = $known > 1 || (1 === $known && (1 === \count(self::said($row)) || 0 === $i) && !self::isMeasured($row));
            if ($isHead && $known > $most) {
                [$at, $most] = [$i, $known];
            }
        }
        if (null !== $at) {
            $second = $rows[$at + 1] ?? [];
            $isSecond = [] !== $second && !self::isMeasured($second) && (self::known($second, $of) > 1 || self::isOfUnits($second));

            return $isSecond ? [self::merged($rows[$at], $second), $at, $at + 2] : [$rows[$at], $at, $at + 1];
        }

        return self::looksLikeAThing($rows[0]) && TableOf::Pieces === $of ? [self::guessed($rows), 0, 0] : [$rows[0], 0, 1];
    }

    /** @param list<string> $row */
    private static function known(array $row, TableOf $of): int
    {
        return \count(array_filter($row, static fn(string $cell): bool => mb_strlen($cell) < 40 && $of->knows($cell)));
    }

    /** @param list<string> $row */
    private static function isMeasured(array $row): bool
    {
        return [] !== array_filter($row, static fn(string $cell): bool => 1 === preg_match('/^[$€£]?\s*\d/u', $cell));
    }

    /** @param list<string> $row */
    private static function isOfUnits(array $row): bool
    {
        $said = self::said($row);

        return [] !== $said && [] === array_filter($said, static fn(string $cell): bool => 1 !== preg_match(self::UNIT_ROW, $cell));
    }

    /**
     * Heads in two rows: "Size" over "W", "D" and "H"; a cell merged over several columns stands in the first only.
     *
     * @param list<string> $above
     * @param list<string> $below
     *
     * @return list<string>
     */
    private static function merged(array $above, array $below): array
    {
        $heads = [];
        $over = '';
        for ($i = 0, $count = max(\count($above), \count($below)); $i < $count; ++$i) {
            $over = '' === ($above[$i] ?? '') ? $over : $above[$i];
            $under = trim($below[$i] ?? '', '()[]. ');
            $heads[] = match (true) {
                '' === $under => $above[$i] ?? '',
                1 === preg_match(self::UNIT_ROW, $under) => sprintf('%s (%s)', $over, $under),
                default => $under,
            };
        }

        return $heads;
    }

    /** @param list<string> $row */
    private static function looksLikeAThing(array $row): bool
    {
        return self::isMeasured($row) || [] !== array_filter($row, static fn(string $cell): bool => str_contains($cell, ' ') && Lexicon::nameAThing($cell));
    }

    /**
     * Without heads, a column is what most of its cells look like.
     *
     * @param list<list<string>> $rows
     *
     * @return list<string>
     */
    private static function guessed(array $rows): array
    {
        $width = max([1, ...array_map(\count(...), $rows)]);
        $scores = [];
        for ($i = 0; $i < $width; ++$i) {
            $cells = self::said(array_map(static fn(array $row): string => $row[$i] ?? '', \array_slice($rows, 0, 200)));
            $share = static fn(\Closure $is): float => [] === $cells ? 0.0 : \count(array_filter($cells, $is)) / \count($cells);
            $scores[$i] = [
                'name' => $share(static fn(string $cell): bool => Lexicon::nameAThing($cell)),
                'count' => $share(static fn(string $cell): bool => 1 === preg_match('/^\d{1,2}$|^(?:\d+\s*)?(?:pairs?|pcs?|doz(?:en)?|sets?)$/iu', $cell)),
                'size' => $share(
                    static fn(string $cell): bool => 1 === preg_match('/^[\d.,\/ ]+\s*(?:in|inch|inches|ft|cm|mm|m|["″\'])|\d\s*[x×]\s*\d/iu', $cell),
                ),
                'cost' => $share(static fn(string $cell): bool => 1 === preg_match('/^[$€£]\s*\d|^\d+[.,]\d{2}(?:\s*[€$£])?$/u', $cell)),
                'places' => $share(static fn(string $cell): bool => 1 === preg_match('/^(?:tote |box |bin )?[a-z]{1,2}-?\d{1,3}$/iu', $cell)),
                'seasons' => $share(static fn(string $cell): bool => null !== Lexicon::season(mb_strtolower($cell))),
                'came' => $share(
                    static fn(string $cell): bool => 1 === preg_match('/^(?:19|20)\d\d(?:-\d\d-\d\d)?$|^\d{1,2}[\/.]\d{1,2}[\/.]\d{2,4}$/', $cell),
                ),
            ];
        }
        $heads = array_map(static fn(int $i): string => 'column ' . ($i + 1), range(0, $width - 1));
        foreach (['name', 'count', 'size', 'cost', 'places', 'seasons', 'came'] as $field) {
            $column = array_column($scores, $field);
            foreach ($heads as $i => $head) {
                $column[$i] = str_starts_with($head, 'column ') ? $column[$i] : 0.0;
            }
            $best = (int) array_search(max($column), $column, true);
            if ($column[$best] > 0.4 || ('name' === $field && $column[$best] > 0)) {
                $heads[$best] = $field;
            }
        }

        return array_values($heads);
    }

    /**
     * @param list<string> $row
     *
     * @return list<string>
     */
    private static function said(array $row): array
    {
        return array_values(array_filter($row, static fn(string $cell): bool => '' !== $cell));
    }
}
