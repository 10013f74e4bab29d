<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Intake;

use BrightCupboard\Core\Intake\HouseLine;
use BrightCupboard\Core\Intake\Question;
use BrightCupboard\Core\Intake\SpotReading;
use BrightCupboard\Core\Intake\ToteReading;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\LengthUnit;
use BrightCupboard\Core\Surface\Form;
use BrightCupboard\Core\Surface\KeepClear;
use BrightCupboard\Core\Surface\Spot;
use BrightCupboard\Core\Surface\SpotHazard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Walks through houses as hurried people write them: invented lines of house-lines.txt, and what may be counted on whatever is written. */
final class HurriedHouseLinesTest extends TestCase
{
    /** Words that say how something is measured or counted, or nothing. */
    private const SAY_MEASURES = '/^(?:\d.*|.*\d|in|inch(?:es)?|feet|foot|ft|cm|mm|wide|width|long|length|deep|depth|high|height|tall|clear|above|apart'
        . '|each|between|btwn|off|floor|from|the|and|with|for|across|dia|diameter|round|square|oval|clearance|ceilings?|seats?|people|chairs|shelves|shelf'
        . '|boards|tiers|cubes|posts|newels|steps|stairs|risers|rises?|runs|rail|banister|spaced|about|approx|two|three|five|six|top|middle|bottom|over|under'
        . '|cabinets|treads|them|gaps|heights|first|second|both|ends?|left|right|side'
        . '|crate|carton|container|case|tub'
        . '|keep|kept|goes|up|tier|note|tote|bin|box|gal|our|headboard|sill|starts|its|raised|below|lower|edge|seen|seven|eight|use|takes|pair|has|must'
        . '|stay)$/u';

    /** What stands for another word: small children for toddlers. */
    private const SHORTENED = ['kids', 'cat', 'cats', 'toddler', 'splashes', 'street', 'tbl', 'hot', 'summer', 'mbr'];

    /** @return iterable<string, array{string, string, string, string, string, string}> */
    public static function lines(): iterable
    {
        foreach (file(__DIR__ . '/house-lines.txt', \FILE_IGNORE_NEW_LINES) ?: [] as $i => $row) {
            if ('' !== $row && '#' !== $row[0]) {
                $cells = array_map(trim(...), explode(' | ', $row));
                \assert(6 === \count($cells), $row);
                yield ($i + 1) . ': ' . $cells[1] => $cells;
            }
        }
    }

    #[DataProvider('lines')]
    public function testWhatAHurriedLineSays(string $unit, string $line, string $name, string $measures, string $about, string $note): void
    {
        $read = self::readIn($unit, $line);

        self::assertSame([$name, $measures, $about, $note], self::said($read, $unit));
    }

    /** Every word of a line is understood, or stands in a name, in the note or in what is asked. */
    #[DataProvider('lines')]
    public function testNoWordIsLost(string $unit, string $line): void
    {
        $read = self::readIn($unit, $line);
        if ([] !== $read->questions) {
            self::assertTrue($read instanceof ToteReading || null === $read->spot, 'what is asked about is not taken in');

            return;
        }
        $kept = mb_strtolower(implode(' ', $read instanceof ToteReading
            ? [$read->code, $read->place, ...array_map(static fn($one): string => $one->value, $read->conditions), self::asked($read->questions)]
            : [
                $read->room, $read->spot->name ?? '', $read->spot?->kind->value ?? '', $read->spot?->seenFrom->value ?? '', $read->note, ...$read->remarks,
                self::asked($read->questions), ...array_map(static fn(SpotHazard $one): string => $one->value, $read->spot->hazards ?? []),
                ...array_map(static fn(KeepClear $one): string => $one->reason, $read->spot->keepClear ?? []),
            ]));
        $isColoured = $read instanceof SpotReading && '#F6F4EE' !== $read->spot?->wall->hex();
        $words = preg_split('/[^\pL\d]+/u', mb_strtolower($line), -1, \PREG_SPLIT_NO_EMPTY);
        $lost = array_filter(false === $words ? [] : $words, static fn(string $word): bool => mb_strlen($word) > 2
            && 1 !== preg_match(self::SAY_MEASURES, $word)
            && !str_contains($kept, rtrim($word, 's'))
            && !($isColoured && \in_array($word, ['wall', 'white', 'navy', 'dark', 'green', 'blue', 'grey', 'tiles'], true))
            && !\in_array($word, self::SHORTENED, true));

        self::assertSame([], array_values($lost), "kept is “{$kept}”");
    }

