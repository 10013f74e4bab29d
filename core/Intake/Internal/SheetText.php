<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal;

use BrightCupboard\Core\Intake\InvalidTable;

/**
 * The rows of a text file as people save tables: with commas, semicolons, tabs or bars, any line ends, with or without a byte
 * order mark, in UTF-8, UTF-16, Windows-1252 or Mac Roman.
 *
 * @internal
 */
final readonly class SheetText
{
    private const LONGEST_CELL = 4_000;
    private const SEPARATORS = [',', ';', "\t", '|'];
    /** Lines that are looked at to find what separates the cells. */
    private const LOOKED_AT = 20;
    /** What stands in texts about things of a house; the encoding in which more of it is read is the right one. */
    private const COMMON = '/[àáâäåæçèéêëíïñóôöøúüßÀÁÄÅÆÉÖØÜ“”‘’–—€£°½¼¾×Ø″′…]/u';
    private const MAC = [
        "\x80" => 'Ä', "\x81" => 'Å', "\x82" => 'Ç', "\x83" => 'É', "\x84" => 'Ñ', "\x85" => 'Ö', "\x86" => 'Ü', "\x87" => 'á', "\x88" => 'à',
        "\x89" => 'â', "\x8A" => 'ä', "\x8B" => 'ã', "\x8C" => 'å', "\x8D" => 'ç', "\x8E" => 'é', "\x8F" => 'è', "\x90" => 'ê', "\x91" => 'ë',
        "\x92" => 'í', "\x93" => 'ì', "\x94" => 'î', "\x95" => 'ï', "\x96" => 'ñ', "\x97" => 'ó', "\x98" => 'ò', "\x99" => 'ô', "\x9A" => 'ö',
        "\x9B" => 'õ', "\x9C" => 'ú', "\x9D" => 'ù', "\x9E" => 'û', "\x9F" => 'ü',
        "\xA1" => '°', "\xA3" => '£', "\xA7" => 'ß', "\xBE" => 'æ', "\xBF" => 'ø', "\xAE" => 'Æ', "\xAF" => 'Ø', "\xC9" => '…', "\xCA" => ' ',
        "\xD0" => '–', "\xD1" => '—', "\xD2" => '“', "\xD3" => '”', "\xD4" => '‘', "\xD5" => '’', "\xDB" => '€',
    ];

    /** @return array{list<list<string>>, list<int>} the rows that say anything, and their numbers in the file */
    public static function rows(string $text): array
    {
        [$text, $separator, $skipped] = self::separated(self::utf8($text));
        $file = fopen('php://memory', 'r+');
        if (false === $file) {
            throw new \LogicException('Memory cannot be opened as a file.');
        }
        fwrite($file, (string) preg_replace('/\r\n?/', "\n", $text));
        rewind($file);
        $rows = $lines = [];
        for ($row = 1 + $skipped; \is_array($cells = fgetcsv($file, null, $separator, '"', '')); ++$row) {
            $cells = array_map(static fn(?string $cell): string => self::plain((string) $cell), $cells);
            if ('' !== implode('', $cells)) {
                [$rows[], $lines[]] = [$cells, $row];
            }
        }
        fclose($file);

        return [$rows, $lines];
    }

    private static function utf8(string $text): string
    {
        $text = (string) preg_replace('/^\xEF\xBB\xBF/', '', $text);
        if (str_starts_with($text, "\xFF\xFE") || str_starts_with($text, "\xFE\xFF")) {
            return mb_convert_encoding($text, 'UTF-8', 'UTF-16');
        }
        $halves = substr($text, 0, 200);
        $isWide = \strlen($halves) > 3 && substr_count($halves, "\0") > \strlen($halves) / 3 && !str_starts_with($halves, "\x89PNG");
        if ($isWide && mb_check_encoding($text, $wide = "\0" === $text[1] ? 'UTF-16LE' : 'UTF-16BE')) {
            return mb_convert_encoding($text, 'UTF-8', $wide);
        }
        if (mb_check_encoding($text, 'UTF-8')) {
            return $text;
        }
        if (str_contains($text, "\0")) {
            throw InvalidTable::unreadable();
        }
        $windows = mb_convert_encoding($text, 'UTF-8', 'Windows-1252');
        $mac = strtr($text, self::MAC);

        return mb_check_encoding($mac, 'UTF-8') && preg_match_all(self::COMMON, $mac) > preg_match_all(self::COMMON, $windows) ? $mac : $windows;
    }

    /**
     * Some programs say in a line of their own, “sep=;”, what separates the cells.
     *
     * @return array{string, string, int} the table itself, its separator, and how many lines stand before it
     */
    private static function separated(string $text): array
    {
        return 1 === preg_match('/^"?sep=([,;\t|])"?(?:\r\n?|\n)/i', $text, $match)
            ? [substr($text, \strlen($match[0])), $match[1], 1]
            : [$text, self::separator($text), 0];
    }

    /** The one that stands in most of the first lines, and there most often, outside quotation marks. */
    private static function separator(string $text): string
    {
        $lines = preg_split('/\R/', (string) preg_replace('/"(?:[^"]|"")*"/', '', substr($text, 0, 20_000)), self::LOOKED_AT + 1, \PREG_SPLIT_NO_EMPTY);
        $lines = \array_slice(false === $lines ? [] : $lines, 0, self::LOOKED_AT);
        [$best, $most] = [',', 0];
        foreach (self::SEPARATORS as $separator) {
            $counts = array_filter(
                array_map(static fn(string $line): int => substr_count($line, $separator), $lines),
                static fn(int $count): bool => $count > 0,
            );
            $weight = [] === $counts ? 0 : \count($counts) * 1_000 + min(999, (int) (array_sum($counts) / \count($counts) * 10));
            [$best, $most] = $weight > $most ? [$separator, $weight] : [$best, $most];
        }

        return $best;
    }

    /** Takes off the mark that keeps a spreadsheet from running a cell, control characters, and what no cell needs. */
    private static function plain(string $cell): string
    {
        $cell = trim((string) preg_replace('/[\x00-\x08\x0B\x0C\x0E-\x1F\x7F]/', '', $cell));
        $cell = 1 === preg_match("/^'[=+\\-@]/", $cell) ? substr($cell, 1) : $cell;

        return mb_substr($cell, 0, self::LONGEST_CELL);
    }
}
