<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Draft;

use BrightCupboard\Core\Coach\Check;
use BrightCupboard\Core\Coach\Coach;
use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\Finding;
use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Coach\Taste;
use BrightCupboard\Core\Coach\Verdict;
use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Draft\Available;
use BrightCupboard\Core\Draft\Candidate;
use BrightCupboard\Core\Draft\CandidateRanking;
use BrightCupboard\Core\Draft\Recipe;
use BrightCupboard\Core\Draft\Remedies;
use BrightCupboard\Core\Draft\Remedy;
use BrightCupboard\Core\Draft\RemedyAct;
use BrightCupboard\Core\Draft\SpotRole;
use BrightCupboard\Core\Stock\Face;
use BrightCupboard\Core\Stock\Hazard;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Stock\Season;
use BrightCupboard\Core\Surface\Layer;
use BrightCupboard\Core\Surface\SpotKind;
use BrightCupboard\Core\Surface\Stance;
use BrightCupboard\Tests\Core\Coach\DressedSpots;
use BrightCupboard\Tests\Core\Support\Make;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

/** What would better a spot, on every spot with one fault; roles and recipes are common practice. */
final class RemediesTest extends TestCase
{
    /** Whatever is offered betters the finding it answers and the whole; a fault of one piece can at least be taken off where something else stands. */
    #[DataProviderExternal(DressedSpots::class, 'bad')]
    public function testEachRemedyBettersWhatItAnswers(Dressing $dressing, Check $check): void
    {
        $by = Make::judgement();
        $coach = new Coach();
        $before = $this->penalties($coach->lookOver($dressing, $by));
        foreach ((new Remedies())->find($dressing, [], $by) as $remedy) {
            $penalties = $this->penalties($coach->lookOver($remedy->appliedTo($dressing), $by));

            self::assertLessThan($before[$remedy->answers->value], $penalties[$remedy->answers->value] ?? 0.0);
            self::assertGreaterThan($remedy->before, $remedy->after);
        }
        self::assertArrayHasKey($check->value, $before);
    }

    /** Four of stoneware want something else beside them; with three nobody would ask, which is no answer. */
    public function testWhatAsksForMoreIsNotAnsweredByHavingLess(): void
    {
        $same = new Dressing(Make::spot(), [
            Make::placed(Make::piece('jug', PieceKind::Jug, 8, 11), 6),
            Make::placed(Make::piece('crock', PieceKind::Crock, 8, 7), 30),
            Make::placed(Make::piece('bowl', PieceKind::Bowl, 10, 4), 48),
            Make::placed(Make::piece('jar', PieceKind::Jar, 5, 8), 20),
        ]);
        $asked = array_map(static fn(Finding $one): Check => $one->check, (new Coach())->lookOver($same, Make::judgement()));
        self::assertContains(Check::Textures, $asked);
        self::assertNotContains(Check::Textures, array_map(
            static fn(Finding $one): Check => $one->check,
            (new Coach())->lookOver($same->without($same->placed[2]->id), Make::judgement()),
        ));

        $answers = array_filter(
            (new Remedies())->find($same, [], Make::judgement()),
            static fn(Remedy $one): bool => Check::Textures === $one->answers,
        );
        self::assertSame([], array_map(static fn(Remedy $one): RemedyAct => $one->act, $answers));
    }

    public function testAtMostThreeForEachFindingTheBestFirst(): void
    {
        $dressing = new Dressing(
            Make::spot(width: 60, depth: 14),
            array_map(
                static fn(PieceKind $kind, int $i): PlacedPiece => DressedSpots::at($kind, 120 + 4 * $i, 4, 10, id: 'p' . $i),
                [PieceKind::Plate, PieceKind::PotPlant, PieceKind::Pumpkin, PieceKind::Ribbon, PieceKind::Stocking],
                [0, 1, 2, 3, 6],
            ),
        );
        $scores = [];
        foreach ((new Remedies())->find($dressing, [], Make::judgement()) as $remedy) {
            $scores[$remedy->answers->value][] = $remedy->after;
        }
        self::assertNotSame([], $scores);
        foreach ($scores as $check => $of) {
            $sorted = $of;
            rsort($sorted);
            self::assertSame([$sorted, true], [$of, \count($of) <= 3], $check);
        }
    }

