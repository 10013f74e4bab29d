<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Intake;

use BrightCupboard\Core\Intake\HouseLine;
use BrightCupboard\Core\Intake\Question;
use BrightCupboard\Core\Intake\SpotReading;
use BrightCupboard\Core\Intake\ToteReading;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\LengthText;
use BrightCupboard\Core\Measure\LengthUnit;
use BrightCupboard\Core\Surface\Form;
use BrightCupboard\Core\Surface\KeepClear;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A walk through a house, line by line: rooms, spots and totes as somebody with a tape and no time writes them. All lines are invented. */
final class HouseLineTest extends TestCase
{
    #[TestWith(['navy velvet sofa 84 wide', '#1F2E4F'])]
    #[TestWith(['bed 60 x 80, linen cover in oat', '#D8C8A8'])]
    #[TestWith(['cherry table 60 x 36', '#77412A'])]
    #[TestWith(['coffee table 48 x 24, walnut', '#5F4330'])]
    #[TestWith(['coffee table 48 x 24', null])]
    #[TestWith(['bench 48 x 17, sage walls', null])]
    #[TestWith(['sofa 80 wide, dark red throw stays', null])]
    #[TestWith(['grey shelf 40 x 9', null])]
    public function testTheColourOfACoverOrATopIsReadWhereItIsSaid(string $line, ?string $cover): void
    {
        $read = (new HouseLine(LengthUnit::Inch))->read($line, 'Snug');

        self::assertInstanceOf(SpotReading::class, $read);
        self::assertNotNull($read->spot);
        self::assertSame($cover, $read->spot->cover?->hex());
    }

    /** @return iterable<string, array{string, string, string, string, string, string, list<string>}> */
    public static function spots(): iterable
    {
        yield 'all of it' => [
            'parlour: stove shelf, mantel 64 x 8 in, 54 high, 30 clear, heat',
            'Parlour',
            'Stove shelf, mantel',
            '64 in × 8 in',
            '54 in',
            'heat',
            [],
        ];
        yield 'in the room one is in' => [
            'window sill 36 x 5',
            'Snug',
            'Window sill, window sill',
            '36 in × 5 in',
            '34 in',
            '',
            ['ledgeHeight', 'clearHeight'],
        ];
        yield 'marks instead of words' => ['hall: console 48"x14", 30" high', 'Hall', 'Console, console', '48 in × 14 in', '30 in', '', []];
        yield 'feet, and up' => ["coat pegs shelf 36 in, 5' up", 'Snug', 'Coat pegs shelf, shelf', '36 in × 11 in', '60 in', '', ['depth', 'clearHeight']];
        yield 'wide and clear by name' => [
            'kitchen: counter by the kettle, 2 ft wide, 18 clear, steam',
            'Kitchen',
            'Counter by the kettle, counter corner',
            '24 in × 24 in',
            '36 in',
            'steam or spatter',
            ['depth', 'ledgeHeight'],
        ];
        yield 'a wall over a bed' => [
            'guest room: wall over the bed 60 x 40',
            'Guest room',
            'Wall over the bed, wall',
            '60 in × 4 in',
            '40 in',
            'a bed below',
            ['ledgeHeight'],
        ];
        yield 'round' => [
            'dining room: round table 4 ft across, seen from both sides',
            'Dining room',
            'Round table, dining table',
            '48 in × 48 in',
            '30 in',
            '',
            ['ledgeHeight'],
        ];
        yield 'two hazards' => [
            'front porch: step 60x30, outside, kids',
            'Front porch',
            'Step, porch',
            '60 in × 30 in',
            '0 in',
            'weather, small children',
            [],
        ];
        yield 'a number in the name of the room' => [
            'bedroom 2: bed',
            'Bedroom 2',
            'Bed, bed',
            '60 in × 80 in',
            '24 in',
            '',
            ['width', 'depth', 'ledgeHeight'],
        ];
        yield 'feet and an eighth' => [
            'bookcase 3 ft x 11 1/2, dogs',
            'Snug',
            'Bookcase, bookcase',
            '36 in × 11 1/2 in',
            '3 in',
            'pets',
            ['ledgeHeight', 'clearHeight'],
        ];
        yield 'nothing measured' => ['mantel', 'Snug', 'Mantel, mantel', '60 in × 8 in', '54 in', '', ['width', 'depth', 'ledgeHeight', 'clearHeight']];
    }

    /** @param list<string> $assumed */
    #[DataProvider('spots')]
    public function testALineIsASpotWithWhatWasMeasuredAndWhatIsUsual(
        string $line,
        string $room,
        string $name,
        string $size,
        string $height,
        string $hazards,
        array $assumed,
    ): void {
        $read = (new HouseLine(LengthUnit::Inch))->read($line, 'Snug');
        $text = new LengthText(LengthUnit::Inch);

        self::assertInstanceOf(SpotReading::class, $read);
        self::assertSame([$room, []], [$read->room, $read->questions]);
        self::assertNotNull($read->spot);
        self::assertSame($name, $read->spot->name . ', ' . $read->spot->kind->value);
        self::assertSame(
            [$size, $height],
            [$text->write($read->spot->width) . ' × ' . $text->write($read->spot->depth), $text->write($read->spot->ledgeHeight)],
        );
        self::assertSame(
            [$hazards, $assumed],
            [implode(', ', array_map(static fn($hazard): string => $hazard->value, $read->spot->hazards)), $read->spot->assumed],
        );
    }

