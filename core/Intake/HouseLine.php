<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake;

use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\CoreException;
use BrightCupboard\Core\Intake\Internal\BelowWords;
use BrightCupboard\Core\Intake\Internal\ClearWords;
use BrightCupboard\Core\Intake\Internal\SpotMeasures;
use BrightCupboard\Core\Intake\Internal\SpotWords;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\LengthUnit;
use BrightCupboard\Core\Measure\Size;
use BrightCupboard\Core\Measure\Weight;
use BrightCupboard\Core\Measure\WeightText;
use BrightCupboard\Core\Stock\Condition;
use BrightCupboard\Core\Surface\Form;
use BrightCupboard\Core\Surface\Layout;
use BrightCupboard\Core\Surface\SeenFrom;
use BrightCupboard\Core\Surface\Spot;
use BrightCupboard\Core\Surface\SpotFacts;
use BrightCupboard\Core\Surface\SpotHazard;
use BrightCupboard\Core\Surface\SpotKind;
use BrightCupboard\Core\Surface\TableShape;

/**
 * Reads a walk through a house, a line at a time: "parlour: stove shelf, mantel 64 x 8 in, 54 high, 30 clear, heat", then
 * "window sill 36 x 5" for the next spot of the same room, and "A1 attic, 24 x 16 x 14" for a tote.
 *
 * What a line does not say is the usual of its kind and marked as not measured; what it says and is not understood is asked
 * back, never dropped.
 */
