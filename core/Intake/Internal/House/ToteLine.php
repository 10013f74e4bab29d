<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal\House;

use BrightCupboard\Core\Intake\Question;
use BrightCupboard\Core\Intake\Reply;
use BrightCupboard\Core\Intake\ToteReading;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\LengthUnit;
use BrightCupboard\Core\Measure\Size;
use BrightCupboard\Core\Measure\Weight;
use BrightCupboard\Core\Measure\WeightText;
use BrightCupboard\Core\Stock\Condition;

/**
 * Reads what a line says of a tote: its code, where it is kept, what it is like there, its inside and what it may weigh.
 *
 * @internal
 */
final readonly class ToteLine
{
    private const CODE = '/^(?:(?:tote|box|bin|basket|bag|crate|tub|case|carton|container)\s+)?([a-z]{1,3}[\s-]?\d{1,3}[a-z]?)(?![\w"″])[\s,:]*(.*)$/iu';
    /** A thing and its measure, not a code: "bed 160 x 200", "bay 3 windows". */
    private const NO_CODE = '/^(?:bed|bay|cot|den|bar|pew|tv|fp|ba|br|lr|dr|fr|mbr|wc)\b|^\pL{1,3}[\s-]?\d{1,3}\s*[x×]\s*\d/iu';
    /** Rooms are numbered, too: "BR2 bookcase". */
    private const ROOM = '/^(?:br|bdrm|bd|ba|bth|lr|dr|fr|mbr)\s?\d\b[\s,:-]*(.*)$/iu';
    private const NAMED = '/^(?:tote|bin)(?:\s+|\s*:\s*)([^,:]{1,20})[,:]\s*(.*)$/iu';
    private const NUMBERED = '/^(?:tote|bin|box|crate|tub|carton|container)\s+(?:no\.?\s*|#\s*)?(\d{1,3})(?!\d|\s*(?:[x×"]|in\b|cm\b|ft\b))[\s,:]*(.*)$/iu';
    /** Where totes are kept, said before one: "attic: A1 24 x 16 x 14". */
    private const KEPT_IN = '/^((?:\pL+\s+){0,2}(?:attic|loft|cellar|basement|garage|shed|barn|closet|cupboard|wardrobe|pantry|storage|store\s?room|box\s?room'
        . '|crawl\s?space|eaves|rafters|under(?:neath)?\s+(?:the\s+)?(?:bed|stairs)))\s*[:,]\s*(.+)$/iu';
    /** A common lidded box, from memory. */
    private const INCHES = [24, 16, 14];
    private const WEIGHT = '/(?:up to |at most |max )?\d+(?:[.,]\d+)?\s*(?:lbs?|pounds?|kg)\b/iu';
    /** What totes are sold by, in cubic inches (US gallon and quart by definition, the litre to two decimals). */
    private const VOLUME = '/(?<![\w.])(\d{1,3})[\s-]*(gal(?:lons?)?|qts?|quarts?|l|lit(?:re|er)s?)\b\.?/iu';
    private const CUBIC_INCHES = ['g' => 231.0, 'q' => 57.75, 'l' => 61.02];
    private const LONGEST_PLACE = 80;
    private const PLACES = ['attic', 'cellar', 'garage', 'closet', 'under the bed'];

    public function __construct(private LengthUnit $unit) {}

    /** Null where the line is none of a tote. */
    public function read(string $line): ?ToteReading
    {
        $place = '';
        if (1 === preg_match(self::KEPT_IN, $line, $kept)) {
            [, $place, $line] = $kept;
        }
        foreach ([self::CODE, self::NAMED, self::NUMBERED] as $pattern) {
            if (1 === preg_match($pattern, $line, $match) && !self::isNoCode($line)) {
                return $this->tote(trim($match[1], " \"'“”"), trim("{$place}, {$match[2]}", ' ,'));
            }
        }

        return null;
    }

    private static function isNoCode(string $line): bool
    {
        return 1 === preg_match(self::NO_CODE, $line) || (1 === preg_match(self::ROOM, $line, $room) && SpotWords::namesOne($room[1]));
    }

    private function tote(string $code, string $rest): ToteReading
    {
        $measures = new SpotMeasures(HouseNotation::unit($rest, $this->unit));
        [$place, $conditions, $unread, $mostWeight, $scale] = ['', [], [], null, 1.0];
        $rest = (string) preg_replace_callback(self::VOLUME, static function (array $match) use (&$scale): string {
            $scale = ((int) $match[1] * self::CUBIC_INCHES[mb_strtolower($match[2][0])] / array_product(self::INCHES)) ** (1 / 3);

            return ' ';
        }, $rest);
        foreach (SpotLine::phrases(HouseNotation::plain($rest)) as $phrase) {
            $left = trim((string) preg_replace('/\s+/u', ' ', $measures->take($this->withoutWeight($phrase, $mostWeight))), ' -');
            $left = $this->withoutCondition($left, $conditions);
            $condition = NearWords::condition($left) ?? NearWords::condition(explode(' ', $left)[0]);
            match (true) {
                '' === $left => null,
                null !== $condition => $conditions[] = $condition,
                '' === $place => $place = $left,
                1 !== preg_match('/\d/', $left) => $place = mb_substr($place . ', ' . $left, 0, self::LONGEST_PLACE),
                default => $unread[] = $left,
            };
        }
        $sides = self::sides($measures, $rest);
        $given = array_filter($sides, static fn(?Length $side): bool => null !== $side);
        $side = static fn(int $i): Length => $sides[$i] ?? Length::ofInches(round(2 * $scale * self::INCHES[$i]) / 2);

        return new ToteReading(
            mb_strtoupper((string) preg_replace('/[\s-]+(?=\d)/', '', $code)),
            $place,
            new Size($side(0), $side(1), $side(2)),
            3 === \count($given),
            array_values(array_unique($conditions, \SORT_REGULAR)),
            $mostWeight,
            $this->questions($code, $rest, $place, $unread, $measures->refusal, $given),
        );
    }

    /** @return array{Length|null, Length|null, Length|null} width, depth and height; of a round one the first is across */
    private static function sides(SpotMeasures $measures, string $rest): array
    {
        $said = $measures->sides;
        $isRound = isset($said['across']) || 1 === preg_match('/\bround\b/iu', $rest);
        $across = $said['across'] ?? $said['width'] ?? $said['bare'] ?? null;

        return $isRound && null !== $across && !isset($said['width'], $said['depth'], $said['high'])
            ? [$across, $across, $said['high'] ?? $said['depth'] ?? null]
            : [$said['width'] ?? null, $said['depth'] ?? null, $said['high'] ?? null];
    }

    /**
     * @param list<string>       $unread
     * @param array<int, Length> $given  sides that were said
     *
     * @return list<Question>
     */
    private function questions(string $code, string $rest, string $place, array $unread, string $refusal, array $given): array
    {
        $questions = array_map(
            static fn(string $phrase): Question => new Question(
                'line',
                sprintf('“%s” is not understood. Take it out, or say it another way.', $phrase),
                [new Reply('leave it out', $code . ' ' . trim((string) preg_replace('/[,;\s-]*' . preg_quote($phrase, '/') . '/iu', '', $rest)))],
            ),
            $unread,
        );
        if ('' === $place) {
            $questions[] = new Question('place', 'Where is it kept?', array_map(
                static fn(string $word): Reply => new Reply($word, $code . ' ' . $word . ('' === $rest ? '' : ', ' . $rest)),
                self::PLACES,
            ));
        }
        if ('' !== $refusal) {
            $questions[] = new Question('width', $refusal);
        }
        if ([] !== array_filter($given, static fn(Length $side): bool => 0 === $side->tenths())) {
            $questions[] = new Question('width', 'The inside of a tote needs all three measures above 0, so that its room can be worked out.');
        }

        return $questions;
    }

    /**
     * "shed hot" is a place and what it is like there.
     *
     * @param list<Condition> $conditions
     */
    private function withoutCondition(string $phrase, array &$conditions): string
    {
        if (1 !== preg_match('/^(.*\S)\s+(?:and\s+)?(\S+)$/u', $phrase, $match) || null === $condition = NearWords::condition($match[2])) {
            return $phrase;
        }
        $conditions[] = $condition;

        return $this->withoutCondition(trim($match[1]), $conditions);
    }

    /** "up to 40 lb" is what it may weigh. */
    private function withoutWeight(string $phrase, ?Weight &$mostWeight): string
    {
        return (string) preg_replace_callback(self::WEIGHT, function (array $match) use (&$mostWeight): string {
            $mostWeight = (new WeightText($this->unit))->read(trim((string) preg_replace('/^(?:up to|at most|max) /i', '', $match[0])));

            return ' ';
        }, $phrase);
    }
}
