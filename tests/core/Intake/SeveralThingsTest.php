<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Intake;

use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Intake\IntakeLine;
use BrightCupboard\Core\Intake\Question;
use BrightCupboard\Core\Measure\LengthUnit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Lines that tell of several pieces, as people in a hurry write them. Invented. */
final class SeveralThingsTest extends TestCase
{
    /** @return iterable<string, array{string, list<string>}> what is typed, a line for each */
    public static function several(): iterable
    {
        yield 'numbers, words and sizes' => [
            'white pumpkins faux: 2 large 10", 3 medium 7", 5 mini 3"',
            ['2 large white pumpkins faux 10 in', '3 medium white pumpkins faux 7 in', '5 mini white pumpkins faux 3 in'],
        ];
        yield 'numbers before a common thing' => ['3 small 2 large pumpkins orange', ['3 small pumpkins orange', '2 large pumpkins orange']];
        yield 'numbers behind a thing' => ['pumpkins, 3 small 2 large, orange', ['3 small pumpkins, orange', '2 large pumpkins, orange']];
        yield 'postures' => [
            'bunny pair, moss covered, 1 sitting 9in 1 standing 12in',
            ['1 sitting bunny, moss covered, 9in', '1 standing bunny, moss covered, 12in'],
        ];
        yield 'sizes by letter' => [
            'set of three nesting baskets (L 18", M 14", S 10")',
            ['1 large nesting basket 18 in', '1 medium nesting basket 14 in', '1 small nesting basket 10 in'],
        ];
        yield 'words and sizes' => [
            'boxes: large 12 in, medium 9 in, small 6 in, kraft paper',
            ['1 large box 12 in, kraft paper', '1 medium box 9 in, kraft paper', '1 small box 6 in, kraft paper'],
        ];
        yield 'numbers in brackets' => ['frames black wood 8x10 (4) and 5x7 (2)', ['4 frames black wood 8x10', '2 frames black wood 5x7']];
        yield 'pieces behind each size' => ['baubles glass 3 in 12 pcs red, 2 in 10 pcs gold', ['12 baubles glass 3 in red', '10 baubles glass 2 in gold']];
        yield 'colours before sizes' => ['ornaments glass: 4 red 3 in, 6 gold 2 in', ['4 red ornaments glass 3 in', '6 gold ornaments glass 2 in']];
        yield 'things named each' => [
            '3 brass candlesticks 9 in, 2 iron candlesticks 7 in',
            ['3 brass candlesticks 9 in', '2 iron candlesticks 7 in'],
        ];
        yield 'each with what is said of it' => ['6 plates 10 in white, 1 bowl 6 in blue', ['6 plates 10 in white', '1 bowl 6 in blue']];
        yield 'a trio' => ['snowman trio 14" 12" 10" felt', ['snowman 14 in felt', 'snowman 12 in felt', 'snowman 10 in felt']];
        yield 'a pack, no unit' => ['led candles 3 pack 4,6,8 tall', ['led candles 4 in tall', 'led candles 6 in tall', 'led candles 8 in tall']];
        yield 'spoken numbers' => ['lanterns black metal one 18" two 12"', ['1 lantern black metal 18 in', '2 lanterns black metal 12 in']];
        yield 'the first before its thing' => ['pair lamps 24" & one 18"', ['2 lamps 24 in', '1 lamp 18 in']];
        yield 'each with its colour' => [
            '4 pillows: 2 20" velvet green, 2 18" linen cream',
            ['2 pillows 20 in velvet green', '2 pillows 18 in linen cream'],
        ];
        yield 'two things with numbers' => ['2 brass candlesticks and 1 copper bowl', ['2 brass candlesticks', '1 copper bowl']];
        yield 'two things with sizes' => ['wreath 24in and garland 6ft eucalyptus', ['wreath 24in', 'garland 6ft eucalyptus']];
        yield 'two things without a word between' => ['6 plates 6 bowls white stoneware', ['6 plates', '6 bowls white stoneware']];
        yield 'a plus' => ['4 napkins linen + 4 napkin rings brass', ['4 napkins linen', '4 napkin rings brass']];
        yield 'sizes with one side' => [
            'wood slice risers 3: 6 in, 8 in, 10 in dia',
            ['wood slice risers: 6 in diameter', 'wood slice risers: 8 in diameter', 'wood slice risers: 10 in diameter'],
        ];
    }

    /** @param list<string> $lines */
    #[DataProvider('several')]
    public function testALineForEachIsOffered(string $typed, array $lines): void
    {
        $question = $this->questions($typed)[0] ?? null;

        self::assertSame(implode("\n", $lines), $question?->replies[0]->line);
        foreach ($lines as $line) {
            self::assertSame([], $this->questions($line), $line);
        }
    }

    public function testWhatMayBeOnePieceCanBeKeptAsOne(): void
    {
        $one = $this->questions('2 brass candlesticks and 1 copper bowl')[0]->replies[1];

        self::assertSame(['one piece', '2 brass candlesticks with 1 copper bowl'], [$one->label, $one->line]);
        self::assertSame([], $this->questions($one->line));
        $garland = $this->questions('garland 9 ft, large 3 in cones, small 1 in berries')[0]->replies[1];
        self::assertSame(['one piece', 'garland 9 ft, note: large 3 in cones, small 1 in berries'], [$garland->label, $garland->line]);
        self::assertSame([], $this->questions($garland->line));
    }

    #[TestWith(['3 brass candlesticks 9 in, attic A2'])]
    #[TestWith(['lantern 14 in with 3 candles 4 in'])]
    #[TestWith(['bowl of 12 baubles'])]
    #[TestWith(['garland 9 ft with 12 red berries 1 in'])]
    #[TestWith(['2 lanterns black 14 in, attic A2, $12 each'])]
    #[TestWith(['black and white pillow 18 in'])]
    #[TestWith(['vase tall 12 in wide 5 in'])]
    #[TestWith(['garland 6 ft with 5 large bows'])]
    #[TestWith(['box l 18 w 12 h 6'])]
    #[TestWith(['wreath with berries and 2 bells 20 in'])]
    #[TestWith(['mortar and pestle, marble 6 in'])]
    #[TestWith(['candelabra 5 candles brass 14 in'])]
    #[TestWith(['“One Large Two Small” print 8 x 10'])]
    public function testOnePieceStaysOne(string $line): void
    {
        foreach ($this->questions($line) as $question) {
            foreach ($question->replies as $reply) {
                self::assertStringNotContainsString("\n", $reply->line, $line);
            }
        }
        $this->addToAssertionCount(1);
    }

    /** @return list<Question> */
    private function questions(string $line): array
    {
        return (new IntakeLine(LengthUnit::Inch, '$', [], new ColourNames()))->read($line)->questions;
    }
}
