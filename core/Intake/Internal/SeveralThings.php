<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal;

use BrightCupboard\Core\Intake\Lexicon;
use BrightCupboard\Core\Intake\Question;
use BrightCupboard\Core\Intake\Reply;
use BrightCupboard\Core\Stock\PieceKind;

/**
 * Finds where one line tells of several pieces: "pumpkins: 2 large 10 in, 3 small 5 in", "frames 8 x 10 (4), 5 x 7 (2)", "one 14 in, one 8 in",
 * "2 candlesticks and 1 bowl". Sizes alone, "6, 8 and 10 in", are seen where measures are read.
 *
 * @internal
 */
final readonly class SeveralThings
{
    private const COUNT = '\d{1,2}|an?|one|two|three|four|five|six|seven|eight|nine|ten|twelve';
    private const HOW = 'extra large|larger|large|medium|smaller|small|bigger|big|little|mini|tiny|taller|tall|shorter|short'
        . '|sitting|seated|standing|lying|resting|leaping|grazing'
        . '|walking|running|head up|head down';
    /** Sizes by letter, read as such where several are named. */
    public const LETTERS = ['xl' => 'extra large', 'l' => 'large', 'm' => 'medium', 's' => 'small'];
    public const NUMBER = '\d+(?:[.,]\d+)?(?:\s\d+\/\d+)?';
    public const UNIT = '(?:in|cm|mm|ft|m)\b';
    private const SIDE = '(?:\s*(?:high|tall|wide|across|diameter|deep|long)\b)?';
    /** No word of a thing: what a measure is of, or leads to a part. */
    private const NO_WORD = 'in|cm|mm|ft|by|high|tall|wide|long|deep|across|and|with|for|from|pcs|pack|set|sets|pair|rolls?|yards?';
    /** Between two of them, and nothing else. */
    private const BETWEEN = '/^[\s,;&+]*(?:and\s*)?$/iu';
    /** What is said behind such a word is about a part of the thing. */
    private const PART = '/\b(?:with|of|for|in|on|holds|holding|without|from)\b/iu';
    /** What comes along with a thing in numbers, and is none of its own. */
    private const PARTS = [PieceKind::Lights, PieceKind::Pillar, PieceKind::Bell, PieceKind::Bauble, PieceKind::Bunch];

    /**
     * @param string $unit of numbers without one, as it is written
     *
     * @return list<string> a line for each; empty where there is one piece, or one cannot say
     */
    public static function lines(string $line, string $unit): array
    {
        $line = SortNotation::plain($line, $unit);
        $sorts = self::sorts($line);

        return [] === $sorts ? self::things($line) : $sorts;
    }

    /** @param list<string> $lines */
    public static function question(string $line, array $lines): Question
    {
        $one = self::asOne($line);

        return new Question('count', 'Several pieces are in this line. Each is a piece of its own.', [
            new Reply(sprintf('%d pieces, a line each', \count($lines)), implode("\n", $lines)),
            ...('' === $one ? [] : [new Reply('one piece', $one)]),
        ]);
    }

    /** The line as it reads where it is about one thing after all: with another, or with its parts as a note; '' where it cannot be. */
    private static function asOne(string $line): string
    {
        if ([] === self::sorts($line)) {
            $with = (string) preg_replace('/\s(?:and|&|\+)\s/iu', ' with ', $line, 1);

            return $with === $line ? '' : $with;
        }
        $from = self::groups($line)[0]['from'];
        $head = trim(substr($line, 0, $from), ' ,:;');

        return Lexicon::nameAThing($head) ? $head . ', note: ' . trim(substr($line, $from)) : '';
    }

    /** @return list<string> one thing in several sorts, each with its number or its word and its size */
    private static function sorts(string $line): array
    {
        $groups = 1 === preg_match('/[“”"]|\b(?:care|note|nb|ps):/iu', $line) ? [] : self::groups($line);
        if (\count($groups) < 2) {
            return [];
        }
        $head = self::withoutNumber(substr($line, 0, $groups[0]['from']));
        $behind = [];
        foreach ($groups as $i => $group) {
            $behind[] = substr($line, $group['to'], ($groups[$i + 1]['from'] ?? \strlen($line)) - $group['to']);
        }
        $tail = array_pop($behind);
        $isCommon = [] === array_filter($behind, static fn(string $one): bool => 1 !== preg_match(self::BETWEEN, $one));
        $lines = [];
        foreach ($groups as $i => $group) {
            $own = $isCommon ? $tail : $behind[$i] ?? $tail;
            $own = (string) preg_replace('/(?:[\s,;&+]|\band\b)+$/iu', '', $own);
            // "2 lamps 24 in and one 18 in": of the same as the one before.
            $thing = match (true) {
                '' !== $head => $head,
                Lexicon::nameAThing($group['how'] . $own) => '',
                default => trim($groups[0]['how']),
            };
            if (!Lexicon::nameAThing(trim($group['how'] . $thing . ' ' . $own))) {
                return [];
            }
            $lines[] = self::line($group, $thing, $own);
        }

        return $lines;
    }

    /**
     * One of them as a line of its own, its size behind the thing.
     *
     * @param array{from: int, to: int, count: string, how: string, size: string} $group
     */
    private static function line(array $group, string $thing, string $own): string
    {
        // Where it is named behind its number, as in "3 small 2 large pumpkins", what is behind it is the thing.
        [$thing, $own] = '' === $thing && !Lexicon::nameAThing($group['how']) ? [trim($own, ' ,'), ''] : [$thing, $own];
        $thing = '1 ' === $group['count'] ? self::single($thing) : $thing;
        $size = '' === $group['size'] ? '' : (str_contains($thing, ',') ? ', ' : ' ') . $group['size'];
        $how = '1 ' === $group['count'] ? self::single(trim($group['how'])) . ' ' : $group['how'];

        return trim((string) preg_replace(['/\s{2,}/u', '/\s+(?=,)/u'], [' ', ''], "{$group['count']}{$how}{$thing}{$size} {$own}"), ' ,');
    }

    /** @return list<array{from: int, to: int, count: string, how: string, size: string}> each in its place, words with a space behind them */
    private static function groups(string $line): array
    {
        [$count, $number, $unit, $noWord] = [self::COUNT, self::NUMBER, self::UNIT, self::NO_WORD];
        $size = "(?:{$number}\\s*(?:{$unit})?(?:\\s*[x×]\\s*{$number}\\s*(?:{$unit})?){1,2}|{$number}\\s*{$unit})" . self::SIDE;
        $letters = implode('|', array_keys(self::LETTERS));
        $how = preg_match_all("/(?<!\\w)(?:{$letters})\\s+(?={$size})/iu", $line) > 1 ? self::HOW . '|' . $letters : self::HOW;
        preg_match_all(
            "/(?<![\\w.,\\/])(?<!x )(?<!× )(?:(?<sizeFirst>{$size})\\s*(?:\\((?<countBehind>\\d{1,2})\\)|(?<pieces>\\d{1,2})\\s*(?:pcs?|pieces|ct|count)\\b)"
                . "|(?:(?<count>{$count})\\s+)?(?<how>{$how})\\s*:?\\s+(?<sized>{$size})"
                . "|(?<countOf>{$count})\\s+(?<what>(?:(?!(?:{$noWord})\\b)\\pL{3,}\\s+){0,2})(?<sizeOf>{$size})"
                . "|(?<countOnly>{$count})\\s+(?<howOnly>{$how})(?![\\w-]))/iu",
            $line,
            $found,
            \PREG_SET_ORDER | \PREG_OFFSET_CAPTURE | \PREG_UNMATCHED_AS_NULL,
        );
        $groups = [];
        foreach ($found as $match) {
            $said = static fn(string ...$names): string => trim(implode('', array_map(static fn(string $name): string => $match[$name][0] ?? '', $names)));
            $how = mb_strtolower($said('how', 'howOnly', 'what'));
            $word = self::LETTERS[$how] ?? $how;
            $groups[] = [
                'from' => $match[0][1],
                'to' => $match[0][1] + \strlen((string) $match[0][0]),
                'count' => self::number($said('countBehind', 'pieces', 'count', 'countOf', 'countOnly')) . ' ',
                'how' => '' === $word ? '' : $word . ' ',
                'size' => $said('sizeFirst', 'sized', 'sizeOf'),
            ];
        }

        return 1 === \count($groups) ? self::withFirst($line, $groups[0], $size) : $groups;
    }

    /**
     * "2 lamps 24 in and one 18 in": the first has its number before the thing.
     *
     * @param array{from: int, to: int, count: string, how: string, size: string} $group
     *
     * @return list<array{from: int, to: int, count: string, how: string, size: string}>
     */
    private static function withFirst(string $line, array $group, string $size): array
    {
        $head = substr($line, 0, $group['from']);
        $count = self::COUNT;
        $pattern = "/^(?:({$count})\\s+)?\\pL.*?(?<![\\w.,])({$size})\\s*(?:[,&+]|and\\b)\\s*$/iu";
        if ('' === $group['size'] || 1 !== preg_match($pattern, $head, $match, \PREG_OFFSET_CAPTURE)) {
            return [$group];
        }
        $from = $match[2][1];
        $first = ['from' => $from, 'to' => $from + \strlen($match[2][0]), 'count' => self::number($match[1][0]) . ' ', 'how' => '', 'size' => $match[2][0]];

        return [$first, $group];
    }

    private static function number(string $word): string
    {
        return '' === $word ? '1' : (string) (Lexicon::count(mb_strtolower($word)) ?? $word);
    }

    /** The thing alone: how many there are is said of each sort. */
    private static function withoutNumber(string $head): string
    {
        $count = self::COUNT;
        $head = (string) preg_replace("/^(?:(?:a\\s+)?(?:set|group|family|lot|pack)\\s+of\\s+)?(?:(?:{$count})\\s+)?(?=\\pL)/iu", '', trim($head, ' ,:;&+'));
        $head = (string) preg_replace(
            ['/^(?:set|group|family|lot|pack)\s+of\b/iu', '/(?<=\pL)\s+(?:pair|pr|duo|trio|set|family|pcs?)\b(?!\s+of)/iu', '/[\s,:;&+-]+$/u'],
            '',
            $head,
        );

        return trim($head, ' ,:;');
    }

    private static function single(string $thing): string
    {
        return implode(' ', array_map(Lexicon::singular(...), explode(' ', $thing)));
    }

    /** @return list<string> two different things, each with its number or its size */
    private static function things(string $line): array
    {
        [$left, $right] = self::parted($line) ?? ['', ''];
        if ('' === $left || 1 === preg_match(self::PART, $left) || 1 === preg_match('/[“”"]/u', $line)) {
            return [];
        }
        [$one, $other] = [self::kindIn($left), self::kindIn($right)];

        // "bunny 10 + baby bunny 5": with a plus even two of a kind are two.
        $isPlus = 1 === preg_match('/^' . preg_quote($left, '/') . '\s*\+/u', $line);

        return null === $one || null === $other || ($one === $other && !$isPlus) || \in_array($other, self::PARTS, true)
            ? []
            : [trim($left, ' ,'), trim($right, ' ,')];
    }

    /** @return array{string, string}|null where a line may tell of a second thing */
    private static function parted(string $line): ?array
    {
        [$count, $size] = [self::COUNT, self::NUMBER . '\s*' . self::UNIT];
        $joined = [
            '/^(\pL[^+]*\d[^+]*)\s\+\s(\pL.*\d.*)$/iu',
            "/^(.+?)\\s(?:and|&|\\+)\\s((?:{$count})\\s+\\pL.*)$/iu",
            "/^(.*{$size})\\s(?:and|&|\\+)\\s(\\pL.*{$size}.*)$/iu",
        ];
        foreach ($joined as $pattern) {
            if (1 === preg_match($pattern, $line, $parts)) {
                return [$parts[1], $parts[2]];
            }
        }
        $isCounted = 1 === preg_match('/^(\d{1,2}\s+\pL[^,\d]*)\s(\d{1,2}\s+(\pL+).*)$/iu', $line, $parts);

        return $isCounted && null !== Lexicon::kindNamed(mb_strtolower($parts[3])) ? [$parts[1], $parts[2]] : null;
    }

    /** What is named last before a comma is the thing. */
    private static function kindIn(string $words): ?PieceKind
    {
        $kind = null;
        foreach (explode(' ', mb_strtolower(explode(',', $words)[0])) as $word) {
            $kind = Lexicon::kind($word)[0] ?? $kind;
        }

        return $kind;
    }
}