    /** Whatever is cut off or put in another order, a line is read or asked about. */
    #[DataProvider('lines')]
    public function testALineInPiecesIsReadOrAskedAbout(string $unit, string $line): void
    {
        $phrases = explode(', ', $line);
        $half = intdiv(mb_strlen($line), 2);
        $pieces = [implode(', ', array_reverse($phrases)), mb_substr($line, 0, $half), mb_substr($line, $half)];
        foreach ([...$pieces, str_replace(' ', '', $line), strtoupper($line)] as $piece) {
            $read = self::readIn($unit, $piece);
            self::assertTrue($read instanceof ToteReading || null !== $read->spot || [] !== $read->questions || '' !== $read->room, $piece);
            self::assertTrue($read instanceof ToteReading || null === $read->spot || mb_strlen($read->spot->name) <= 80, $piece);
        }
    }

    #[DataProvider('lines')]
    public function testEveryReplyAnswersItsQuestion(string $unit, string $line): void
    {
        $read = self::readIn($unit, $line);
        $this->addToAssertionCount(1);
        foreach ($read->questions as $question) {
            foreach ($question->replies as $reply) {
                foreach (explode("\n", $reply->line) as $answer) {
                    $asked = array_map(static fn(Question $one): string => $one->sentence, self::readIn($unit, $answer)->questions);
                    self::assertNotContains($question->sentence, $asked, "{$reply->label}: {$answer}");
                }
            }
        }
    }

    #[TestWith(['mantel 60 x 8, left 90 in clear', 'width'])]
    #[TestWith(['2 nightstands 20 x 16', 'name'])]
    #[TestWith(['hearth 60 x 16, 72 x 20', 'line'])]
    #[TestWith(['banister runs 4 ft up 9 ft', 'width'])]
    #[TestWith(['table 36 x 36, seats 14', 'width'])]
    public function testWhatCannotBeOrIsSaidTwiceIsAsked(string $line, string $field): void
    {
        $read = self::readIn('in', $line);

        self::assertInstanceOf(SpotReading::class, $read);
        self::assertSame([null, $field], [$read->spot, $read->questions[0]->field ?? '']);
    }

    public function testWhatIsAskedBackCanBeAnsweredByItsReplies(): void
    {
        $read = self::readIn('in', 'hall: bench 48 x 16 zzq 12');
        self::assertInstanceOf(SpotReading::class, $read);
        $keep = $read->questions[0]->replies[0] ?? null;
        self::assertSame('keep it as a note', $keep?->label);

        $kept = self::readIn('in', $keep->line);
        self::assertInstanceOf(SpotReading::class, $kept);
        self::assertSame([[], 'zzq 12', 'Bench'], [$kept->questions, $kept->note, $kept->spot?->name]);

        $one = self::readIn('in', 'den: 2 armchairs 30 wide');
        self::assertInstanceOf(SpotReading::class, $one);
        $each = array_map(static function (string $line): array {
            $read = self::readIn('in', $line);
            self::assertInstanceOf(SpotReading::class, $read);

            return [$read->room, $read->spot?->name, $read->spot?->width->inMillimetres()];
        }, explode("\n", $one->questions[0]->replies[0]->line ?? ''));
        self::assertSame([['Den', 'Left armchair', 762.0], ['Den', 'Right armchair', 762.0]], $each);
    }