    /** @return iterable<string, array{string, string, Form, string}> line, name, form, what is said of its layout */
    public static function forms(): iterable
    {
        yield 'boards and how far apart' => ['hutch 42 x 14, 3 shelves 12 apart', 'Hutch', Form::Tiers, '12 12 12'];
        yield 'boards by number' => ['bookcase 5 shelves', 'Bookcase', Form::Tiers, '12 12 12 12 12'];
        yield 'a single board' => ['shelf 36 x 10', 'Shelf', Form::Tiers, ''];
        yield 'a round table and its places' => ['round table 48 across, seats 4', 'Round table', Form::Table, 'round 4'];
        yield 'an oval one' => ['oval table 6 ft x 42 for 6', 'Oval table', Form::Table, 'oval 6'];
        yield 'places first' => ['dining table 7 ft x 40, 8 seats', 'Dining table', Form::Table, 'rectangular 8'];
        yield 'as many as it takes where none are said' => ['dining table 36 x 36', 'Dining table', Form::Table, 'rectangular 4'];
        yield 'the shape behind the name' => ['kitchen table 60 round', 'Kitchen table', Form::Table, 'round 6'];
        yield 'rise and posts' => ['stair rail 12 ft long, rises 7 ft, 4 posts', 'Stair rail', Form::Run, '84 4'];
        yield 'height of a wall, and what it hangs over' => ['wall 96 x 80 over the sofa', 'Wall over the sofa', Form::Panel, '80 84 33'];
        yield 'with a comma behind it' => ['wall over the bed, 60 x 40', 'Wall over the bed', Form::Panel, '40 60 46'];
        yield 'how wide that is' => ['wall over a 7 ft sofa, 60 x 40', 'Wall over the sofa', Form::Panel, '40 84 33'];
        yield 'how wide and how high' => ['wall 6 ft x 40 above a 54" console 31 high', 'Wall above the console', Form::Panel, '40 54 31'];
        yield 'over things that are counted' => ['wall over the 3 chairs 60 x 40', 'Wall over the 3 chairs', Form::Panel, '40'];
        yield 'feet and inches' => ['wall over a 6\'8" couch, 72 x 48', 'Wall over the couch', Form::Panel, '48 80 33'];
        yield 'with a hyphen' => ['wall above a 40-inch console 30 x 30', 'Wall above the console', Form::Panel, '30 40 30'];
        yield 'furniture without a name' => ['picture wall, wall 6 ft x 40 in over 84 in of furniture 33 high', 'Picture wall', Form::Panel, '40 84 33'];
        yield 'a name of its own beside it' => ['gallery, wall over the bed 60 x 40', 'Gallery', Form::Panel, '40 60 46'];
        yield 'a shelf is not as wide as the sofa under it' => ['shelf over a 6 ft sofa, 48 x 8', 'Shelf over the sofa', Form::Tiers, ''];
        yield 'height of a door' => ['front door 36 x 80', 'Front door', Form::Panel, '80'];
        yield 'a sill over a sink is a sill' => ['sill over the sink 36 x 5', 'Sill over the sink', Form::Ledge, ''];
        yield 'height of a tree' => ['tree 54 wide, 90 high', 'Tree', Form::Cone, '90'];
        yield 'hooks' => ['hooks 30 x 5', 'Hooks', Form::Panel, '5'];
        yield 'a chair' => ['armchair', 'Armchair', Form::Seat, ''];
    }

    #[DataProvider('forms')]
    public function testALineSaysWhatItsFormNeeds(string $line, string $name, Form $form, string $layout): void
    {
        $read = (new HouseLine(LengthUnit::Inch))->read($line, 'Snug');
        self::assertInstanceOf(SpotReading::class, $read);
        $spot = $read->spot;
        self::assertNotNull($spot, $read->questions[0]->sentence ?? '');
        $inches = static fn(?Length $length): string => null === $length ? '' : (string) round($length->inInches());
        $said = match ($form) {
            Form::Tiers => implode(' ', array_map($inches, $spot->layout->tiers)),
            Form::Table => $spot->layout->shape->value . ' ' . $spot->layout->seats,
            Form::Run => $inches($spot->layout->rise) . ' ' . $spot->layout->posts,
            Form::Panel => trim($inches($spot->clearHeight) . ' ' . $inches($spot->layout->belowWidth) . ' ' . $inches($spot->layout->belowTop)),
            Form::Cone => $inches($spot->clearHeight),
            default => '',
        };

        self::assertSame([$name, $form, $layout], [$spot->name, $spot->form(), $said]);
    }

