<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Intake;

use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Intake\IntakeLine;
use BrightCupboard\Core\Intake\IntakeLines;
use BrightCupboard\Core\Intake\IntakeReading;
use BrightCupboard\Core\Intake\Internal\WordPhrases;
use BrightCupboard\Core\Intake\KnownPlace;
use BrightCupboard\Core\Intake\Lexicon;
use BrightCupboard\Core\Intake\Question;
use BrightCupboard\Core\Intake\Reply;
use BrightCupboard\Core\Measure\LengthUnit;
use BrightCupboard\Core\Stock\Assumed;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a hurried person may count on: at most one question, no word lost, what nobody said assumed and marked. */
final class HurriedLinesTest extends TestCase
{
    private const NUMBER_WORDS = '/^(?:\d.*|.*\d|in(?:ch(?:es)?)?|feet|foot|ft|yards?|yds?|cm|mm|m|lbs?|kg|g|oz|by|tall|high|wide|deep|long|across'
        . '|dia|laid|out|unrolled|sq|square|each|ea|apiece|piece|for|all|both|lot|together|total|altogether|dollars?|bucks?|pcs?|pk|packs?|ct|count'
        . '|doz(?:en)?|pairs?|pr|duo|trio|couple|half|qty|pieces?|set|sets|box|bag|pack|bundle|stack|strands|ish|row|cluster|group|roll|strings?|sizes'
        . '|heights|about|approx|goes|kept|care'
        . '|note|tote|the|and|with|from|not|plus|thickness|diameter|height|width|depth)$/iu';

    /** @return iterable<string, array{string}> */
    public static function lines(): iterable
    {
        foreach (file(__DIR__ . '/lines.txt', \FILE_IGNORE_NEW_LINES) ?: [] as $row) {
            if ('' !== $row && '#' !== $row[0]) {
                yield $row => [substr($row, 0, (int) strpos($row, ' | '))];
            }
        }
    }

    #[DataProvider('lines')]
    public function testAsksForOneChoiceAtMost(string $line): void
    {
        $choices = array_filter($this->read($line)->questions, static fn(Question $question): bool => [] !== $question->replies);

        self::assertLessThanOrEqual(1, \count($choices));
    }

    /** Every word of a line is one that was understood, or stands in the name, in a note or in the question. */
    #[DataProvider('lines')]
    public function testNoWordIsLost(string $line): void
    {
        $reading = $this->read($line);
        $this->addToAssertionCount(1);
        $said = array_map(
            static fn(Question $question): string => implode(' ', [
                $question->sentence,
                $question->assumed,
                ...array_map(static fn(Reply $reply): string => str_contains($reply->line, "\n") ? $reply->line : '', $question->replies),
            ]),
            [...$reading->questions, ...$reading->assumed],
        );
        $kept = mb_strtolower(implode(' ', [$reading->name, $reading->care, $reading->origin, $reading->place ?? '', ...$reading->guesses, ...$said]));
        $words = preg_split('/[^\pL\d\'’-]+/u', mb_strtolower($line), -1, \PREG_SPLIT_NO_EMPTY);
        foreach (false === $words ? [] : $words as $i => $word) {
            $pair = $word . ' ' . ($words[$i + 1] ?? '');
            $before = ($words[$i - 1] ?? '') . ' ' . $word;
            $isKept = mb_strlen($word) < 3 || str_contains($kept, rtrim($word, 's')) || str_contains($kept, mb_substr($word, 0, -3)) && mb_strlen($word) > 5;
            $isKept = $isKept || 1 === preg_match(self::NUMBER_WORDS, $word) || null !== Lexicon::count($word) || \in_array($word, WordPhrases::FILLERS, true);
            self::assertTrue(
                $isKept || $this->isKnown($word) || $this->isKnown($pair) || $this->isKnown($before),
                "“{$word}” of “{$line}” is lost; kept is “{$kept}”.",
            );
        }
    }

    public function testTheColourOfABowIsThatOfTheBow(): void
    {
        $share = static fn(ColourShare $one): string => $one->colour->hex() . ' ' . $one->percent;
        $colours = fn(string $line): array => array_map($share, $this->read($line)->colours);

        self::assertSame(['#23452F 70', '#C0272D 30'], $colours('wreath 28 in boxwood red bow'));
        self::assertSame(['#23452F 70', '#C7A13A 30'], $colours('cedar garland 9 ft gold ribbon'));
        self::assertSame(['#C0272D 100'], $colours('red wreath 20 in'));
        self::assertSame(['#1F7A7A 100'], $colours('velvet pumpkin teal 7 x 5'));
        self::assertSame(['#93202F 100'], $colours('cranberry garland 9 ft'));
        self::assertSame(['#CE6A1E 100'], $colours('velvet pumpkin 7 x 5'));
    }

    public function testWhatIsSaidOfItsStateIsANote(): void
    {
        $care = fn(string $line): string => $this->read($line)->care;

        self::assertSame("no lid; don't lend", $care("punch bowl 10 in, crystal, no lid, don't lend"));
        self::assertSame('chipped ear', $care('bunny figurine resin 7in chipped ear C4'));
        self::assertSame('needs new fuse', $care('string lights icicle 20ft needs new fuse'));
        self::assertSame('battery timer', $care('garland 9 ft, cedar, battery timer'));
        self::assertSame('with a chip', $care('dough bowl 20 in with a chip'));
        self::assertSame('half used', $care('ribbon 12 ft red, half used'));
        self::assertSame('chip 1 in long on the foot', $care('white vase 12 in, note: chip 1 in long on the foot, $12'));
        self::assertSame("mum's", $care("white vase 9 in, mum's"));
    }

