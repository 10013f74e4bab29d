<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal\House;

use BrightCupboard\Core\Measure\InvalidMeasure;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\LengthText;
use BrightCupboard\Core\Measure\LengthUnit;

/**
 * Boards and what is clear over each: "5 shelves 12 apart", "shelves 12, 11 and 10", "2 shelves 11/13", "floating shelves x2".
 *
 * @internal
 */
final class TierWords
{
    private const BOARDS = '(?:shelves|shelf|boards|tiers|cubbies|cubes|openings|levels)';
    private const NUMBER = '\d+(?:[.,]\d+)?(?:\s\d+\/\d+)?(?:\s*(?:in|cm|mm|ft)\b)?';
    private const COUNT = '(?<![\w.])(?<count>\d{1,2})\s+(?<how>(?:(?!(?:wide|deep|high|tall|long|across|in|ft|cm|and|with)\b)\pL+\s+){0,2}?)';

    public ?int $count = null;
    /** @var list<Length> over each board, the lowest first; empty where no more than one measure is said */
    public array $clear = [];
    private LengthText $lengths;

    public function __construct(LengthUnit $unit)
    {
        $this->lengths = new LengthText($unit);
    }

    /** What is left of a line; taken before it is parted at its commas, for a list of boards has some. */
    public function take(string $line): string
    {
        $line = $this->named($line);
        [$boards, $number, $count] = [self::BOARDS, self::NUMBER, self::COUNT];
        $list = "{$number}(?:\\s*(?:,|\\/|\\+|(?:,\\s*)?\\band\\b)\\s*{$number})+";
        $line = $this->taken(
            "/(?:{$count})?\\b(?<word>{$boards})\\s*(?:heights?|clear|are|at|of|:)*\\s*(?<list>{$list})"
                . '(?!\s*[x×\w])(?:\s*(?:apart|clear|high|tall|each))*/iu',
            $line,
        );
        $line = $this->taken("/{$count}\\b(?<word>{$boards})\\b/iu", $line);

        return (string) preg_replace_callback("/(\\b{$boards})\\s*[x×]\\s?(\\d{1,2})\\b(?!\\s*(?:in|cm|ft|x|×))/iu", function (array $match): string {
            $this->count = (int) $match[2];

            return $match[1];
        }, $line);
    }

    /** "top shelf 13, middle 11, bottom 12". */
    private function named(string $line): string
    {
        $number = self::NUMBER;
        $one = "(?:top|upper|middle|lower|bottom)\\s+(?:shelf|board|one|tier)?\\s*{$number}";

        return (string) preg_replace_callback("/\\b{$one}(?:[\\s,;]*(?:and\\s+)?{$one})+(?!\\s*[x×\\w])/iu", function (array $match): string {
            preg_match_all('/(top|upper|middle|lower|bottom)\s+(?:shelf|board|one|tier)?\s*(' . self::NUMBER . ')/iu', $match[0], $each, \PREG_SET_ORDER);
            $order = ['bottom' => 0, 'lower' => 1, 'middle' => 2, 'upper' => 3, 'top' => 4];
            usort($each, static fn(array $a, array $b): int => $order[mb_strtolower($a[1])] <=> $order[mb_strtolower($b[1])]);
            $clear = $this->list(implode('; ', array_column($each, 2)));
            if ([] === $clear) {
                return $match[0];
            }
            [$this->clear, $this->count] = [$clear, \count($clear)];

            return '  ';
        }, $line);
    }

    private function taken(string $pattern, string $line): string
    {
        return (string) preg_replace_callback($pattern, function (array $match): string {
            [$count, $list, $how] = [$match['count'][0] ?? '', $match['list'][0] ?? '', $match['how'][0] ?? ''];
            $clear = '' === $list ? [] : $this->list($list);
            if ('' !== $list && [] === $clear || '' !== $count && [] !== $clear && (int) $count !== \count($clear)) {
                return $match[0][0];
            }
            $this->clear = [] === $clear ? $this->clear : $clear;
            $this->count = '' === $count ? \count($clear) : (int) $count;

            // Behind the name of a thing the boards are its own; alone they are what is named.
            return '' === trim($how) && 0 < $match[0][1] ? '  ' : $how . $match['word'][0];
        }, $line, -1, $times, \PREG_OFFSET_CAPTURE);
    }

    /** @return list<Length> empty where one of them is no length */
    private function list(string $list): array
    {
        if (1 === preg_match('/^\d+\/(?:2|4|8|16)\b/', $list)) {
            return []; // a fraction
        }
        $plain = (string) preg_replace('/,\s+(?:and\s+)?|\s*\/\s*|\s*\+\s*|\s+and\s+/iu', ';', $list);
        try {
            return array_map($this->lengths->read(...), explode(str_contains($plain, ';') ? ';' : ',', $plain));
        } catch (InvalidMeasure) {
            return [];
        }
    }
}