    /**
     * Totes told by their number: each gets a code that begins with the letter of its place, so that the lines can be taken in as they are.
     *
     * @param list<string> $expected code, place and inside of each, what is usual in brackets
     */
    #[TestWith(['4 bins attic 24 x 16 x 14', ['A1: attic, 24 x 16 x 14', 'A2: attic, 24 x 16 x 14', 'A3: attic, 24 x 16 x 14', 'A4: attic, 24 x 16 x 14']])]
    #[TestWith(['totes: 1 in the garage, 1 flat under-bed box', ['G1: garage, (24 x 16 x 14)', 'U1: under the bed, (24 x 16 x 14)']])]
    #[TestWith(['2 x 54 qt totes, hall closet', ['H1: hall closet, (20 x 13.5 x 11.5)', 'H2: hall closet, (20 x 13.5 x 11.5)']])]
    public function testTotesToldByTheirNumberGetACodeEach(string $line, array $expected): void
    {
        $each = array_map(
            static fn(string $one): string => implode(', ', \array_slice(self::said(self::readIn('in', $one), 'in'), 0, 2)),
            explode("\n", self::readIn('in', $line)->questions[0]->replies[0]->line ?? ''),
        );

        self::assertSame($expected, $each);
    }

    private static function readIn(string $unit, string $line): SpotReading|ToteReading
    {
        return (new HouseLine('cm' === $unit ? LengthUnit::Centimetre : LengthUnit::Inch))->read($line, 'Snug');
    }

    /** @return array{string, string, string, string} room and name; measures, those that are usual in brackets; what is about it; note */
    private static function said(SpotReading|ToteReading $read, string $unit): array
    {
        $write = static fn(?Length $length): string => null === $length ? '-'
            : (string) round('cm' === $unit ? $length->inMillimetres() / 10 : $length->inInches(), 1);
        if ($read instanceof ToteReading) {
            $inside = implode(' x ', array_map($write, [$read->inside->width, $read->inside->depth, $read->inside->height]));

            return [rtrim("{$read->code}: {$read->place}"), $read->isMeasured ? $inside : "({$inside})", self::asked($read->questions), ''];
        }
        $spot = $read->spot;
        if (null === $spot) {
            return [$read->room, '?', self::asked($read->questions), ''];
        }
        $measure = static fn(string $side, ?Length $length): string => \in_array($side, $spot->assumed, true) ? "({$write($length)})" : $write($length);

        return [
            "{$read->room}: {$spot->name}, {$spot->kind->value}",
            sprintf(
                '%s x %s, %s up, %s clear',
                $measure('width', $spot->width),
                $measure('depth', $spot->depth),
                $measure('ledgeHeight', $spot->ledgeHeight),
                $measure('clearHeight', $spot->clearHeight),
            ),
            self::about($spot, $write),
            '' === $read->note ? '-' : $read->note,
        ];
    }

    /** @param \Closure(?Length): string $write */
    private static function about(Spot $spot, \Closure $write): string
    {
        $layout = $spot->layout;
        $about = implode(', ', [
            ...match ($spot->form()) {
                Form::Tiers => [] === $layout->tiers ? [] : ['boards ' . implode(' ', array_map($write, $layout->tiers))],
                Form::Table => ["{$layout->shape->value} {$layout->seats}"],
                Form::Run => ["rises {$write($layout->rise)}, {$layout->posts} posts"],
                default => [],
            },
            ...(null === $layout->belowWidth ? [] : ["over {$write($layout->belowWidth)} at {$write($layout->belowTop)}"]),
            ...array_map(static fn(KeepClear $zone): string => "keep {$write($zone->from)} to {$write($zone->to)} {$zone->reason}", $spot->keepClear),
            ...array_map(static fn(SpotHazard $hazard): string => $hazard->value, $spot->hazards),
            ...('#F6F4EE' === $spot->wall->hex() ? [] : ['wall ' . $spot->wall->hex()]),
        ]);

        return '' === $about ? '-' : $about;
    }

    /** @param list<Question> $questions */
    private static function asked(array $questions): string
    {
        return [] === $questions ? '-' : implode(' ', array_map(static fn(Question $one): string => $one->sentence, $questions));
    }
}
