<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Intake;

use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Intake\IntakeLine;
use BrightCupboard\Core\Intake\IntakeReading;
use BrightCupboard\Core\Intake\KnownPlace;
use BrightCupboard\Core\Intake\Question;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\LengthUnit;
use BrightCupboard\Core\Stock\Hazard;
use BrightCupboard\Core\Stock\Material;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Season;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Lines of text read as pieces: more than 200 invented ones from lines.txt, and what they say beyond its columns. */
final class IntakeLineTest extends TestCase
{
    /** @return iterable<string, array{string, int, string, array<string, float>, int|null, string|null, string, string}> */
    public static function lines(): iterable
    {
        foreach (file(__DIR__ . '/lines.txt', \FILE_IGNORE_NEW_LINES) ?: [] as $i => $row) {
            if ('' === $row || '#' === $row[0]) {
                continue;
            }
            $cells = array_map(trim(...), explode(' | ', $row));
            [$count, $kind] = explode(' ', $cells[1], 2);
            $sides = [];
            foreach ('-' === $cells[2] ? [] : explode(' ', $cells[2]) as $side) {
                [$name, $inches] = explode('=', $side);
                $sides[$name] = (float) $inches;
            }
            yield 'line ' . ($i + 1) . ': ' . $cells[0] => [
                substr($row, 0, (int) strpos($row, ' | ')),
                (int) $count,
                $kind,
                $sides,
                '-' === $cells[3] ? null : (int) $cells[3],
                '-' === $cells[4] ? null : $cells[4],
                $cells[5],
                $cells[6],
            ];
        }
    }

    /** @param array<string, float> $sides */
    #[DataProvider('lines')]
    public function testReadsALine(string $line, int $count, string $kind, array $sides, ?int $cents, ?string $place, string $asked, string $name): void
    {
        $reading = $this->read($line);

        self::assertSame([$count, $kind], [$reading->count, $reading->kind->value ?? '-']);
        foreach ($sides as $side => $inches) {
            $length = ['w' => $reading->width, 'd' => $reading->depth, 'h' => $reading->height, 'run' => $reading->laidOut][$side] ?? null;
            self::assertEqualsWithDelta($inches, $length?->inInches(), 0.003, $side);
        }
        self::assertSame($cents, $reading->costEach?->minor);
        self::assertSame($place, $this->placeName($reading->place));
        if ('?' !== $asked) {
            self::assertSame(
                '-' === $asked ? '' : $asked,
                implode(
                    ' ',
                    [
                        ...array_map(static fn(Question $question): string => $question->field, $reading->questions),
                        ...array_map(static fn(Question $question): string => '~' . $question->field, $reading->assumed),
                    ],
                ),
            );
        }
        if ('-' !== $name) {
            self::assertSame($name, $reading->name);
        }
    }

    public function testTheFirstColourNamedIsTheBody(): void
    {
        $shares = static fn(IntakeReading $reading): array => array_map(
            static fn(ColourShare $share): array => [$share->colour->hex(), $share->percent],
            $reading->colours,
        );

        self::assertSame([['#C0272D', 100]], $shares($this->read('red vase 9 in')));
        self::assertSame([['#A4492A', 70], ['#E5DCC6', 30]], $shares($this->read('vase 9 in, rust, bone')));
        self::assertSame([['#A4492A', 70], ['#E5DCC6', 15], ['#FFFFFF', 15]], $shares($this->read('vase 9 in, rust, bone, white')));
        self::assertSame([['#B08D47', 100]], $shares($this->read('brass vase 9 in')), 'A material brings its colour where none is named.');
        self::assertSame([['#A9B79B', 100]], $shares($this->read('linen napkin 12 in sage')), 'A word that is a material as well gives way to a colour.');
    }

    public function testSaysWhatItTakesForGranted(): void
    {
        $reading = $this->read('2 glass lanterns 14 in, winter');

        self::assertSame(['The usual width and depth: 7 in, 7 in.', 'The colour of glass: duck egg.', 'Glass breaks.'], $reading->guesses);
        self::assertSame([[Material::Glass], [Season::Winter], [Hazard::Breakable]], [$reading->materials, $reading->seasons, $reading->hazards]);
        self::assertSame([], $reading->questions);
    }

    public function testCandlesBurnUnlessTheyAreFlameless(): void
    {
        self::assertContains(Hazard::OpenFlame, $this->read('candle 9 in ivory')->hazards);
        self::assertSame([], $this->read('candle 9 in ivory, flameless')->hazards);
        self::assertSame([Hazard::Mains], $this->read('candle 9 in ivory, plug in')->hazards);
    }