    /** @return iterable<string, array{string, string}> line and the field that is asked for */
    public static function impossible(): iterable
    {
        yield 'more people than the edge takes' => ['dining table 36 x 36, seats 12', '12 cannot sit at a top of this size; at 24 in (61 cm) each it takes 4.'];
        yield 'a ladder' => [
            'stair rail 5 ft long, rises 9 ft',
            'A rail that rises more than it runs is a ladder: check the rise, or measure the length along the floor.',
        ];
        yield 'a bookcase of 30 boards' => ['bookcase 30 shelves', 'Between 0 and 12 boards can be entered, got 30.'];
        yield 'fifty metres' => ['mantel 50 m x 8 in', '“Mantel” is more than 20 m wide, deep or high: check its measures.'];
    }

    #[DataProvider('impossible')]
    public function testWhatCannotBeIsSaidInASentence(string $line, string $sentence): void
    {
        $read = (new HouseLine(LengthUnit::Inch))->read($line, 'Snug');

        self::assertSame([$sentence], array_map(static fn(Question $one): string => $one->sentence, $read->questions));
    }

    #[TestWith(['hall', 'Hall'])]
    #[TestWith(['bedroom 2', 'Bedroom 2'])]
    #[TestWith(['the upstairs landing', 'The upstairs landing'])]
    public function testTheBareNameOfARoomIsWalkedInto(string $line, string $room): void
    {
        $read = (new HouseLine(LengthUnit::Inch))->read($line, 'Snug');
        self::assertInstanceOf(SpotReading::class, $read);

        self::assertSame([$room, null, []], [$read->room, $read->spot, $read->questions]);
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
        self::assertSame(
            ['90 cm', '22.5 cm'],
            [
                (new LengthText(LengthUnit::Centimetre))->write($read->spot?->width ?? throw new \LogicException('No spot.')),
                (new LengthText(LengthUnit::Centimetre))->write($read->spot->depth),
            ],
        );
    }

    /** @return iterable<string, array{string, list<string>}> stretches as from, to in inches and why */
    public static function stretches(): iterable
    {
        yield 'a thing at an end' => ['kitchen: counter 64 x 25, kettle on the right 18 in', ['46 to 64 kettle']];
        yield 'with a word of staying, before the side' => ['sideboard 72 x 18, the lamp stays on the left 12 in', ['0 to 12 lamp']];
        yield 'the measure before the side' => ['sideboard 72 x 18, tv 40 in on the right', ['32 to 72 tv']];
        yield 'from and to' => ['console 48 x 14, keep 10 to 20 clear for the keys', ['10 to 20 keys']];
        yield 'in other order' => ['console 48 x 14, keep clear 10-20 for phone', ['10 to 20 phone']];
        yield 'an end and no reason' => ['mantel 64 x 8, left 6 in clear', ['0 to 6 in use']];
        yield 'clear before the side' => ['console 44 x 13, 6 clear on the right', ['38 to 44 in use']];
        yield 'of the usual width' => ['hall: console, key bowl at the left end 9 in', ['0 to 9 key bowl']];
        yield 'two of them' => ['mantel 60 x 8, flue left 6, keep 8 in free on the right for the clock', ['0 to 6 flue', '52 to 60 clock']];
        yield 'a comma in the number' => ['console 48 x 14, radio on the left 9,5 in', ['0 to 9.5 radio']];
        yield 'parted by semicolons' => ['console 48 x 14; radio on the left 9 in; heat', ['0 to 9 radio']];
        yield 'a round thing makes no round table' => ['low table 40 x 40, round clock on the left 8 in', ['0 to 8 round clock']];
        yield 'clear height is none' => ['shelf 36 x 10, 12 clear', []];
    }

    /** @param list<string> $stretches */
    #[DataProvider('stretches')]
    public function testWhatStaysClearIsSaidInTheLine(string $line, array $stretches): void
    {
        $reading = (new HouseLine(LengthUnit::Inch))->read($line, 'Snug');
        self::assertInstanceOf(SpotReading::class, $reading);

        self::assertSame([], $reading->questions);
        self::assertSame($stretches, array_map(
            static fn(KeepClear $one): string => sprintf('%g to %g %s', $one->from->inInches(), $one->to->inInches(), $one->reason),
            $reading->spot->keepClear ?? [],
        ));
    }

    public function testWhatIsAskedBackKeepsAllThatWasSaid(): void
    {
        $reading = (new HouseLine(LengthUnit::Inch))->read('thingummy 60 x 12, kettle on the right 18 in', 'Snug');

        self::assertSame('Snug: thingummy 60 x 12, kettle on the right 18 in, mantel', $reading->questions[0]->replies[0]->line ?? '');
    }

    #[TestWith(['counter corner 30 x 24, coffee machine right 30', 'That would keep all of it clear (coffee machine), and nothing would be left to dress.'])]
    #[TestWith(['table 60 x 36, keep 40 to 20 clear', 'A stretch to keep clear must end to the right of where it starts.'])]
    public function testAStretchThatCannotBeIsAskedBack(string $line, string $sentence): void
    {
        $reading = (new HouseLine(LengthUnit::Inch))->read($line, 'Snug');

        self::assertSame([$sentence], array_map(static fn(Question $one): string => $one->sentence, $reading->questions));
    }
}
