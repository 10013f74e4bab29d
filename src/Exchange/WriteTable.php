<?php

declare(strict_types=1);

namespace App\Exchange;

/** Writes rows as CSV (RFC 4180): CRLF line ends, UTF-8, quotation marks where needed; cells a spreadsheet would run are made harmless. */
final readonly class WriteTable
{
    /**
     * @param list<string>       $heads
     * @param list<list<string>> $rows
     */
    public static function csv(array $heads, array $rows): string
    {
        return implode('', array_map(static fn(array $row): string => implode(',', array_map(self::cell(...), $row)) . "\r\n", [$heads, ...$rows]));
    }

    private static function cell(string $text): string
    {
        $text = 1 === preg_match('/^[=+\-@\t\r]/', $text) ? "'" . $text : $text;

        return 1 === preg_match('/[",\r\n;]|^\s|\s$/', $text) ? '"' . str_replace('"', '""', $text) . '"' : $text;
    }
}