    public function testSaysWhereAWordMayMislead(): void
    {
        self::assertContains('Taken for a pillar candle, by the word “candle”.', $this->read('candle trimmer brass 9 in')->guesses);
        self::assertSame(
            [],
            array_filter($this->read('candle holder brass 9 in')->guesses, static fn(string $guess): bool => str_starts_with($guess, 'Taken for')),
        );
    }

    /** The plants are on published lists of what is toxic to cats and dogs; a faux one is not. */
    public function testALivePlantThatIsToxicIsKeptFromPets(): void
    {
        self::assertContains(Hazard::ToxicToPets, $this->read('poinsettia 14 in red')->hazards);
        self::assertSame([], $this->read('artificial poinsettia 14 in red')->hazards);
    }

    public function testWhatIsSaidOfAPartIsNotTheThing(): void
    {
        $reading = $this->read('white basket 9 in with a blue band of velvet');

        self::assertSame(
            ['White basket with a blue band of velvet', 'basket', [Material::Reed], '#FFFFFF'],
            [$reading->name, $reading->kind?->value, $reading->materials, $reading->colours[0]->colour->hex()],
        );
        self::assertCount(2, $reading->colours);
    }

    public function testEveryKindIsReadByItsWordAndGetsASize(): void
    {
        foreach (PieceKind::cases() as $kind) {
            foreach ([$kind->value, $kind->value . 's'] as $word) {
                $reading = $this->read("red {$word} 12 in");

                self::assertSame(
                    [$kind, []],
                    [$reading->kind, array_map(static fn(Question $question): string => $question->sentence, $reading->questions)],
                    $word,
                );
                self::assertNotNull($reading->width, $word);
                self::assertNotNull($reading->height, $word);
            }
        }
    }

    public function testEveryReplyIsALineThatAnswersItsQuestion(): void
    {
        foreach (['2 jugs 11 in, rust, $36', 'throw 50 in, plum, attic', 'tall brass thing 9 in', 'throw 50 in, plum, A9'] as $line) {
            $question = $this->read($line)->questions[0];
            self::assertNotSame([], $question->replies, $line);
            foreach ($question->replies as $reply) {
                $fields = array_map(static fn(Question $left): string => $left->sentence, $this->read($reply->line)->questions);
                self::assertNotContains($question->sentence, $fields, "{$line} → {$reply->line}");
            }
        }
    }

    public function testALineWithoutEndIsRefusedAndNoLineBreaksIt(): void
    {
        self::assertSame(
            'A line has at most 300 characters. Put the rest into the care note afterwards.',
            $this->read(str_repeat('vase ', 100))->questions[0]->sentence,
        );
        foreach ([
            '$', '$$$', '///', 'x x x', '1/0 in vase', '"""', '“', "\0\0", '9 in 9 in 9 in 9 in', '3 for', '= 1 + 1',
            '<b>vase</b> 9 in red', str_repeat('9', 250),
        ] as $line) {
            self::assertNotSame([], [...$this->read($line)->questions, $line]);
        }
    }

    public function testAHomeThatMeasuresInCentimetresTakesBareBoxesInThem(): void
    {
        $reading = (new IntakeLine(LengthUnit::Centimetre, '€', [], new ColourNames()))->read('print 20 x 30, oak, €12');

        self::assertEquals([Length::ofMillimetres(200), Length::ofMillimetres(300), 1200], [$reading->width, $reading->height, $reading->costEach?->minor]);
    }

    private function read(string $line): IntakeReading
    {
        return (new IntakeLine(LengthUnit::Inch, '$', self::places(), new ColourNames()))->read($line);
    }

    /** @return list<KnownPlace> */
    private static function places(): array
    {
        return [
            new KnownPlace('tote:A1', 'A1', 'attic'),
            new KnownPlace('tote:A2', 'A2', 'attic'),
            new KnownPlace('tote:C4', 'C4', 'cellar cupboard'),
            new KnownPlace('spot:Stove shelf', 'Stove shelf', 'Parlour'),
            new KnownPlace('spot:Hall console', 'Hall console', 'Hall'),
        ];
    }

    private function placeName(?string $key): ?string
    {
        return null === $key ? null : (str_contains($key, ':') ? explode(':', $key)[1] : $key);
    }
}
