<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal\House;

use BrightCupboard\Core\Intake\Question;
use BrightCupboard\Core\Intake\Reply;
use BrightCupboard\Core\Surface\SpotKind;

/**
 * What a line about a spot leaves to ask, with lines that answer it.
 *
 * @internal
 */
final readonly class SpotQuestions
{
    private const KINDS = ['mantel', 'console', 'shelf', 'sideboard', 'dining table', 'low table', 'window sill', 'sofa', 'floor corner'];
    /** Several of a kind that are each dressed by themselves, unlike boards, steps and hooks. */
    private const SEVERAL = '/^(\d{1,2})\s+((?:[\pL-]+\s+){0,2}?[\pL-]{3,}(?<!ook|tep|tair|peg)s)(?=[\s,;]|$)(.*)$/iu';

    private const MOST = 12;

    /** @param string $said the line as it was written, without its room */
    public function __construct(private string $room, private string $said) {}

    /**
     * @param string $line    the same, written in one way
     * @param string $refusal what was written as a measure and is none
     *
     * @return list<Question>
     */
    public function about(string $line, ?SpotKind $kind, SpotParts $parts, string $refusal): array
    {
        return [
            ...('' === $this->room ? [new Question('room', $this->whichRoom())] : []),
            ...('' === $refusal ? [] : [new Question('width', $refusal)]),
            ...$this->unread($parts),
            ...$this->others($parts),
            ...('' !== $line && null === $kind ? [$this->whatIsIt($parts->name)] : []),
            ...$this->several($line),
        ];
    }

    /** @return list<Question> */
    private function unread(SpotParts $parts): array
    {
        $asked = [];
        foreach ($parts->unread as $part) {
            $without = $this->without($part);
            $asked[] = new Question('line', sprintf('“%s” holds a figure that is not understood.', $part), null === $without ? [] : [
                new Reply('keep it as a note', $this->again("{$without}, note: {$part}")),
                new Reply('leave it out', $this->again($without)),
            ]);
        }

        return $asked;
    }

    /** @return list<Question> */
    private function others(SpotParts $parts): array
    {
        return array_map(function (string $other) use ($parts): Question {
            $without = $this->without($other);

            return new Question('line', sprintf('“%s” and “%s” are two spots: a line for each.', $parts->name, $other), null === $without ? [] : [
                new Reply('a line for each', $this->again($without) . "\n" . $this->again($other)),
                new Reply('keep the second as a note', $this->again("{$without}, note: {$other}")),
            ]);
        }, $parts->others);
    }

    private function whatIsIt(string $name): Question
    {
        return new Question('kind', sprintf('What is %s: something to stand on, to sit on, a wall?', '' === $name ? 'it' : '“' . $name . '”'), [
            ...array_map(fn(string $word): Reply => new Reply($word, $this->again("{$this->said}, {$word}")), self::KINDS),
            new Reply('a room', $this->said . ':'),
        ]);
    }

    /** @return list<Question> where one line names several spots */
    private function several(string $line): array
    {
        if (1 !== preg_match(self::SEVERAL, $line, $match) || 2 > (int) $match[1]) {
            return [];
        }
        $kind = SpotWords::kindIn($match[2]);
        if (null === $kind || (SpotKind::Shelf === $kind && 1 !== preg_match('/(?:niche|ledge|rail|alcove)s$/iu', $match[2]))) {
            return []; // so many boards, one spot
        }
        $one = mb_strtolower(SpotWords::one($match[2]));
        $each = '2' === $match[1]
            ? ["left {$one}", "right {$one}"]
            : array_map(static fn(int $i): string => "{$one} {$i}", range(1, min(self::MOST, (int) $match[1])));

        return [new Question('name', sprintf('Each of the %s %s is a spot of its own.', $match[1], mb_strtolower($match[2])), [
            new Reply('a line for each', implode("\n", array_map(fn(string $name): string => $this->again($name . $match[3]), $each))),
            new Reply('all as one spot', $this->again("{$match[2]}{$match[3]}")),
        ])];
    }

    private function whichRoom(): string
    {
        return 'Which room is it in? Begin the line with the room, like “parlour: ' . ('' === $this->said ? 'mantel' : $this->said) . '”.';
    }

    /** The line without a part of it; null where the part was not written so, as “30 in” for 30 inches of a longer phrase. */
    private function without(string $part): ?string
    {
        foreach ([$this->said, HouseNotation::plain($this->said)] as $line) {
            $left = (string) preg_replace('/[,;]?\s*(?:and\s+)?' . preg_quote($part, '/') . '(?!\w)/iu', '', $line);
            if ($left !== $line) {
                return trim($left, ' ,;');
            }
        }

        return null;
    }

    /** Another line about the same room. */
    private function again(string $line): string
    {
        return ('' === $this->room ? '' : $this->room . ': ') . $line;
    }
}
