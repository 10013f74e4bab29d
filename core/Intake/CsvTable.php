<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake;

/**
 * The rows of a CSV file (RFC 4180), as people save them: with commas, semicolons or tabs, any line ends, with or
 * without a byte order mark, in UTF-8 or Windows-1252.
 */
final readonly class CsvTable
{
    public const MOST_ROWS = 20_000;
    private const LONGEST_CELL = 4_000;
    private const SEPARATORS = [',', ';', "\t"];

    /**
     * @param list<string>       $heads
     * @param list<list<string>> $rows  each as long as the heads; blank lines left out
     * @param list<int>          $lines number of each row in the file, the heads being row 1
     */
    private function __construct(public array $heads, public array $rows, public array $lines) {}

    public static function read(string $text): self
    {
        [$text, $separator, $skipped] = self::separated(self::utf8($text));
        $file = fopen('php://memory', 'r+');
        if (false === $file) {
            throw new \LogicException('Memory cannot be opened as a file.');
        }
        fwrite($file, (string) preg_replace('/\r\n?/', "\n", $text));
        rewind($file);
        $heads = $rows = $lines = [];
        for ($row = 1 + $skipped; \is_array($cells = fgetcsv($file, null, $separator, '"', '')); ++$row) {
            $cells = array_map(static fn(?string $cell): string => self::plain((string) $cell), $cells);
            if ('' === implode('', $cells)) {
                continue;
            }
            if ([] === $heads) {
                $heads = $cells;
                continue;
            }
            $rows[] = \array_slice(array_pad($cells, \count($heads), ''), 0, \count($heads));
            $lines[] = $row;
        }
        fclose($file);

        return match (true) {
            [] === $heads => throw InvalidTable::isEmpty(),
            \count($rows) > self::MOST_ROWS => throw InvalidTable::tooLarge(\count($rows), self::MOST_ROWS),
            default => new self($heads, $rows, $lines),
        };
    }

    private static function utf8(string $text): string
    {
        $text = (string) preg_replace('/^\xEF\xBB\xBF/', '', $text);
        if (str_starts_with($text, "\xFF\xFE") || str_starts_with($text, "\xFE\xFF")) {
            return mb_convert_encoding($text, 'UTF-8', 'UTF-16');
        }
        if (mb_check_encoding($text, 'UTF-8')) {
            return $text;
        }

        return str_contains($text, "\0") ? throw InvalidTable::unreadable() : mb_convert_encoding($text, 'UTF-8', 'Windows-1252');
    }

    /**
     * Some programs say in a line of their own, “sep=;”, what separates the cells.
     *
     * @return array{string, string, int} the table itself, its separator, and how many lines stand before it
     */
    private static function separated(string $text): array
    {
        return 1 === preg_match('/^"?sep=([,;\t])"?(?:\r\n?|\n)/i', $text, $match) ? [substr($text, \strlen($match[0])), $match[1], 1] : [$text, self::separator($text), 0];
    }

    /** The one that stands most often in the first line, outside quotation marks. */
    private static function separator(string $text): string
    {
        $first = (string) preg_replace('/"(?:[^"]|"")*"/', '', self::firstLine($text));
        $best = ',';
        foreach (self::SEPARATORS as $separator) {
            $best = substr_count($first, $separator) > substr_count($first, $best) ? $separator : $best;
        }

        return $best;
    }

    private static function firstLine(string $text): string
    {
        return substr($text, 0, strcspn($text, "\r\n"));
    }

    /** Takes off the mark that keeps a spreadsheet from running a cell, control characters, and what no cell needs. */
    private static function plain(string $cell): string
    {
        $cell = trim((string) preg_replace('/[\x00-\x08\x0B\x0C\x0E-\x1F\x7F]/', '', $cell));
        $cell = 1 === preg_match("/^'[=+\\-@]/", $cell) ? substr($cell, 1) : $cell;

        return mb_substr($cell, 0, self::LONGEST_CELL);
    }
}
