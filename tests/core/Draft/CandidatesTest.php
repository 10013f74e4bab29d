<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Draft;

use BrightCupboard\Core\Coach\Check;
use BrightCupboard\Core\Coach\Coach;
use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\Finding;
use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Coach\PlaceFinder;
use BrightCupboard\Core\Coach\Surroundings;
use BrightCupboard\Core\Coach\Verdict;
use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Draft\Available;
use BrightCupboard\Core\Draft\Candidate;
use BrightCupboard\Core\Draft\CandidateRanking;
use BrightCupboard\Core\Draft\NeedAnswer;
use BrightCupboard\Core\Draft\NeedAnswers;
use BrightCupboard\Core\Draft\Ranking;
use BrightCupboard\Core\Draft\SpotRole;
use BrightCupboard\Core\Draft\Wanted;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\LengthText;
use BrightCupboard\Core\Measure\LengthUnit;
use BrightCupboard\Core\Stock\Hazard;
use BrightCupboard\Core\Stock\Material;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Stock\Season;
use BrightCupboard\Core\Surface\KeepClear;
use BrightCupboard\Core\Surface\Layer;
use BrightCupboard\Core\Surface\Layout;
use BrightCupboard\Core\Surface\Spot;
use BrightCupboard\Core\Surface\SpotHazard;
use BrightCupboard\Core\Surface\SpotKind;
use BrightCupboard\Core\Surface\Stance;
use BrightCupboard\Tests\Core\Support\Make;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class CandidatesTest extends TestCase
{
    public function testRanksByFitSizeAndSeason(): void
    {
        $ranking = $this->rank(Make::spot(), [
            $this->offer(Make::piece('summer', height: 15, seasons: [Season::Summer])),
            $this->offer(Make::piece('ember', height: 15, seasons: [Season::Winter])),
            $this->offer(Make::piece('blue', height: 15, colours: [['#2040FF', 100]], seasons: [Season::Winter])),
        ]);

        self::assertSame(['ember', 'summer', 'blue'], array_map(static fn(Candidate $c): string => $c->available->piece->id, $ranking->candidates));
        self::assertSame(SpotRole::Middle, $ranking->candidates[0]->role);
    }

    /** Nearness 5, not where it stood last year 5, season 10 and 30 against it out of season: each as many points as docs/rules.md says. */
    public function testEachPartOfAScoreCountsWhatItIsSaidTo(): void
    {
        $piece = static fn(string $id, array $seasons = []): Piece => Make::piece($id, height: 15, colours: [['#9A9A20', 100]], seasons: $seasons);
        $offers = [
            new Available($piece('near', [Season::Winter]), 1, 'A1', nearness: 1.0),
            new Available($piece('far', [Season::Winter]), 1, 'A1', nearness: 0.0),
            new Available($piece('again', [Season::Winter]), 1, 'A1', nearness: 1.0, lastSpot: 'spot'),
            new Available($piece('summer', [Season::Summer]), 1, 'A1', nearness: 1.0),
        ];
        foreach ([[], [Make::placed(Make::piece('jug', PieceKind::Jug, 7, 9), 6)]] as $placed) {
            $ranking = (new CandidateRanking())->rank(new Dressing(Make::spot(), $placed), $offers, Make::judgement(), Season::Winter, 12);
            $scores = [];
            foreach ($ranking->candidates as $one) {
                $scores[$one->available->piece->id] = $one->score;
            }

            self::assertSame([5, 5, 40], [
                $scores['near'] - $scores['far'],
                $scores['near'] - $scores['again'],
                $scores['near'] - $scores['summer'],
            ]);
        }
    }

    /** A point of the whole counts half a point, what would have to be mended afterwards 30, what would be looked at again about the piece 5. */
    public function testWhatTheWholeWouldGainCountsHalf(): void
    {
        $dressing = new Dressing(Make::spot(), [Make::placed(Make::piece('jug', PieceKind::Jug, 7, 9), 4), Make::placed(Make::piece('tall', height: 22), 14)]);
        $offers = array_map(
            fn(int $i): Available => $this->offer(Make::piece("p{$i}", width: 3 + $i, height: 3 + 2 * $i, colours: [[$i % 2 ? '#B5532A' : '#9A9A20', 100]])),
            range(1, 10),
        );
        $by = Make::judgement();
        $before = Coach::toMend((new Coach())->lookOver($dressing, $by));
        $alone = [];
        foreach ((new CandidateRanking())->likely($dressing, $offers, $by, Season::Winter, 12) as $one) {
            $alone[$one->available->piece->id] = $one->score;
        }
        $ranking = (new CandidateRanking())->rank($dressing, $offers, $by, Season::Winter, 12);
        self::assertGreaterThan(5, \count($ranking->candidates));
        foreach ($ranking->candidates as $one) {
            $after = $dressing->with(new PlacedPiece('try', $one->available->piece, 1, $one->stance));
            $findings = (new Coach())->lookOver($after, $by);
            $new = array_values(array_diff_key(Coach::toMend($findings), $before));
            self::assertSame($new, $one->mends);
            $again = \count(array_filter(
                $findings,
                static fn(Finding $of): bool => Verdict::LookAgain === $of->verdict && \in_array('try', $of->placements(), true),
            ));
            $expected = max(0, min(100, $alone[$one->available->piece->id] + $one->gain / 2 - 30 * \count($new) - 5 * $again));
            self::assertEqualsWithDelta($expected, $one->score, 1.0, $one->available->piece->id);
        }
    }

    public function testWhatIsLostAgainstTheSofaComesBehindWhatIsSeenOnIt(): void
    {
        $of = Make::spot(width: 84, depth: 22, clear: null, ledge: 17, kind: SpotKind::Sofa);
        $navy = Srgb::ofHex('#1F2E4F');
        $sofa = new Spot('sofa', 'Sofa', $of->kind, $of->width, $of->depth, $of->ledgeHeight, null, $of->seenFrom, [], $of->wall, [], cover: $navy);
        $cushion = static fn(string $id, string $hex): Piece => Make::piece($id, PieceKind::Cushion, 18, 18, [[$hex, 100]], [Material::Velvet]);

        self::assertSame(
            ['rust', 'blue'],
            array_map(
                static fn(Candidate $one): string => $one->available->piece->id,
                $this->rank($sofa, [$this->offer($cushion('blue', '#22325A')), $this->offer($cushion('rust', '#B5532A'))])->candidates,
            ),
        );
    }

    /** What is behind before what is in front, whatever was taken in first (common practice); over a ledge not much less than half its width. */
    public function testABareMantelIsBegunWithItsBackdrop(): void
    {
        $ranking = $this->rank(Make::spot(), [
            $this->offer(Make::piece('a-light', PieceKind::Candlestick, 4, 16)),
            $this->offer(Make::piece('b-green', PieceKind::Bunch, 14, 18)),
            $this->offer(Make::piece('c-small', PieceKind::Wreath, 12, 12)),
            $this->offer(Make::piece('d-tall', PieceKind::Figure, 8, 18)),
            $this->offer(Make::piece('e-mirror', PieceKind::Mirror, 26, 26)),
        ]);

        self::assertSame('e-mirror', $ranking->candidates[0]->available->piece->id);
    }

    public function testASetTableIsNotOfferedWhatPeopleEatFrom(): void
    {
        $table = Make::spot(width: 84, depth: 42, clear: null, ledge: 30, kind: SpotKind::DiningTable, layout: new Layout(seats: 8));
        $ranking = $this->rank($table, [
            $this->offer(Make::piece('plates', PieceKind::Plate, 9, 9, depth: 1, count: 8)),
            $this->offer(Make::piece('napkins', PieceKind::Napkin, 8, 4, count: 8)),
            $this->offer(Make::piece('platter', PieceKind::Plate, 18, 14, depth: 2)),
            $this->offer(Make::piece('runner', PieceKind::Runner, 14, 3, materials: [Material::Linen], depth: 14, laidOut: 90)),
            $this->offer(Make::piece('fir', PieceKind::Tree, 30, 84)),
        ]);

        self::assertEqualsCanonicalizing(['platter', 'runner'], array_map(static fn(Candidate $c): string => $c->available->piece->id, $ranking->candidates));
        self::assertSame(['laid at the places, not in the middle' => 2, 'too tall' => 1], $ranking->leftOut, 'under a usual ceiling no tree stands on a table');
        self::assertSame(1, $this->rank(Make::spot(), [$this->offer(Make::piece('linen', PieceKind::Napkin, 8, 4))])->leftOut['not for such a spot']);
    }

    /** A candle six times as high as wide wants a holder (NFPA: sturdy holders that will not tip over). */
    public function testATaperIsNotStoodByItself(): void
    {
        [$taper, $pillar] = [Make::piece('taper', PieceKind::Pillar, 0.9, 10), Make::piece('pillar', PieceKind::Pillar, 3, 9)];
        $ranking = $this->rank(Make::spot(), [$this->offer($taper), $this->offer($pillar)]);

        self::assertSame(['pillar'], array_map(static fn(Candidate $c): string => $c->available->piece->id, $ranking->candidates));
        self::assertSame(['stands only in a holder' => 1], $ranking->leftOut);
        $said = array_column(array_map(
            static fn(Finding $one): array => [$one->check->value, $one->verdict],
            (new Coach())->lookOver(new Dressing(Make::spot(), [Make::placed($taper, 10)]), Make::judgement()),
        ), 1, 0);
        self::assertSame(Verdict::LookAgain, $said[Check::Posture->value], 'put so all the same it is said');
    }

    public function testLeavesOutWhatCannotStandAndCountsItByReason(): void
    {
        $ranking = $this->rank(Make::spot(clear: 20, hazards: [SpotHazard::Children], ledge: 17), [
            $this->offer(Make::piece('tall', height: 21)),
            $this->offer(Make::piece('glass', hazards: [Hazard::Breakable])),
            $this->offer(Make::piece('beads', hazards: [Hazard::SmallParts])),
            $this->offer(Make::piece('basket')),
        ]);

        self::assertSame(['basket'], array_map(static fn(Candidate $c): string => $c->available->piece->id, $ranking->candidates));
        self::assertSame(['breaks, within a child’s reach' => 1, 'small parts within a child’s reach' => 1, 'too tall' => 1], $ranking->leftOut);
    }

    public function testChildrenReachThirtySixInchesAndNoFurther(): void
    {
        $glass = Make::piece('glass', hazards: [Hazard::Breakable]);

        self::assertNotNull((new Surroundings())->objection($glass, Make::spot(hazards: [SpotHazard::Children], ledge: 35.9)));
        self::assertNull((new Surroundings())->objection($glass, Make::spot(hazards: [SpotHazard::Children], ledge: 36)));
    }

    public function testAFoundPlaceIsFreeInsideTheLedgeAndLevels(): void
    {
        $random = new Randomizer(new Mt19937(8));
        $spot = Make::spot(keepClear: [new KeepClear(Length::ofInches(50), Length::ofInches(60), 'the flue')]);
        for ($run = 0; $run < 100; ++$run) {
            $dressing = new Dressing(
                $spot,
                [
                    Make::placed(Make::piece('a', width: $random->getInt(4, 20)), $random->getInt(0, 20)),
                    Make::placed(Make::piece('b'), $random->getInt(30, 40)),
                ],
            );
            $piece = Make::piece('new', width: $random->getInt(3, 30));
            $place = (new PlaceFinder())->find($dressing, $piece);
            if (null === $place) {
                continue;
            }
            $after = $dressing->with(new PlacedPiece('new', $piece, 1, $place));
            $fit = array_values(array_filter(
                (new Coach())->lookOver($after, Make::judgement()),
                static fn($finding): bool => Check::Room === $finding->check && \in_array('new', $finding->placements(), true),
            ));
            self::assertSame([], $fit, "run {$run}");
        }
    }

    public function testADoorHasItsWreathFirstAndOnlyThenSomethingElse(): void
    {
        $door = Make::spot(width: 36, depth: 4, clear: 80, ledge: 0, kind: SpotKind::Door);
        $offers = [
            $this->offer(Make::piece('a sign', PieceKind::Sign, width: 22, height: 8, depth: 1)),
            $this->offer(Make::piece('wreath', PieceKind::Wreath, width: 22, height: 22, depth: 4)),
        ];
        $first = static fn(Dressing $dressing, array $offers): array => array_map(
            static fn(Candidate $one): array => [$one->available->piece->id, $one->isLacking],
            (new CandidateRanking())->rank($dressing, $offers, Make::judgement(), Season::Winter, 5)->candidates,
        );

        self::assertSame([['wreath', true], ['a sign', true]], $first(new Dressing($door, []), $offers));
        $hung = new PlacedPiece('there', $offers[1]->piece, 1, new Stance(1778, Layer::Back, 12192, posture: Posture::Hangs));
        self::assertSame([['a sign', false]], $first(new Dressing($door, [$hung]), [$offers[0]]), 'one is enough');
    }

    /** A dark one that would pull the shelf down on one side comes behind a pale one, though it is nearer and stood elsewhere last year. */
    public function testWhatBringsUpSomethingToMendRanksLower(): void
    {
        $shelf = new Dressing(Make::spot(depth: 5), [
            Make::placed(Make::piece('left', width: 8, height: 12), 10), Make::placed(Make::piece('middle', width: 20, height: 18), 20),
            Make::placed(Make::piece('right', width: 8, height: 12), 42),
        ]);
        $dark = Make::piece('dark', width: 8, height: 9, colours: [['#111111', 100]], materials: [Material::Iron]);
        $pale = Make::piece('pale', width: 8, height: 9, colours: [['#F5F0E6', 100]], materials: [Material::Glass]);
        $by = Make::judgement();
        $ranking = (new CandidateRanking())->rank($shelf, [
            new Available($dark, 1, 'at hand', 0, 1.0, null),
            new Available($pale, 1, 'in store', 0, 0.3, $shelf->spot->id),
        ], $by, Season::Winter, 5);
        $fixes = static fn(Candidate $one): int => \count(Coach::toMend((new Coach())->lookOver(
            $shelf->with(new PlacedPiece('try', $one->available->piece, 1, $one->stance)),
            $by,
        )));

        self::assertSame(['pale', 'dark'], array_map(static fn(Candidate $one): string => $one->available->piece->id, $ranking->candidates));
        self::assertSame([0, 1], array_map($fixes, $ranking->candidates));
        self::assertGreaterThan($ranking->candidates[1]->score, $ranking->candidates[0]->score, 'the number says so');
    }

    public function testTellsWhatPlacingDoesToTheWhole(): void
    {
        $dressing = new Dressing(
            Make::spot(),
            [Make::placed(Make::piece('heavy', width: 14, height: 20), 0), Make::placed(Make::piece('low', height: 10), 15)],
        );
        $ranking = (new CandidateRanking())->rank($dressing, [$this->offer(Make::piece('answer', height: 14))], Make::judgement(), Season::Winter, 5);

        self::assertGreaterThan(0.0, $ranking->candidates[0]->gain);
        self::assertSame('right', $ranking->candidates[0]->side);
        self::assertGreaterThan(30 * 254, $ranking->candidates[0]->stance->left);
    }

    public function testANeedIsAnsweredByWhatMeetsItThenByWhatComesNearest(): void
    {
        $wanted = new Wanted(PieceKind::Jug, Length::ofInches(9), Length::ofInches(12), Length::ofInches(8), Srgb::ofHex('#B5532A'), null, 1);
        $answers = (new NeedAnswers(new LengthText(LengthUnit::Inch)))->find($wanted, Make::spot(), [
            $this->offer(Make::piece('short', PieceKind::Jug, height: 7)),
            $this->offer(Make::piece('right', PieceKind::Jug, height: 11)),
            $this->offer(Make::piece('blue', PieceKind::Jug, height: 11, colours: [['#2040FF', 100]])),
            $this->offer(Make::piece('vase', height: 11)),
        ], 5);

        self::assertSame(['right', 'short', 'blue', 'vase'], array_map(static fn(NeedAnswer $a): string => $a->available->piece->id, $answers));
        self::assertSame([[], ['2 in short']], [$answers[0]->misses, $answers[1]->misses]);
        self::assertMatchesRegularExpression('/^colour \d+ off$/', $answers[2]->misses[0] ?? '');
        self::assertSame(['a vase, not a jug'], $answers[3]->misses);
    }

    public function testTooFewFreeUnitsAreSaid(): void
    {
        $wanted = new Wanted(null, null, null, null, null, null, 3);
        $answers = (new NeedAnswers(new LengthText(LengthUnit::Inch)))->find($wanted, Make::spot(), [new Available(Make::piece('pair', count: 2), 2, 'C1')], 5);

        self::assertSame(['only 2 free of 3'], $answers[0]->misses);
    }

    private function offer(Piece $piece): Available
    {
        return new Available($piece, 1, 'C1, cellar');
    }

    /** @param list<Available> $available */
    private function rank(Spot $spot, array $available): Ranking
    {
        return (new CandidateRanking())->rank(new Dressing($spot, []), $available, Make::judgement(), Season::Winter, 10);
    }
}
