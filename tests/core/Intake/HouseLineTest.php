<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Intake;

use BrightCupboard\Core\Intake\HouseLine;
use BrightCupboard\Core\Intake\Question;
use BrightCupboard\Core\Intake\SpotReading;
use BrightCupboard\Core\Intake\ToteReading;
use BrightCupboard\Core\Measure\LengthText;
use BrightCupboard\Core\Measure\LengthUnit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A walk through a house, line by line: rooms, spots and totes as somebody with a tape and no time writes them. All lines are invented. */
final class HouseLineTest extends TestCase
{
    /** @return iterable<string, array{string, string, string, string, string, string, list<string>}> */
    public static function spots(): iterable
    {
        yield 'all of it' => ['parlour: stove shelf, mantel 64 x 8 in, 54 high, 30 clear, heat', 'Parlour', 'Stove shelf, mantel', '64 in × 8 in', '54 in', 'heat', []];
        yield 'in the room one is in' => ['window sill 36 x 5', 'Snug', 'Window sill, window sill', '36 in × 5 in', '34 in', '', ['ledgeHeight', 'clearHeight']];
        yield 'marks instead of words' => ['hall: console 48"x14", 30" high', 'Hall', 'Console, console', '48 in × 14 in', '30 in', '', []];
        yield 'feet, and up' => ["coat pegs shelf 36 in, 5' up", 'Snug', 'Coat pegs shelf, shelf', '36 in × 11 in', '60 in', '', ['depth', 'clearHeight']];
        yield 'wide and clear by name' => ['kitchen: counter by the kettle, 2 ft wide, 18 clear, steam', 'Kitchen', 'Counter by the kettle, counter corner', '24 in × 24 in', '36 in', 'steam or spatter', ['depth', 'ledgeHeight']];
        yield 'round' => ['dining room: round table 4 ft across, seen from both sides', 'Dining room', 'Round table, dining table', '48 in × 48 in', '30 in', '', ['ledgeHeight']];
        yield 'two hazards' => ['front porch: step 60x30, outside, kids', 'Front porch', 'Step, porch', '60 in × 30 in', '0 in', 'weather, small children', ['ledgeHeight']];
        yield 'a number in the name of the room' => ['bedroom 2: bed', 'Bedroom 2', 'Bed, bed', '60 in × 80 in', '24 in', '', ['width', 'depth', 'ledgeHeight']];
        yield 'feet and an eighth' => ['bookcase 3 ft x 11 1/2, dogs', 'Snug', 'Bookcase, shelf', '36 in × 11 1/2 in', '48 in', 'pets', ['ledgeHeight', 'clearHeight']];
        yield 'nothing measured' => ['mantel', 'Snug', 'Mantel, mantel', '60 in × 8 in', '54 in', '', ['width', 'depth', 'ledgeHeight', 'clearHeight']];
    }

    /** @param list<string> $assumed */
    #[DataProvider('spots')]
    public function testALineIsASpotWithWhatWasMeasuredAndWhatIsUsual(string $line, string $room, string $name, string $size, string $height, string $hazards, array $assumed): void
    {
        $read = (new HouseLine(LengthUnit::Inch))->read($line, 'Snug');
        $text = new LengthText(LengthUnit::Inch);

        self::assertInstanceOf(SpotReading::class, $read);
        self::assertSame([$room, []], [$read->room, $read->questions]);
        self::assertNotNull($read->spot);
        self::assertSame($name, $read->spot->name . ', ' . $read->spot->kind->value);
        self::assertSame([$size, $height], [$text->write($read->spot->width) . ' × ' . $text->write($read->spot->depth), $text->write($read->spot->ledgeHeight)]);
        self::assertSame([$hazards, $assumed], [implode(', ', array_map(static fn($hazard): string => $hazard->value, $read->spot->hazards)), $read->spot->assumed]);
    }

    /** @return iterable<string, array{string, string, string, string, bool}> */
    public static function totes(): iterable
    {
        yield 'measured' => ['A1 attic, 24 x 16 x 14', 'A1', 'attic', '24 in × 16 in × 14 in', true];
        yield 'only where' => ['A2 attic', 'A2', 'attic', '24 in × 16 in × 14 in', false];
        yield 'a word as its code' => ['tote Blue, under the stairs', 'BLUE', 'under the stairs', '24 in × 16 in × 14 in', false];
        yield 'in another unit' => ['D4 shed 60x40x35 cm hot', 'D4', 'shed', '23 5/8 in × 15 3/4 in × 13 3/4 in', true];
    }

    #[DataProvider('totes')]
    public function testALineThatBeginsWithACodeIsATote(string $line, string $code, string $place, string $inside, bool $isMeasured): void
    {
        $read = (new HouseLine(LengthUnit::Inch))->read($line, '');
        $text = new LengthText(LengthUnit::Inch);

        self::assertInstanceOf(ToteReading::class, $read);
        self::assertSame([$code, $place, $isMeasured, []], [$read->code, $read->place, $read->isMeasured, $read->questions]);
        self::assertSame($inside, implode(' × ', array_map($text->write(...), [$read->inside->width, $read->inside->depth, $read->inside->height])));
    }

    public function testWhatAToteIsInAndBearsIsRead(): void
    {
        $read = (new HouseLine(LengthUnit::Inch))->read('B10: garage, damp, up to 40 lb', '');

        self::assertInstanceOf(ToteReading::class, $read);
        // 40 lb of 0.45359237 kg (International Yard and Pound Agreement, 1959).
        self::assertSame([['damp'], 18_144], [array_map(static fn($one): string => $one->value, $read->conditions), $read->mostWeight?->grams()]);
    }

    /** @return iterable<string, array{string, string}> */
    public static function unclear(): iterable
    {
        yield 'a word it does not know' => ['Wohnzimmer: Fensterbank', 'What is “Fensterbank”: something to stand on, to sit on, a wall?'];
        yield 'no width' => ['parlour: mantel 0 x 8', '“Mantel” needs a width and a depth above 0, so that pieces can be tried on it.'];
        yield 'a tote without a place' => ['C3', 'Where is it kept?'];
    }

    #[DataProvider('unclear')]
    public function testWhatIsUnclearIsAskedAndNotGuessed(string $line, string $sentence): void
    {
        $read = (new HouseLine(LengthUnit::Inch))->read($line, 'Parlour');

        self::assertContains($sentence, array_map(static fn(Question $question): string => $question->sentence, $read->questions));
    }

    public function testInAHomeOfCentimetresBareNumbersAreCentimetres(): void
    {
        $read = (new HouseLine(LengthUnit::Centimetre))->read('kitchen: shelf 90 x 22,5', '');

        self::assertInstanceOf(SpotReading::class, $read);
        self::assertSame(['90 cm', '22.5 cm'], [(new LengthText(LengthUnit::Centimetre))->write($read->spot?->width ?? throw new \LogicException('No spot.')), (new LengthText(LengthUnit::Centimetre))->write($read->spot->depth)]);
    }
}
