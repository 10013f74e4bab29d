<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal\House;

use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\CoreException;
use BrightCupboard\Core\Intake\Question;
use BrightCupboard\Core\Intake\Reply;
use BrightCupboard\Core\Intake\SpotReading;
use BrightCupboard\Core\Measure\LengthText;
use BrightCupboard\Core\Measure\LengthUnit;
use BrightCupboard\Core\Surface\Form;
use BrightCupboard\Core\Surface\SpotFacts;
use BrightCupboard\Core\Surface\SpotKind;

/**
 * Reads what a line says of one spot.
 *
 * @internal
 */
final readonly class SpotLine
{
    private const KINDS = ['mantel', 'console', 'shelf', 'sideboard', 'dining table', 'low table', 'window sill', 'sofa', 'floor corner'];
    /** What is left of "wall over the 3 chairs" when the chairs are counted. */
    private const OVER_NOTHING = '/\s+(?:over|above|behind)(?:\s+(?:the|an?))?\s*$/iu';
    private const TREE = '/\b(?:tree|fir|spruce)\b(?!\s+skirt)/iu';
    private const PORCH_STEPS = 5;
    /** What is about a spot and may be measured beside it. */
    private const THINGS = '/\b(?:mirrors?|tv|television|lamps?|sconces?|pendants?|chandeliers?|lights?|pictures?|paintings?|art|prints?|clock|vent|outlet'
        . '|switch|thermostat|tray|chaise|rug|curtains?|shades?|blinds?|fan|speakers?|monitor|screen|planters?|baskets?|drawers|stools?|umbrella'
        . '|footstool)\b/iu';
    /** Several of a kind that are each dressed by themselves, unlike boards, steps and hooks. */
    private const SEVERAL = '/^(\d{1,2})\s+((?:\pL+\s+){0,2}?\pL{3,}(?<!ook|tep|tair)s)(?=[\s,;]|$)(.*)$/iu';

    public function __construct(private LengthUnit $unit, private ColourNames $colours) {}

    /** @param string $said as it was written, which is what is asked back */
    public function read(string $room, string $line, string $said): SpotReading
    {
        $guesses = [];
        $line = SpotWords::putRight($line, $guesses);
        $unit = HouseNotation::unit($line, $this->unit);
        $measures = new SpotMeasures($unit, 1 === preg_match(self::TREE, $line));
        [$tiers, $below, $clear] = [new TierWords($unit), new BelowWords($unit), new ClearWords($unit)];
        $phrases = $clear->take(self::phrases($tiers->take($below->take($line))));
        $parts = new SpotParts($this->colours);
        foreach ($phrases as $i => $phrase) {
            $before = $measures->sides;
            $left = $measures->take($phrase);
            if (0 < $i && self::isOfAnother($left, array_keys(array_diff_key($measures->sides, $before)))) {
                $measures->sides = $before;
                $parts->notes[] = $phrase;
                continue;
            }
            $left = 0 === $i ? (string) preg_replace(self::OVER_NOTHING, '', $left) : $left;
            foreach (explode('  ', $left) as $part) {
                $parts->add(trim($part), 0 === $i);
            }
        }
        $kind = $this->kindOf($parts, $tiers, $measures);
        $isSaidTwice = isset($measures->sides['bare']) && (isset($measures->sides['width']) || isset($measures->sides['across']));
        if ($isSaidTwice && SpotKind::Tree !== $kind) {
            $parts->unread[] = (new LengthText($unit))->write($measures->sides['bare']);
        }
        $questions = [
            ...('' === $room ? [new Question('room', self::whichRoom($said))] : []),
            ...('' === $measures->refusal ? [] : [new Question('width', $measures->refusal)]),
            ...$this->unread($parts, $room, $said),
            ...$this->others($parts, $room, $said),
            ...('' !== $line && null === $kind ? [$this->whatIsIt($parts->name, $room, $said)] : []),
            ...$this->several($room, $line),
        ];
        if ('' === $line || [] !== $questions || null === $kind) {
            return new SpotReading($room, null, 0, $questions);
        }
        $parts->name = RoomWords::inFull('' === $parts->name ? $kind->value : $parts->name);
        $maker = new SpotMaker($measures, $tiers, $below, $clear, $this->unit);
        try {
            $spot = $maker->make($parts, $kind, implode(', ', $phrases));
        } catch (CoreException $refusal) {
            return new SpotReading($room, null, 0, [new Question('width', $refusal->getMessage())]);
        }

        return new SpotReading(
            $room,
            $spot,
            SpotFacts::of($kind)->focalRank,
            [],
            implode('; ', array_unique([...$parts->notes, ...$maker->notes])),
            [...$guesses, ...$maker->remarks],
        );
    }

    /**
     * Whether a phrase behind the name measures something else that is there, unless it says how much is clear.
     *
     * @param list<string> $sides what it measures
     */
    private static function isOfAnother(string $left, array $sides): bool
    {
        return ['clear'] !== $sides && 1 === preg_match(self::THINGS, $left);
    }

    /** What is counted says what it is of: boards are shelves, a dresser with boards is a hutch, few steps lead to a porch and many are a stair. */
    private function kindOf(SpotParts $parts, TierWords $tiers, SpotMeasures $measures): ?SpotKind
    {
        if (null === $parts->kind) {
            return match (true) {
                null !== $tiers->count => SpotKind::Shelf,
                null !== $measures->steps => $measures->steps > self::PORCH_STEPS ? SpotKind::StairRail : SpotKind::Porch,
                default => null,
            };
        }

        return $tiers->count < 2 ? $parts->kind : match ($parts->kind) {
            SpotKind::Console, SpotKind::Sideboard => SpotKind::Hutch,
            SpotKind::Floor => SpotKind::Shelf,
            default => $parts->kind,
        };
    }

    /** @return list<Question> */
    private function unread(SpotParts $parts, string $room, string $said): array
    {
        $asked = [];
        foreach ($parts->unread as $part) {
            $without = trim((string) preg_replace('/[,;]?\s*' . preg_quote($part, '/') . '/iu', '', $said), ' ,;');
            $asked[] = new Question('line', sprintf('“%s” holds a figure that is not understood.', $part), [
                new Reply('keep it as a note', self::in($room, "{$without}, note: {$part}")),
                new Reply('leave it out', self::in($room, $without)),
            ]);
        }

        return $asked;
    }

    /** @return list<Question> */
    private function others(SpotParts $parts, string $room, string $said): array
    {
        return array_map(static function (string $other) use ($parts, $room, $said): Question {
            $without = trim((string) preg_replace('/[,;]?\s*(?:and\s+)?' . preg_quote($other, '/') . '/iu', '', $said), ' ,;');

            return new Question('line', sprintf('“%s” and “%s” are two spots: a line for each.', $parts->name, $other), [
                new Reply('the first', self::in($room, $without)),
                new Reply('the second', self::in($room, $other)),
                new Reply('keep the second as a note', self::in($room, "{$without}, note: {$other}")),
            ]);
        }, $parts->others);
    }

    private function whatIsIt(string $name, string $room, string $said): Question
    {
        return new Question('kind', sprintf('What is %s: something to stand on, to sit on, a wall?', '' === $name ? 'it' : '“' . $name . '”'), [
            ...array_map(static fn(string $word): Reply => new Reply($word, self::in($room, "{$said}, {$word}")), self::KINDS),
            new Reply('a room', $said . ':'),
        ]);
    }

    /** @return list<Question> where one line names several spots */
    private function several(string $room, string $line): array
    {
        if (1 !== preg_match(self::SEVERAL, $line, $match) || 2 > (int) $match[1]) {
            return [];
        }
        $kind = SpotWords::kindIn($match[2]);
        if (null === $kind || Form::Tiers === $kind->form()) {
            return [];
        }
        $one = mb_strtolower(mb_substr($match[2], 0, -1));

        return [new Question('name', sprintf('Each of the %s %s is a spot of its own: enter one after the other.', $match[1], mb_strtolower($match[2])), [
            new Reply('the left one', self::in($room, "left {$one}{$match[3]}")),
            new Reply('all as one spot', self::in($room, "{$match[2]}{$match[3]}")),
        ])];
    }

    private static function whichRoom(string $line): string
    {
        return 'Which room is it in? Begin the line with the room, like “parlour: ' . ('' === $line ? 'mantel' : $line) . '”.';
    }

    private static function in(string $room, string $line): string
    {
        return ('' === $room ? '' : $room . ': ') . $line;
    }

    /** @return list<string> a comma inside a number parts nothing */
    public static function phrases(string $line): array
    {
        return array_values(array_filter(
            array_map(trim(...), explode(';', (string) preg_replace('/,(?!\d)/u', ';', $line))),
            static fn(string $phrase): bool => '' !== $phrase,
        ));
    }
}
