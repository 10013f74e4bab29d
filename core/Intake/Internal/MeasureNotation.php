<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal;

use BrightCupboard\Core\Measure\LengthText;

/**
 * Writes measures in one way: marks for inches and feet, hyphens before fractions, sides before their numbers or behind them.
 *
 * @internal
 */
final readonly class MeasureNotation
{
    private const SIDES = ['h' => 'high', 't' => 'high', 'w' => 'wide', 'd' => 'deep', 'l' => 'long'];
    /** So many times the lower end and more is no range of sizes. */
    private const NO_RANGE = 3;
    private const NUMBER = '\d+(?:[.,]\d+)?(?:\s\d+\/\d+)?';

    /** Written fractions, "w/" and words for about. */
    public static function signs(string $line): string
    {
        $line = strtr($line, ['½' => ' 1/2', '¼' => ' 1/4', '¾' => ' 3/4', ' w/o ' => ' without ', ' w/ ' => ' with ', ' w/' => ' with ']);

        return (string) preg_replace('/(?<!\w)(?:~|approx\.?|abt\.?|ca\.?|circa|about|roughly)\s*(?=\d)/iu', '', $line);
    }

    /** "stockings 4 - 20 in long": nothing is so much longer than itself, so the first is how many there are. */
    public static function countBeforeDash(string $line): string
    {
        return (string) preg_replace_callback(
            '/(?<=\pL)\s+(\d{1,2})\s+[-–]\s+(\d+(?:[.,]\d+)?)(?=\s*(?:in\b|inch|cm\b|["″”]))/iu',
            static fn(array $m): string => (float) $m[2] >= self::NO_RANGE * (int) $m[1] ? ", {$m[1]} pcs, {$m[2]}" : $m[0],
            $line,
        );
    }

    /** 12" tall, 1'3, 9-1/2, 1 ft-6, Ø 8, 10 dia, 6-ish. */
    public static function marks(string $line): string
    {
        $line = (string) preg_replace('/(?<=\d)(?<!\b1[5-9]\d\d)(?<!\b20\d\d)\s*[″”"](?!\w*[″”"])/u', ' in ', $line); // not "est 1912"
        $line = (string) preg_replace('/(?<=\d)\s*[′’\'](?=\s*(?:\d|$|[,\sx×]))/u', ' ft ', $line);
        $line = (string) preg_replace('/(?<=\d)-(?=\d{1,2}\/\d{1,2}\b)/u', ' ', $line);
        $line = (string) preg_replace('/\b(ft|feet|foot)\s*-\s*(?=\d)/iu', '$1 ', $line);

        $line = (string) preg_replace(
            [
                '/[Øø⌀]\s*(\d+(?:[.,]\d+)?(?:\s*(?:in|cm|mm)\b)?)/u',
                '/(?<=\d|\din|\dcm|\d in|\d cm)\s*(?:dia|diam|diameter)\b\.?/iu',
                '/(?<=\d)\s*-?ish\b/iu',
            ],
            ['$1 diameter', ' diameter', ''],
            LengthText::ungrouped($line),
        );
        $number = self::NUMBER;
        $line = (string) preg_replace("/diameter\\s*[x×,]?\\s*h\\s?({$number})(?![\\w.])/iu", 'diameter $1 high', $line); // Ø 40 h 35

        // 12 dia x 9: the other one is how high it is.
        return (string) preg_replace(
            "/({$number}(?:\\s*(?:in|cm|mm))?)\\s*diameter\\s*[x×]\\s*({$number}(?:\\s*(?:in|cm|mm)\\b)?)(?![\\d.,]|\\s*[x×hwdtl])/iu",
            '$1 diameter $2 high',
            $line,
        );
    }

    /** "h12 w6 d5", "12h x 6w x 6d", "h 12, w 6". */
    public static function sides(string $line): string
    {
        $number = self::NUMBER;
        $unit = '(?:\s*(?:in|cm|mm|ft)\b)?';
        $isBefore = preg_match_all("/\\b[hwdl]\\s?{$number}/iu", $line) >= 2 || 1 === preg_match("/\\b[hwdl]{$number}{$unit}(?=\\s|,|$)/iu", $line);
        // Of "54 w 18 d" and "w 54 d 18" what comes first tells which it is.
        preg_match("/(?<![\\w.])(?<number>{$number}){$unit}\\s?[hwdlt]\\b|\\b[hwdl]\\s?{$number}/iu", $line, $first);
        if ($isBefore && '' === ($first['number'] ?? '')) {
            $line = (string) preg_replace_callback(
                "/\\b([hwdl])\\s?({$number}{$unit})(?=[\\s,x×]|$)/iu",
                static fn(array $m): string => $m[2] . ' ' . self::SIDES[mb_strtolower($m[1])],
                $line,
            );
        }

        // "30h x 18": of two the other one is how wide it is, or how high.
        $line = (string) preg_replace_callback(
            "/(?<![\\w.])({$number}{$unit})\\s?([hw])\\s*[x×]\\s*({$number}{$unit})"
                . "(?=\\s*(?:,|$|\\s(?!in\\b|ft\\b|cm\\b|mm\\b|high|wide|deep|tall|long)\\pL{2}))/iu",
            static fn(array $m): string => "{$m[1]} " . ('h' === mb_strtolower($m[2]) ? "high {$m[3]} wide" : "wide {$m[3]} high"),
            $line,
        );

        return (string) preg_replace_callback(
            "/(?<![\\w.])({$number}{$unit})\\s?([hwdlt])\\b(?:\\s*[x×](?=\\s*\\d))?/iu",
            static fn(array $m): string => $m[1] . ' ' . self::SIDES[mb_strtolower($m[2])] . ' ',
            $line,
        );
    }
}
