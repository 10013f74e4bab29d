<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal\House;

use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\CoreException;
use BrightCupboard\Core\Intake\Question;
use BrightCupboard\Core\Intake\SpotReading;
use BrightCupboard\Core\Measure\LengthText;
use BrightCupboard\Core\Measure\LengthUnit;
use BrightCupboard\Core\Surface\SpotFacts;
use BrightCupboard\Core\Surface\SpotKind;

/**
 * Reads what a line says of one spot.
 *
 * @internal
 */
final readonly class SpotLine
{
    /** What is left of "wall over the 3 chairs" when the chairs are counted. */
    private const OVER_NOTHING = '/\s+(?:over|above|behind)(?:\s+(?:the|an?))?\s*$/iu';
    /** What is called by its height; more than one post belongs to a rail. */
    private const BY_HEIGHT = '/\b(?:tree|fir|spruce)\b(?!\s+skirt)|\b(?:post|lamppost|gatepost|column|pillar|newel)\b/iu';
    private const PORCH_STEPS = 5;
    private const OUTSIDE = '/\b(porch|patio|deck|stoop|terrace|balcony)\b(?!\s+(?:post|column|pillar))([^\d,]*)\b([1-9]|1\d|2[0-4])\s*[x×]\s*'
        . '([1-9]|1\d|2[0-4])(?![\d.]|\s*(?:in|ft|cm|m|[x×])\b)/iu';
    /** What is about a spot and may be measured beside it. */
    private const THINGS = '/\b(?:mirrors?|tv|television|lamps?|sconces?|pendants?|chandeliers?|lights?|pictures?|paintings?|art|prints?|clock|vent|outlet'
        . '|switch|thermostat|tray|chaise|rug|curtains?|shades?|blinds?|fan|speakers?|monitor|screen|planters?|baskets?|drawers|stools?|umbrella'
        . '|footstool)\b/iu';

    public function __construct(private LengthUnit $unit, private ColourNames $colours) {}

    /** @param string $said as it was written, which is what is asked back */
    public function read(string $room, string $line, string $said): SpotReading
    {
        $guesses = [];
        $line = $this->outside(self::parted(SpotWords::putRight($line, $guesses)));
        $bay = new BayWords($this->unit);
        $line = $bay->take($line);
        $unit = HouseNotation::unit($line, $this->unit);
        $measures = new SpotMeasures($unit, 1 === preg_match(self::BY_HEIGHT, $line), 1 === preg_match('/\d\s*m\b/iu', $line));
        [$tiers, $below, $clear] = [new TierWords($unit), new BelowWords($unit), new ClearWords($unit)];
        $phrases = $clear->take(self::phrases($tiers->take($below->take($line))));
        $parts = $this->parts($phrases, $measures);
        if (null !== $tiers->lowest) {
            $measures->sides['up'] ??= $tiers->lowest;
        }
        $kind = $this->kindOf($parts, $tiers, $measures);
        $isSaidTwice = isset($measures->sides['bare']) && (isset($measures->sides['width']) || isset($measures->sides['across']));
        if ($isSaidTwice && !\in_array($kind, [SpotKind::Tree, SpotKind::Post], true)) {
            $parts->unread[] = (new LengthText($unit))->write($measures->sides['bare']);
        }
        $questions = (new SpotQuestions($room, $said))->about($line, $kind, $parts, $measures->refusal);
        if ('' === $line || [] !== $questions || null === $kind) {
            return new SpotReading($room, null, 0, $questions);
        }
        $parts->name = RoomWords::inFull('' === $parts->name ? $kind->value : $parts->name);
        $maker = new SpotMaker($measures, $tiers, $below, $clear, $this->unit);
        try {
            $spot = $maker->make($parts, $kind, implode(', ', $phrases), $room);
        } catch (CoreException $refusal) {
            return new SpotReading($room, null, 0, [new Question('width', $refusal->getMessage())]);
        }

        return new SpotReading(
            $room,
            $spot,
            SpotFacts::of($kind)->focalRank,
            [],
            implode('; ', array_unique([...$parts->notes, ...$bay->notes, ...$maker->notes])),
            [...$guesses, ...$maker->remarks],
        );
    }

    /** "… and counter 60 x 25": a comma before another thing that has measures of its own. */
    private static function parted(string $line): string
    {
        $line = (string) preg_replace_callback(
            '/\s(?:and|plus)\s+((?:\pL+\s+){1,3}?)(?=\d)/iu',
            static fn(array $match): string => null === SpotWords::kind($match[1]) ? $match[0] : ', ' . $match[1],
            $line,
        );

        // "loveseat and chair"
        return (string) preg_replace_callback(
            '/^(\pL[\pL\s]*?)\s(?:and|plus)\s+(\pL+(?:\s\pL+)?)$/iu',
            static fn(array $match): string => null === SpotWords::kind($match[1]) || null === SpotWords::kind($match[2])
                ? $match[0]
                : "{$match[1]}, {$match[2]}",
            $line,
        );
    }

    /** Nobody measures a porch in single inches or centimetres: "stoop 5 x 4" is in feet, or in metres. */
    private function outside(string $line): string
    {
        $unit = LengthUnit::Inch === $this->unit ? 'ft' : 'm';

        return (string) preg_replace(self::OUTSIDE, "\$1\$2\$3 {$unit} x \$4 {$unit}", $line);
    }

    /** @param list<string> $phrases */
    private function parts(array $phrases, SpotMeasures $measures): SpotParts
    {
        $parts = new SpotParts($this->colours);
        foreach ($phrases as $i => $phrase) {
            $before = $measures->sides;
            $left = $measures->take($phrase);
            $taken = array_keys(array_diff_key($measures->sides, $before));
            if (0 < $i && [] === array_diff(['width', 'depth'], $taken) && $parts->isBeside($phrase)) {
                $measures->sides = $before;
                $parts->others[] = $phrase;
                continue;
            }
            if (0 < $i && self::isOfAnother($left, $taken)) {
                $measures->sides = $before;
                $parts->notes[] = $phrase;
                continue;
            }
            $left = 0 === $i ? (string) preg_replace(self::OVER_NOTHING, '', $left) : $left;
            foreach (explode('  ', $left) as $part) {
                $parts->add(trim($part), 0 === $i);
            }
        }

        return $parts;
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
                null !== $measures->posts => SpotKind::Post,
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

    /** @return list<string> a comma inside a number parts nothing */
    public static function phrases(string $line): array
    {
        return array_values(array_filter(
            array_map(trim(...), explode(';', (string) preg_replace('/,(?!\d)/u', ';', $line))),
            static fn(string $phrase): bool => '' !== $phrase,
        ));
    }
}
