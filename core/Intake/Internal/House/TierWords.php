<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal\House;

use BrightCupboard\Core\Measure\InvalidMeasure;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\LengthText;
use BrightCupboard\Core\Measure\LengthUnit;

/**
 * Boards and what is clear over each: "5 shelves 12 apart", "shelves 12, 11 and 10", "2 shelves 11/13", "gaps 10 11 12", "first shelf 12,
 * second 10", "boards at 30, 42 and 54", "floating shelves x2".
 *
 * @internal
 */
final class TierWords
{
    public const BOARDS = '(?:shelves|shelf|boards|tiers|cubbies|cubes|openings|levels)';
    /** What is listed without a word for the boards themselves. */
    private const GAPS = '(?:gaps|clear\s+heights?|clearances|spacings?|spaces)';
    private const NUMBER = '\d+(?:[.,]\d+)?(?:\s\d+\/\d+)?(?:\s*(?:in|cm|mm|ft)\b)?';
    private const COUNT = '(?<![\w.])(?<![x×])(?<![x×]\s)(?<count>\d{1,2})\s+'
        . '(?<how>(?:(?!(?:wide|deep|high|tall|long|across|in|ft|cm|and|with)\b)\pL+\s+){0,2}?)';

    /** Words for one board => where it is among the others. */
    private const ORDER = [
        'bottom' => 0, 'lowest' => 0, 'lower' => 1, 'first' => 2, '1st' => 2, 'second' => 3, '2nd' => 3, 'middle' => 4, 'third' => 5, '3rd' => 5,
        'fourth' => 6, '4th' => 6, 'fifth' => 7, '5th' => 7, 'upper' => 8, 'highest' => 9, 'top' => 9,
    ];

    public ?int $count = null;
    /** @var list<Length> over each board, the lowest first; empty where no more than one measure is said */
    public array $clear = [];
    /** How high the lowest is, where boards are said by their heights from the floor. */
    public ?Length $lowest = null;
    private LengthText $lengths;

    public function __construct(LengthUnit $unit)
    {
        $this->lengths = new LengthText($unit);
    }

    /** What is left of a line; taken before it is parted at its commas, for a list of boards has some. */
    public function take(string $line): string
    {
        $line = $this->named($line);
        [$boards, $gaps, $number, $count] = [self::BOARDS, self::GAPS, self::NUMBER, self::COUNT];
        $list = "{$number}(?:(?:\\s*(?:,|\\/|\\+|(?:,\\s*)?\\band\\b)\\s*|\\s+){$number})+";
        $line = $this->standing("/(?:(?<=[,;]\\s|[,;]){$boards}\\s+(?:are\\s+|stand\\s+)?)?\\bat\\s+(?<list>{$list})(?!\\s*[x×\\w])/iu", $line);
        $line = $this->taken(
            "/(?:{$count})?\\b(?<word>{$boards}|{$gaps})(?:\\s*(?:heights?|clear|are|of|each|:))*\\s*(?<list>{$list})"
                . '(?!\s*[x×\w])(?:\s*(?:apart|clear|high|tall|each))*/iu',
            $line,
        );
        $line = $this->taken("/{$count}\\b(?<word>{$boards})\\b/iu", $line);
        $line = $this->ofThem($line);

        return (string) preg_replace_callback("/(\\b{$boards})\\s*[x×]\\s?(\\d{1,2})\\b(?!\\s*(?:in|cm|ft|x|×))/iu", function (array $match): string {
            $this->count = (int) $match[2];

            return $match[1];
        }, $line);
    }

    /** "top shelf 13, middle 11, bottom 12". */
    private function named(string $line): string
    {
        $number = self::NUMBER;
        $names = implode('|', array_keys(self::ORDER));
        $one = "(?:{$names})\\s+(?:shelf|board|one|tier)?\\s*(?:is\\s+)?{$number}(?:\\s*clear)?";

        return (string) preg_replace_callback("/\\b{$one}(?:[\\s,;]*(?:and\\s+)?{$one})+(?!\\s*[x×\\w])/iu", function (array $match): string {
            $said = '/(' . implode('|', array_keys(self::ORDER)) . ')\s+(?:shelf|board|one|tier)?\s*(?:is\s+)?(' . self::NUMBER . ')/iu';
            preg_match_all($said, $match[0], $each, \PREG_SET_ORDER);
            usort($each, static fn(array $a, array $b): int => self::ORDER[mb_strtolower($a[1])] <=> self::ORDER[mb_strtolower($b[1])]);
            $clear = $this->list(implode('; ', array_column($each, 2)));
            if ([] === $clear) {
                return $match[0];
            }
            [$this->clear, $this->count] = [$clear, \count($clear)];

            return '  ';
        }, $line);
    }

    /** Heights from the floor, rising: what is clear is from board to board, over the highest as much as below it. */
    private function standing(string $pattern, string $line): string
    {
        $areSeveral = 1 === preg_match('/\b(?!shelf)' . self::BOARDS . '\b/iu', $line);

        return !$areSeveral ? $line : (string) preg_replace_callback($pattern, function (array $match): string {
            $heights = $this->list($match['list']);
            $clear = [];
            foreach (array_keys(\array_slice($heights, 1)) as $i) {
                $gap = $heights[$i + 1]->tenths() - $heights[$i]->tenths();
                if ($gap <= 0) {
                    return $match[0];
                }
                $clear[] = Length::ofTenths($gap);
            }
            if ([] === $clear) {
                return $match[0];
            }
            [$this->lowest, $this->clear, $this->count] = [$heights[0], [...$clear, $clear[\count($clear) - 1]], \count($heights)];

            return '  ';
        }, $line);
    }

    /** "open shelves, 2 of them". */
    private function ofThem(string $line): string
    {
        return (string) preg_replace_callback('/(\b' . self::BOARDS . '\b.*?)[\s,]+(\d{1,2})\s+of\s+(?:them|.?em|those)\b/iu', function (array $match): string {
            $this->count ??= (int) $match[2];

            return $match[1];
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
            $isOwn = '' === trim($how) && 0 < $match[0][1];

            return $isOwn || 1 === preg_match('/^' . self::GAPS . '$/iu', $match['word'][0]) ? '  ' : $how . $match['word'][0];
        }, $line, -1, $times, \PREG_OFFSET_CAPTURE);
    }

    /** @return list<Length> empty where one of them is no length */
    private function list(string $list): array
    {
        if (1 === preg_match('/^\d+\/(?:2|4|8|16)\b/', $list)) {
            return []; // a fraction
        }
        $plain = (string) preg_replace('/,\s+(?:and\s+)?|(?<!\s\d)(?<!\s\d\d)\s*\/\s*|\s*\+\s*|\s+and\s+|(?<=\w)\s+(?=\d+(?!\/\d|\d))/iu', ';', $list);
        try {
            return array_map($this->lengths->read(...), explode(str_contains($plain, ';') ? ';' : ',', $plain));
        } catch (InvalidMeasure) {
            return [];
        }
    }
}
