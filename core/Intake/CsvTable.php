<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake;

use BrightCupboard\Core\Intake\Internal\SheetHeads;
use BrightCupboard\Core\Intake\Internal\SheetText;

/**
 * A file with rows (RFC 4180, and as people save them): its heads wherever they stand, the rows that are things, and beside them
 * what is none: titles, headings between the rows, totals.
 */
final readonly class CsvTable
{
    public const MOST_ROWS = 20_000;
    private const TOTAL = '/^(?:grand |sub)?-?\s*(?:totals?|sum|in all|altogether)\b/iu';

    /**
     * @param list<string>       $heads  as many as the longest row has cells; empty where a column has none
     * @param list<list<string>> $rows   each as long as the heads
     * @param list<int>          $lines  number of each row in the file
     * @param list<string>       $under  for each row the heading it stands under; empty for none
     * @param list<SheetAside>   $asides what is no thing
     */
    private function __construct(public array $heads, public array $rows, public array $lines, public array $under, public array $asides) {}

    public static function read(string $text, TableOf $of = TableOf::Pieces): self
    {
        [$all, $numbers] = SheetText::rows($text);
        if ([] === $all) {
            throw InvalidTable::isEmpty();
        }
        [$heads, $at, $from] = SheetHeads::of($all, $of);
        if (\count($all) - $from > self::MOST_ROWS) {
            throw InvalidTable::tooLarge(\count($all) - $from, self::MOST_ROWS);
        }
        $asides = [];
        for ($i = 0; $i < $at; ++$i) {
            $asides[] = new SheetAside($numbers[$i], 'title', self::said($all[$i]));
        }
        $width = \count($heads);
        $rows = $lines = $under = [];
        $heading = '';
        foreach (\array_slice($all, $from, null, true) as $i => $cells) {
            $cells = self::withoutSplitFigures($cells, $width);
            if (self::isTotal($cells)) {
                $asides[] = new SheetAside($numbers[$i], 'total', self::said($cells));
            } elseif (self::isHeading($cells, $width, $heads, $of)) {
                $heading = self::said($cells);
                $asides[] = new SheetAside($numbers[$i], 'heading', $heading);
            } else {
                [$rows[], $lines[], $under[]] = [$cells, $numbers[$i], $heading];
            }
        }
        $width = max([$width, ...array_map(\count(...), $rows)]);
        return new self(
            self::padded($heads, $width),
            array_map(static fn(array $cells): array => self::padded($cells, $width), $rows),
            $lines,
            $under,
            $asides,
        );
    }

    /**
     * @param list<string> $cells
     *
     * @return list<string>
     */
    private static function padded(array $cells, int $width): array
    {
        return [...$cells, ...array_fill(0, max(0, $width - \count($cells)), '')];
    }

    /** @param list<string> $cells */
    private static function said(array $cells): string
    {
        return mb_strimwidth(implode(' ', array_filter($cells, static fn(string $cell): bool => '' !== $cell)), 0, 120, '…');
    }

    /** @param list<string> $cells */
    private static function isTotal(array $cells): bool
    {
        $said = array_values(array_filter($cells, static fn(string $cell): bool => '' !== $cell));

        return 1 === preg_match(self::TOTAL, $said[0] ?? '') && [] === array_filter(
            \array_slice($said, 1),
            static fn(string $cell): bool => 1 !== preg_match('/^[^\pL]*\d[^\pL]*$|^(?:pieces|items|units|pcs)$/iu', $cell),
        );
    }

    /**
     * One cell alone in a sheet of several columns stands over the rows below it, unless it names a thing that could be one of them.
     *
     * @param list<string> $cells
     * @param list<string> $heads
     */
    private static function isHeading(array $cells, int $width, array $heads, TableOf $of): bool
    {
        $said = array_filter($cells, static fn(string $cell): bool => '' !== $cell);
        if (
            $width < 3
            || 1 !== \count($said)
            || TableOf::Pieces !== $of
            || 1 !== preg_match('/\pL{3}|^(?:tote |box |bin )?[a-z]{1,2}-?\d{1,3}:?$/iu', implode('', $said))
        ) {
            return false;
        }
        $text = implode('', $said);
        $isLoud = mb_strtoupper($text) === $text || str_ends_with($text, ':') || '' === ($heads[array_key_first($said)] ?? '');

        return 1 !== preg_match('/\d\s*(?:in|cm|ft|["″])/iu', $text) && ($isLoud || !Lexicon::nameAThing($text) || 1 === preg_match('/^\pL+s$/u', $text));
    }

    /**
     * "$1,200.00" and "4,50" without quotation marks fall into two cells where commas separate them: put together
     * again where that makes the row as long as the heads.
     *
     * @param list<string> $cells
     *
     * @return list<string>
     */
    private static function withoutSplitFigures(array $cells, int $width): array
    {
        while (\count($cells) > $width) {
            $at = null;
            foreach (\array_slice($cells, 0, -1) as $i => $cell) {
                $isThousand = 1 === preg_match('/^[$€£]?\s*\d{1,3}$/u', $cell) && 1 === preg_match('/^\d{3}(?:\.\d{2})?$/', $cells[$i + 1]);
                $isDecimal = 1 === preg_match('/^[$€£]\s*\d{1,4}$/u', $cell) && 1 === preg_match('/^\d{2}\s*[$€£]?$/u', $cells[$i + 1]);
                $at ??= $isThousand || $isDecimal ? $i : null;
            }
            if (null === $at) {
                return $cells;
            }
            array_splice($cells, $at, 2, [$cells[$at] . ',' . $cells[$at + 1]]);
        }

        return $cells;
    }
}