    public function testWhatNobodySaidIsAssumedWithWhatElseItCouldBe(): void
    {
        $reading = $this->read('2 large lanterns');

        self::assertSame([[], [Assumed::Size, Assumed::Colour]], [$reading->questions, $reading->assumedOf()]);
        self::assertSame('The size is assumed: 17 in high, as usual. Walk it with a tape.', $reading->assumed[0]->assumed);
        foreach ([...$reading->assumed[0]->replies, ...$reading->assumed[1]->replies] as $reply) {
            self::assertCount(1, $this->read($reply->line)->assumed, $reply->line);
        }
        self::assertSame([], $this->read('2 large lanterns 14 in black')->assumedOf());
    }

    public function testSeveralSizesAreSeveralPieces(): void
    {
        foreach ([
            'brass candlesticks 6, 8 and 10 in' => ['6 in', '8 in', '10 in'],
            'ginger jars blue: 12in, 9in' => ['12 in', '9 in'],
            '3 nesting baskets 14/12/10 in' => ['14 in', '12 in', '10 in'],
        ] as $line => $sizes) {
            $lines = explode("\n", $this->read($line)->questions[0]->replies[0]->line);
            self::assertCount(\count($sizes), $lines);
            foreach ($lines as $i => $one) {
                self::assertStringContainsString($sizes[$i], $one);
                self::assertSame([1, []], [$this->read($one)->count, $this->read($one)->questions], $one);
            }
        }
    }

    public function testWordsOnlyOfTheNameAreSaid(): void
    {
        self::assertSame(['Zephyrine'], $this->read('Zephyrine brass lantern 12 in')->unknown);
        self::assertSame([], $this->read('2 brass candlesticks 9 in, A2, $4 each')->unknown);
    }

    public function testWordsAreNotHalfUnderstood(): void
    {
        $reading = $this->read('red bowl 9 in, for the blue kitchen shelf');

        self::assertSame(['for the blue kitchen shelf', 1], [$reading->care, \count($reading->colours)], 'The blue of a kitchen is none of the bowl.');
    }

    /** @return iterable<string, array{string, string, float}> line, side, centimetres */
    public static function metric(): iterable
    {
        yield 'a square' => ['cushion 45 x 45 cm sage', 'width', 45.0];
        yield 'a bare square' => ['cushion 45x45 sage', 'height', 45.0];
        yield 'a comma' => ['garland 1,8 m', 'width', 180.0];
        yield 'a group' => ['jug 1.200 mm tall copper', 'height', 120.0];
        yield 'a diameter sign' => ['bowl Ø 25 cm, walnut', 'width', 25.0];
        yield 'metres in words' => ['garland two metres fir', 'width', 200.0];
        yield 'an assumed one' => ['vase white', 'height', 27.94];
        yield 'a sheet of paper, ISO 216' => ['print A3 framed black', 'height', 42.0];
        yield 'a sheet across' => ['poster A1', 'width', 59.4];
        yield 'not its cable' => ['star paper 60 cm white w cable 3.5 m', 'height', 60.0];
        yield 'a slim tree' => ['tree 210 cm slim, 500 led', 'width', 63.0];
    }

    #[DataProvider('metric')]
    public function testAMetricHomeWritesCentimetres(string $line, string $side, float $centimetres): void
    {
        $reading = (new IntakeLine(LengthUnit::Centimetre, '€', [], new ColourNames()))->read($line);
        $length = ['width' => $reading->width, 'height' => $reading->height][$side] ?? null;

        self::assertSame([], $reading->questions);
        self::assertEqualsWithDelta($centimetres, ($length?->inMillimetres() ?? 0) / 10, 0.05);
    }

    public function testManyLinesAreReadAtOnce(): void
    {
        $read = (new IntakeLines($this->reader()))->read("A2:\n- owl 9 in\n\n* red vase 8 in\r\n[ ] wreath\nStove shelf:\n2) 3 bells 4 in\nmisc:\n");

        self::assertSame(['owl 9 in', 'red vase 8 in', 'wreath', '3 bells 4 in', 'misc:'], array_column($read, 'line'));
        self::assertSame(['tote:A2', 'tote:A2', 'tote:A2', 'spot:Stove shelf', 'spot:Stove shelf'], array_column($read, 'under'));
        self::assertSame(3, $read[3]['reading']->count);
    }

    private function isKnown(string $word): bool
    {
        $singular = rtrim($word, 's');

        return null !== Lexicon::kind($word)
            || Lexicon::isGrown($word)
            || Lexicon::isAside($word)
            || null !== Lexicon::season($word)
            || null !== Lexicon::material($word)
            || null !== Lexicon::finish($word)
            || null !== Lexicon::shape($word)
            || null !== Lexicon::pattern($word)
            || null !== (new ColourNames())->read($word)
            || \in_array(
                $singular,
                ['attic', 'cellar', 'cupboard', 'parlour', 'hall', 'loose', 'staple', 'year'],
                true,
            );
    }

    private function read(string $line): IntakeReading
    {
        return $this->reader()->read($line);
    }

    private function reader(): IntakeLine
    {
        return new IntakeLine(
            LengthUnit::Inch,
            '$',
            [
                new KnownPlace('tote:A1', 'A1', 'attic'),
                new KnownPlace('tote:A2', 'A2', 'attic'),
                new KnownPlace('tote:C4', 'C4', 'cellar cupboard'),
                new KnownPlace('spot:Stove shelf', 'Stove shelf', 'Parlour'),
            ],
            new ColourNames(),
        );
    }
}
