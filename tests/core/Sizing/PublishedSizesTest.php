<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Sizing;

use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Sizing\Sums;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Sums that come to sizes which are made, sold or standardised: the answer is the size somebody else wrote down. */
final class PublishedSizesTest extends TestCase
{
    /** ISO 216, trimmed sizes of the A series in mm: each is half of the one before. */
    private const A_SERIES = [[841, 1189], [594, 841], [420, 594], [297, 420], [210, 297], [148, 210], [105, 148]];

    /** @return iterable<string, array{array<string, string|Length>, float, float}> table and drop, cloth across and along in inches */
    public static function cloths(): iterable
    {
        $round = static fn(float $across, float $drop): array => [
            'tableShape' => 'round',
            'tableWidth' => Length::ofInches($across),
            'drop' => Length::ofInches($drop),
        ];
        $oblong = static fn(float $wide, float $deep, float $drop): array => [
            'tableShape' => 'rectangular',
            'tableWidth' => Length::ofInches($wide),
            'tableDepth' => Length::ofInches($deep),
            'drop' => Length::ofInches($drop),
        ];
        yield '36 in round, 27 in down: 90 in' => [$round(36, 27), 90, 90];
        yield '48 in round to the floor: 108 in' => [$round(48, 30), 108, 108];
        yield '60 in round, half way: 90 in' => [$round(60, 15), 90, 90];
        yield '60 in round to the floor: 120 in' => [$round(60, 30), 120, 120];
        yield '72 in round to the floor: 132 in' => [$round(72, 30), 132, 132];
        yield '6 ft trestle, half way: 60 x 102 in' => [$oblong(72, 30, 15), 60, 102];
        yield '6 ft trestle to the floor: 90 x 132 in' => [$oblong(72, 30, 30), 90, 132];
        yield '8 ft trestle, half way: 60 x 126 in' => [$oblong(96, 30, 15), 60, 126];
        yield '8 ft trestle to the floor: 90 x 156 in' => [$oblong(96, 30, 30), 90, 156];
        yield '8 ft trestle across: the same cloth' => [$oblong(30, 96, 30), 90, 156];
    }

    /**
     * Tables 30 in high and the cloths that are hired for them (common practice of linen hire, from memory).
     *
     * @param array<string, string|Length> $table
     */
    #[DataProvider('cloths')]
    public function testAClothIsOfTheSizeThatIsHiredForTheTable(array $table, float $across, float $along): void
    {
        $answer = Reckon::sum(Sums::Cloth, [...$table, 'tableHeight' => Length::ofInches(30), 'cover' => 'cloth']);
        $code = 'round' === $table['tableShape'] ? 'cloth round' : 'cover cloth';

        self::assertSame([$across, $along], [Reckon::inchesOf($answer, $code, 'width'), Reckon::inchesOf($answer, $code, 'length')]);
    }

    /** ISO 216 by its own rule: out of a sheet come two of the next size, four of the one after that, and so on. */
    public function testPrintsHalveTheirSheetAsThePaperSizesDo(): void
    {
        foreach (self::A_SERIES as $of => $sheet) {
            foreach (\array_slice(self::A_SERIES, $of, 6, true) as $size => $print) {
                $answer = Reckon::sum(Sums::Wrap, [
                    'papered' => 'prints',
                    'itemWidth' => Length::ofMillimetres($print[0]),
                    'itemHeight' => Length::ofMillimetres($print[1]),
                    'items' => 64,
                    'sheetWidth' => Length::ofMillimetres($sheet[0]),
                    'sheetLength' => Length::ofMillimetres($sheet[1]),
                ]);

                self::assertSame(2 ** ($size - $of), Reckon::value($answer, 'out of a sheet', 'each'), "A{$size} out of A{$of}");
                self::assertSame((int) (64 / 2 ** ($size - $of)), $answer->amount);
            }
        }
    }

    /** Half to two thirds of the room (common practice, from memory); what it stands on counts as part of it. */
    public function testAStatementUnderEightFeetIsFourToFiveFeetFourHigh(): void
    {
        $answer = Reckon::sum(Sums::Statement, ['ceiling' => Length::ofInches(96)]);
        self::assertSame([48.0, 64.0], [Reckon::inchesOf($answer, 'statement', 'least'), Reckon::inchesOf($answer, 'statement', 'most')]);

        $raised = Reckon::sum(Sums::Statement, ['ceiling' => Length::ofInches(96), 'standsOn' => Length::ofInches(12)]);
        self::assertSame([36.0, 52.0], [Reckon::inchesOf($raised, 'statement', 'least'), Reckon::inchesOf($raised, 'statement', 'most')]);
    }

    /**
     * By hand: a window 4 ft wide ends 80 in up under 8 ft. The rod hangs two thirds of the 16 in between higher, 90.667 in, and stands out
     * 6 in to both sides: 60 in. Twice 60 in of cloth are 2.4 panels of 50 in: two to each side, half an inch off the floor.
     */
    public function testCurtainsOfAnOrdinaryWindow(): void
    {
        $answer = Reckon::sum(
            Sums::Statement,
            [
                'ceiling' => Length::ofInches(96),
                'tall' => 'curtains',
                'windowWidth' => Length::ofInches(48),
                'windowTop' => Length::ofInches(80),
                'gather' => 2,
                'panelWidth' => Length::ofInches(50),
            ],
        );

        self::assertEqualsWithDelta(90.667, Reckon::inchesOf($answer, 'rod', 'height'), 0.004);
        self::assertSame(60.0, Reckon::inchesOf($answer, 'rod', 'width'));
        self::assertEqualsWithDelta(90.167, Reckon::inchesOf($answer, 'curtains', 'drop'), 0.004);
        self::assertSame(4, Reckon::value($answer, 'curtains', 'count'));
    }
}