    public function testWhatIsLeftSoAsksForNoRemedy(): void
    {
        $lopsided = new Dressing(Make::spot(width: 60), [DressedSpots::at(PieceKind::Vase, 1, 7, 14), DressedSpots::at(PieceKind::Jug, 12, 6, 9)]);
        $answered = static fn(Taste $taste): array => array_unique(array_map(
            static fn(Remedy $one): string => $one->answers->value,
            (new Remedies())->find($lopsided, [], Make::judgement()->at($taste)),
        ));

        self::assertContains('balance.sides', $answered(new Taste()));
        self::assertNotContains('balance.sides', $answered(new Taste(overruled: [Check::Balance])));
    }

    public function testOneOfThreeLevelOnesIsStoodOnBooks(): void
    {
        $level = new Dressing(Make::spot(width: 60, depth: 12), [
            DressedSpots::at(PieceKind::Vase, 6, 7, 10, id: 'vase'), DressedSpots::at(PieceKind::Jug, 24, 7, 10, id: 'jug'), DressedSpots::at(
                PieceKind::Crock,
                42,
                7,
                10,
                id: 'crock',
            ),
        ]);
        $books = [new Available(Make::piece('books', PieceKind::Books, 8, 4), 1, 'C1')];
        $raised = array_values(
            array_filter((new Remedies())->find($level, [], Make::judgement(), $books), static fn(Remedy $one): bool => RemedyAct::Raise === $one->act),
        );

        self::assertNotSame([], $raised);
        self::assertSame([4 * 254, 'books'], [$raised[0]->piece->raise, $raised[0]->with?->piece->id]);
        self::assertSame(
            [],
            array_filter((new Remedies())->find($level, [], Make::judgement()), static fn(Remedy $one): bool => RemedyAct::Raise === $one->act),
            'on nothing that is not owned',
        );
    }

    public function testAnotherSideIsTurnedToTheFrontAndTwoSwapPlaces(): void
    {
        $off = Make::piece('print', PieceKind::Picture, 20, 20, colours: [['#2040FF', 100]]);
        $dressing = new Dressing(Make::spot(width: 60, depth: 12), [
            new PlacedPiece('p', $off, 1, new Stance(1270, Layer::Back, posture: Posture::Leans)), DressedSpots::at(PieceKind::Vase, 30, 6, 10),
        ]);
        $faces = ['print' => [new Face('plain side', [], [new ColourShare(Srgb::ofHex('#B5532A'), 100)])]];
        $acts = static fn(array $faces): array => array_map(
            static fn(Remedy $one): string => $one->act->value . ' ' . ($one->piece->stance->face ?? ''),
            (new Remedies())->find($dressing, [], Make::judgement(), [], $faces),
        );

        self::assertContains('turn plain side', $acts($faces));
        self::assertNotContains('turn plain side', $acts([]));
    }

    public function testAnOwnedPieceIsAddedWhereItHelps(): void
    {
        $lopsided = new Dressing(Make::spot(width: 60, depth: 12), [DressedSpots::at(PieceKind::Vase, 1, 7, 14), DressedSpots::at(PieceKind::Jug, 12, 6, 9)]);
        $candidates = (new CandidateRanking())->rank(
            $lopsided,
            [new Available(Make::piece('crock', PieceKind::Crock, 9, 11), 1, 'C1')],
            Make::judgement(),
            Season::Winter,
            5,
        )->candidates;
        $adds = array_values(array_filter(
            (new Remedies())->find($lopsided, $candidates, Make::judgement()),
            static fn(Remedy $one): bool => RemedyAct::Add === $one->act && Check::Balance === $one->answers,
        ));

        self::assertCount(1, $adds);
        self::assertGreaterThan(30 * 254, $adds[0]->piece->centre);
    }