final readonly class HouseLine
{
    private const CODE = '/^(?:(?:tote|box|bin|basket|bag)\s+)?([a-z]{1,3}[\s-]?\d{1,3}[a-z]?)(?![\w"″])[\s,:]*(.*)$/iu';
    private const NAMED_TOTE = '/^(?:tote|bin)\s+([^,:]{1,20})[,:]\s*(.*)$/iu';
    /** A common lidded box, from memory. */
    private const TOTE_INCHES = [24, 16, 14];
    private const WALL = '#F6F4EE';
    private const WEIGHT = '/(?:up to |at most |max )?\d+(?:[.,]\d+)?\s*(?:lbs?|pounds?|kg)\b/iu';
    /** What is left of "wall over the 3 chairs" when the chairs are counted. */
    private const OVER_NOTHING = '/\s+(?:over|above|behind)(?:\s+(?:the|an?))?\s*$/iu';

    public function __construct(private LengthUnit $unit) {}

    /** @param string $room the room walked into last, for lines that name none */
    public function read(string $line, string $room): SpotReading|ToteReading
    {
        $line = trim((string) preg_replace('/[\s\0]+/u', ' ', $line));
        if (1 === preg_match(self::CODE, $line, $match) || 1 === preg_match(self::NAMED_TOTE, $line, $match)) {
            return $this->tote(trim($match[1]), $match[2]);
        }
        if (1 === preg_match('/^([^:,]{1,80}):(.*)$/u', $line, $match)) {
            [$room, $line] = [trim($match[1]), trim($match[2])];
        }

        if (SpotWords::isRoom($line)) {
            [$room, $line] = [$line, ''];
        }

        return $this->spot($this->capital($room), $line);
    }

    private function spot(string $room, string $line): SpotReading
    {
        $measures = new SpotMeasures($this->unit);
        $below = new BelowWords($this->unit);
        $clear = new ClearWords($this->unit);
        $said = $line;
        $phrases = $clear->take(self::phrases($below->take($line)));
        $line = implode(', ', $phrases);
        [$name, $kind, $seenFrom, $hazards, $unread] = ['', null, null, [], []];
        foreach ($phrases as $i => $phrase) {
            $left = trim((string) preg_replace(self::OVER_NOTHING, '', $measures->take($phrase)), ' -');
            $hazard = SpotWords::hazard($left);
            $seen = SpotWords::seenFrom($left);
            match (true) {
                '' === $left => null,
                null !== $hazard && $i > 0 => $hazards[] = $hazard,
                null !== $seen => $seenFrom = $seen,
                '' === $name => [$name, $kind] = [$left, SpotWords::kindIn($left)],
                null !== SpotWords::kindOver($left) => $kind = SpotWords::kindOver($left),
                default => $unread[] = $left,
            };
        }
        if (isset($measures->sides['width']) && 1 === preg_match('/\b(?:round|square|across)\b/iu', $line)) {
            $measures->sides['depth'] ??= $measures->sides['width'];
        }
        if (null !== $kind && \in_array($kind->form(), [Form::Panel, Form::Cone], true)) {
            $measures->standUpright(Form::Panel === $kind->form());
        }
        $questions = $this->spotQuestions($room, $said, $name, $kind, $measures, $unread);
        if ('' === $line || [] !== $questions || null === $kind) {
            return new SpotReading($room, null, 0, $questions);
        }
        try {
            return new SpotReading(
                $room,
                $this->made(
                    $this->capital($this->plain($name)),
                    $kind,
                    $measures,
                    $seenFrom,
                    array_values(array_unique($hazards, \SORT_REGULAR)),
                    $line,
                    $below,
                    $clear,
                ),
                SpotFacts::of($kind)->focalRank,
                [],
            );
        } catch (CoreException $refusal) {
            return new SpotReading($room, null, 0, [new Question('width', $refusal->getMessage())]);
        }
    }

    /**
     * @param list<string> $unread
     *
     * @return list<Question>
     */
    private function spotQuestions(string $room, string $line, string $name, ?SpotKind $kind, SpotMeasures $measures, array $unread): array
    {
        $questions = [];
        if ('' === $room) {
            $questions[] = new Question(
                'room',
                'Which room is it in? Begin the line with the room, like “parlour: ' . ('' === $line ? 'mantel' : $line) . '”.',
            );
        }
        if ('' !== $measures->refusal) {
            $questions[] = new Question('width', $measures->refusal);
        }
        foreach ($unread as $phrase) {
            $questions[] = new Question('line', sprintf('“%s” is not understood. Take it out, or say it another way.', $phrase));
        }
        if ('' !== $line && null === $kind) {
            $kinds = ['mantel', 'console', 'shelf', 'sideboard', 'dining table', 'low table', 'window sill', 'sofa', 'floor corner'];
            $questions[] = new Question('kind', sprintf('What is %s: something to stand on, to sit on, a wall?', '' === $name ? 'it' : '“' . $name . '”'), [
                ...array_map(static fn(string $word): Reply => new Reply($word, ('' === $room ? '' : $room . ': ') . $line . ', ' . $word), $kinds),
                new Reply('a room', $line . ':'),
            ]);
        }

        return $questions;
    }

    /** @param list<SpotHazard> $hazards */
    private function made(
        string $name,
        SpotKind $kind,
        SpotMeasures $measures,
        ?SeenFrom $seenFrom,
        array $hazards,
        string $line,
        BelowWords $below,
        ClearWords $clear,
    ): Spot {
        $usual = SpotFacts::of($kind);
        $width = $measures->sides['width'] ?? $usual->width;
        $assumed = array_values(array_filter(
            ['width', 'depth', 'ledgeHeight', 'clearHeight'],
            static fn(string $side): bool => !isset($measures->sides[$side]) && (
                'clearHeight' !== $side
                || (!$measures->isOpenAbove && null !== $usual->clearHeight)
            ),
        ));

        return (new Spot(
            '',
            $name,
            $kind,
            $width,
            $measures->sides['depth'] ?? $usual->depth,
            $measures->sides['ledgeHeight'] ?? $usual->ledgeHeight,
            $measures->isOpenAbove ? null : $measures->sides['clearHeight'] ?? $usual->clearHeight,
            $seenFrom ?? $usual->seenFrom,
            $clear->on($width),
            Srgb::ofHex(self::WALL),
            $this->hazards($kind, $hazards, $line),
            $assumed,
            $this->layout($kind, $measures, $usual, $line, $below),
        ))->roomSized();
    }

    /**
     * What is said to be near, and what follows from where it is: weather on a porch, a bed under what hangs over it.
     *
     * @param list<SpotHazard> $said
     *
     * @return list<SpotHazard>
     */
    private function hazards(SpotKind $kind, array $said, string $line): array
    {
        $follows = match (true) {
            SpotKind::Porch === $kind => [SpotHazard::Weather],
            Form::Panel === $kind->form() && SpotKind::Bed === SpotWords::below($line) => [SpotHazard::Bed],
            default => [],
        };

        return array_values(array_unique([...$follows, ...$said], \SORT_REGULAR));
    }

    /** What the line says of boards, seats, posts, rise and shape; the rest is usual, as far as the measures take it. */
    private function layout(SpotKind $kind, SpotMeasures $measures, SpotFacts $usual, string $line, BelowWords $measured): Layout
    {
        $shape = match (1) {
            preg_match('/\bround\b/iu', $line) => TableShape::Round,
            preg_match('/\boval\b/iu', $line) => TableShape::Oval,
            default => TableShape::Rectangular,
        };
        $each = $measures->sides['tier'] ?? (null === $measures->boards ? null : $usual->layout->tiers[0] ?? $usual->clearHeight ?? Length::ofInches(12));
        $boards = $measures->boards ?? \count($usual->layout->tiers);
        $tiers = Form::Tiers !== $kind->form() ? [] : match (true) {
            null !== $each && $boards > 1 => array_fill(0, $boards, $each),
            default => $usual->layout->tiers,
        };
        $bare = new Layout(shape: $shape);
        $most = $bare->mostSeats($measures->sides['width'] ?? $usual->width, $measures->sides['depth'] ?? $usual->depth);

        $isWall = Form::Panel === $kind->form();
        $below = $isWall ? SpotWords::below($line) : null;
        $hangsOver = $isWall && (null !== $below || null !== $measured->width);
        $furniture = SpotFacts::of($below ?? SpotKind::Sideboard);

        return new Layout(
            $tiers,
            $shape,
            $measures->seats ?? min($usual->layout->seats, $most),
            $measures->sides['rise'] ?? null,
            $measures->posts ?? $usual->layout->posts,
            $hangsOver ? $measured->width ?? $furniture->width : null,
            $hangsOver ? $measured->top ?? $furniture->top() : null,
        );
    }

    private function tote(string $code, string $rest): ToteReading
    {
        $measures = new SpotMeasures($this->unit);
        [$place, $conditions, $unread, $mostWeight] = ['', [], [], null];
        foreach (self::phrases($rest) as $phrase) {
            $left = $this->withoutCondition(trim($measures->take($this->withoutWeight($phrase, $mostWeight)), ' -'), $conditions);
            $condition = SpotWords::condition($left);
            match (true) {
                '' === $left => null,
                null !== $condition => $conditions[] = $condition,
                '' === $place => $place = $left,
                default => $unread[] = $left,
            };
        }
        $questions = array_map(
            static fn(string $phrase): Question => new Question('line', sprintf('“%s” is not understood. Take it out, or say it another way.', $phrase)),
            $unread,
        );
        if ('' === $place) {
            $questions[] = new Question(
                'place',
                'Where is it kept?',
                array_map(
                    static fn(string $word): Reply => new Reply($word, $code . ' ' . $word . ('' === $rest ? '' : ', ' . $rest)),
                    ['attic', 'cellar', 'garage', 'closet', 'under the bed'],
                ),
            );
        }
        if ('' !== $measures->refusal) {
            $questions[] = new Question('width', $measures->refusal);
        }
        $sides = [$measures->sides['width'] ?? null, $measures->sides['depth'] ?? null, $measures->sides['ledgeHeight'] ?? null];
        $given = array_filter($sides, static fn(?Length $side): bool => null !== $side);
        if ([] !== array_filter($given, static fn(Length $side): bool => 0 === $side->tenths())) {
            $questions[] = new Question('width', 'The inside of a tote needs all three measures above 0, so that its room can be worked out.');
        }
        $side = static fn(int $i): Length => $sides[$i] ?? Length::ofTenths(self::TOTE_INCHES[$i] * Length::TENTHS_PER_INCH);

        return new ToteReading(
            mb_strtoupper((string) preg_replace('/[\s-]+(?=\d)/', '', $code)),
            $place,
            new Size($side(0), $side(1), $side(2)),
            3 === \count($given),
            array_values(array_unique($conditions, \SORT_REGULAR)),
            $mostWeight,
            $questions,
        );
    }

    /**
     * "shed hot" is a place and what it is like there.
     *
     * @param list<Condition> $conditions
     */
    private function withoutCondition(string $phrase, array &$conditions): string
    {
        if (1 !== preg_match('/^(.*\S)\s+(?:and\s+)?(\S+)$/u', $phrase, $match) || null === $condition = SpotWords::condition($match[2])) {
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

    /** @return list<string> a comma inside a number parts nothing */
    private static function phrases(string $line): array
    {
        return array_values(array_filter(
            array_map(trim(...), explode(';', (string) preg_replace('/,(?!\d)/u', ';', $line))),
            static fn(string $phrase): bool => '' !== $phrase,
        ));
    }

    /** A name without what was taken out of its middle, and without a shape at its end: "kitchen table round". */
    private function plain(string $name): string
    {
        $name = (string) preg_replace('/\s+/u', ' ', $name);

        return (string) preg_replace('/(?<=\w)\s+(?:round|oval|square|with)$/iu', '', $name);
    }

    private function capital(string $name): string
    {
        return mb_strtoupper(mb_substr($name, 0, 1)) . mb_substr($name, 1);
    }
}