    /** @return iterable<string, array{PlacedPiece, SpotKind, SpotRole}> */
    public static function roles(): iterable
    {
        yield 'a mirror behind' => [DressedSpots::at(PieceKind::Mirror, 0, 20, 28, posture: Posture::Leans), SpotKind::Mantel, SpotRole::Backdrop];
        yield 'a tall vase' => [DressedSpots::at(PieceKind::Vase, 0, 6, 20), SpotKind::Mantel, SpotRole::Tall];
        yield 'a middling one' => [DressedSpots::at(PieceKind::Vase, 0, 6, 12), SpotKind::Mantel, SpotRole::Middle];
        yield 'a low bowl' => [DressedSpots::at(PieceKind::Bowl, 0, 10, 5), SpotKind::Mantel, SpotRole::Low];
        yield 'a candle' => [DressedSpots::at(PieceKind::Candlestick, 0, 4, 12, hazard: Hazard::OpenFlame), SpotKind::Mantel, SpotRole::Light];
        yield 'a garland' => [DressedSpots::at(PieceKind::Garland, 0, 60, 5), SpotKind::Mantel, SpotRole::Garland];
        yield 'a runner' => [DressedSpots::at(PieceKind::Runner, 0, 40, 1), SpotKind::DiningTable, SpotRole::Ground];
        yield 'a cushion' => [DressedSpots::at(PieceKind::Cushion, 0, 18, 18), SpotKind::Sofa, SpotRole::Cushion];
        yield 'a throw' => [DressedSpots::at(PieceKind::Throw, 0, 16, 7), SpotKind::Sofa, SpotRole::Throw];
        yield 'a wreath on a door' => [DressedSpots::at(PieceKind::Wreath, 0, 22, 22, posture: Posture::Hangs), SpotKind::Door, SpotRole::Wreath];
        yield 'a bauble on a tree' => [DressedSpots::at(PieceKind::Bauble, 0, 3, 3, posture: Posture::Trims), SpotKind::Tree, SpotRole::Trim];
        yield 'the tree itself' => [DressedSpots::at(PieceKind::Tree, 0, 40, 80), SpotKind::Tree, SpotRole::Tree];
        yield 'a plant' => [DressedSpots::at(PieceKind::PotPlant, 0, 8, 12), SpotKind::Console, SpotRole::Greenery];
    }

    #[DataProvider('roles')]
    public function testAPieceDoesOneThing(PlacedPiece $placed, SpotKind $kind, SpotRole $role): void
    {
        self::assertSame($role, SpotRole::of($placed, Make::spot(kind: $kind)));
    }

    public function testWhatIsLackingCountsWholeWhatThereIsEnoughOfLittleAndWhatDoesNotBelongNothing(): void
    {
        $recipe = Recipe::usual(SpotKind::Mantel);
        $bare = new Dressing(Make::spot(), []);
        $withLow = $bare->with(DressedSpots::at(PieceKind::Bowl, 0, 10, 5));

        self::assertSame([1.0, 0.3], [$recipe->lacks(SpotRole::Low, $bare), $recipe->lacks(SpotRole::Low, $withLow)]);
        self::assertSame(0.0, $recipe->lacks(SpotRole::Cushion, $bare));
    }

    public function testFirstTheTreeThenWhatIsOnIt(): void
    {
        $recipe = Recipe::usual(SpotKind::Tree);
        $bare = new Dressing(Make::spot(width: 54, clear: 96, kind: SpotKind::Tree), []);
        $treed = $bare->with(DressedSpots::at(PieceKind::Tree, 6, 42, 84));

        self::assertSame([0.3, 1.0], [$recipe->lacks(SpotRole::Trim, $bare), $recipe->lacks(SpotRole::Trim, $treed)]);
    }

    public function testACupboardOfEverythingOffersASofaCushionsFirst(): void
    {
        $stock = array_map(static fn(PieceKind $kind): Available => new Available(Make::piece($kind->value, $kind), 1, 'A1'), PieceKind::cases());
        $offered = array_map(
            static fn(Candidate $one): PieceKind => $one->available->piece->kind,
            (new CandidateRanking())->rank(
                new Dressing(Make::spot(width: 84, depth: 22, clear: null, ledge: 17, kind: SpotKind::Sofa), []),
                $stock,
                Make::judgement(),
                Season::Winter,
                12,
            )->candidates,
        );

        self::assertEqualsCanonicalizing([PieceKind::Cushion, PieceKind::Throw], $offered);
    }

    /**
     * @param list<Finding> $findings
     *
     * @return array<string, float> of what is not good, by check
     */
    private function penalties(array $findings): array
    {
        $penalties = [];
        foreach ($findings as $finding) {
            if (Verdict::Good !== $finding->verdict) {
                $penalties[$finding->check->value] = $finding->penalty();
            }
        }

        return $penalties;
    }
}
