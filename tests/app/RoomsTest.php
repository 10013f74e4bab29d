<?php

declare(strict_types=1);

namespace App\Tests;

use App\Tests\Support\AppTestCase;
use PHPUnit\Framework\Attributes\DataProvider;

/** Dressing spots of every form over HTTP: what is offered, what would better it, versions side by side, and the way back of each. */
final class RoomsTest extends AppTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    /** @return iterable<string, array{string, list<string>, list<string>}> spot, kinds that may lead, kinds that must not be offered at all */
    public static function offered(): iterable
    {
        yield 'sofa' => ['Sofa', ['cushion', 'throw'], ['stocking', 'cone', 'vase', 'tray']];
        yield 'bed' => ['Guest bed', ['cushion', 'throw', 'tray'], ['stocking', 'cone', 'vase', 'wreath']];
        yield 'wall' => ['Plate wall', ['bell', 'star', 'plate', 'wreath', 'picture', 'mirror'], ['stocking', 'vase', 'cushion', 'tray']];
        yield 'rail' => ['Landing rail', ['garland', 'lights', 'ribbon', 'beads', 'star'], ['vase', 'cushion', 'cone', 'plate']];
        yield 'tree' => ['Tree corner', ['bauble', 'bell', 'star', 'ribbon', 'lights', 'garland', 'beads'], ['vase', 'stocking', 'cushion', 'wreath']];
        yield 'hutch' => [
            'Corner hutch',
            ['picture', 'vase', 'bell', 'books', 'plate', 'tree', 'crock', 'box', 'jar', 'cone', 'little house', 'hare'],
            ['stocking', 'cushion', 'throw', 'wreath'],
        ];
    }

    /**
     * @param list<string> $mayLead
     * @param list<string> $never
     */
    #[DataProvider('offered')]
    public function testWhatIsOfferedBelongsOnTheForm(string $spot, array $mayLead, array $never): void
    {
        $kinds = $this->kinds();
        $offered = array_map(static fn(array $one): string => $kinds[$one['piece']], $this->dressing($spot)['candidates']);

        self::assertContains($offered[0] ?? '', $mayLead);
        self::assertSame([], array_values(array_intersect($offered, $never)));
    }

    public function testAnyOwnedPieceIsFoundWithTheWordWhyItWasNotOfferedAndPlacedAllTheSame(): void
    {
        $sofa = $this->id('spot', 'Sofa');
        $offers = $this->call('GET', $this->swap() . "/spots/{$sofa}/offers?find=ring cones")['offers'];
        self::assertSame(['not for such a spot'], array_column($offers, 'why'));
        $after = $this->call(
            'POST',
            $this->swap() . '/placements',
            ['piece' => $offers[0]['piece'], 'spot' => $sofa, 'count' => 1, 'left' => null, 'layer' => null, 'raise' => 0],
        );

        self::assertSame(201, $this->code(), $this->text());
        self::assertContains('posture', array_column(array_filter($after['findings'], static fn(array $one): bool => 'good' !== $one['verdict']), 'code'));
    }

    public function testARemedyDoesWhatItPromisesAndUndoTakesItBack(): void
    {
        $spot = $this->id('spot', 'Corner hutch');
        $before = $this->dressing('Corner hutch');
        $remedies = $this->call('GET', $this->swap() . "/spots/{$spot}/remedies")['remedies'];
        self::assertNotSame([], $remedies);
        $remedy = array_values(array_filter($remedies, static fn(array $one): bool => 'add' === $one['act']))[0];
        self::assertSame($before['score'], $remedy['before']);
        $after = $this->arrange($spot, $remedy);
        self::assertSame($remedy['after'], $after['score']);
        $this->call('POST', $this->home() . '/journal/' . $this->entry() . '/undo');

        self::assertSame($before['score'], $this->dressing('Corner hutch')['score']);
    }

    public function testEveryRemedyOfTheHouseDoesWhatItPromises(): void
    {
        $this->db()->executeStatement('UPDATE placement SET left_edge = 1600 WHERE swap_id = ? AND '
            . 'piece_id = ?', [basename($this->swap()), $this->id('piece', 'Speckle moon')]);
        $acts = [];
        foreach ($this->call('GET', $this->swap() . '/spots')['spots'] as $spot) {
            $remedies = fn(): array => $this->call('GET', $this->swap() . "/spots/{$spot['spot']}/remedies")['remedies'];
            foreach (array_keys($remedies()) as $i) {
                $remedy = $remedies()[$i]; // what was done and undone is a version further
                $before = $this->db()->fetchAllAssociative('SELECT * FROM placement ORDER BY id');
                $after = $this->arrange($spot['spot'], $remedy);
                self::assertSame([200, $remedy['after']], [$this->code(), $after['score'] ?? null], $remedy['says'] . $this->text());
                $acts[$remedy['act']] = ($acts[$remedy['act']] ?? 0) + 1;
                $this->undo();
                self::assertSame(
                    array_map(self::withoutVersion(...), $before),
                    array_map(self::withoutVersion(...), $this->db()->fetchAllAssociative('SELECT * FROM placement ORDER BY id')),
                    $remedy['says'],
                );
            }
        }
        self::assertGreaterThan(5, array_sum($acts));
        self::assertGreaterThan(1, \count($acts), implode(', ', array_keys($acts)));
    }

    public function testAPieceIsStoodOnBooksMovesWithThemAndIsTakenDown(): void
    {
        $spot = $this->id('spot', 'Sideboard');
        $moon = array_values(
            array_filter($this->dressing('Sideboard')['placements'], fn(array $one): bool => $one['piece'] === $this->id('piece', 'Cone bowl')),
        )[0];
        $found = $this->call('GET', $this->swap() . "/placements/{$moon['id']}/risers");
        self::assertSame([200, null], [$this->code(), $found['under']], $this->text());
        self::assertNotSame([], $found['risers'], 'the demo owns something to stand it on');
        $after = $this->arrange($spot, ['says' => 'Stand it', 'places' => $found['risers'][0]['places'], 'off' => []]);
        self::assertSame([200, $found['risers'][0]['score']], [$this->code(), $after['score']], $this->text());
        $places = array_column($after['placements'], null, 'piece');
        $riser = $places[$found['risers'][0]['places'][0]['piece']];
        $raised = $places[$moon['piece']];
        self::assertSame([$riser['height'], $riser['id']], [$raised['raise'], $this->call('GET', $this->swap() . "/placements/{$moon['id']}/risers")['under']]);

        $moved = $this->call(
            'PUT',
            $this->swap() . '/placements/' . $moon['id'],
            ['left' => $raised['left'] - 1000, 'spot' => $spot] + array_intersect_key(
                $raised,
                array_flip(['piece', 'count', 'layer', 'raise', 'tier', 'posture', 'version']),
            ),
        );
        self::assertSame($riser['left'] - 1000, array_column($moved['placements'], 'left', 'id')[$riser['id']]);
        $this->undo();
        self::assertSame($riser['left'], array_column($this->dressing('Sideboard')['placements'], 'left', 'id')[$riser['id']], 'both go back');
    }

    public function testTheDaySheetSaysWhatStandsOnWhatHowManyDipsAndWhichSide(): void
    {
        $steps = fn(string $spot): array => array_merge(...array_column(array_values(array_filter(
            $this->call('POST', $this->swap() . '/day', ['people' => 2])['tasks'],
            fn(array $task): bool => 'set up' === $task['phase'] && $task['spot'] === $this->id('spot', $spot),
        )), 'steps'));
        self::assertContains('Long juniper garland in one dip, 8 3/4 in deep', $steps('Landing rail'));
        self::assertSame([], array_filter($steps('Sideboard'), static fn(string $step): bool => str_contains($step, ' on ')));

        $bowl = array_column($this->dressing('Sideboard')['placements'], 'id', 'piece')[$this->id('piece', 'Cone bowl')];
        $riser = $this->call('GET', $this->swap() . "/placements/{$bowl}/risers")['risers'][0];
        $this->arrange($this->id('spot', 'Sideboard'), ['says' => '', 'places' => $riser['places'], 'off' => []]);
        self::assertTrue($this->call('GET', $this->swap() . '/day')['isStale'], 'the sheet is out of date');
        self::assertContains('Cone bowl on ' . explode(',', $riser['says'])[0], $steps('Sideboard'));
    }

    public function testAnArrangementOfAnOlderVersionOrOfWhatIsGoneIsNotMade(): void
    {
        $spot = $this->id('spot', 'Sideboard');
        $one = $this->dressing('Sideboard')['placements'][0];
        $place = ['placement' => $one['id'], 'version' => $one['version'] + 3] + array_intersect_key(
            $one,
            array_flip(['piece', 'count', 'left', 'layer', 'raise', 'tier', 'posture', 'dips', 'face']),
        );
        $this->arrange($spot, ['says' => '', 'places' => [$place], 'off' => []]);
        self::assertSame(409, $this->code());
        $this->arrange($spot, ['says' => '', 'places' => [], 'off' => ['01HX0000000000000000000000']]);
        self::assertSame(409, $this->code());
        $this->arrange(
            $spot,
            ['says' => '', 'places' => [['placement' => null, 'piece' => '01HX0000000000000000000000', 'version' => null] + $place], 'off' => []],
        );
        self::assertSame(422, $this->code());
        $this->arrange($spot, ['says' => '', 'places' => [['placement' => null, 'count' => 90, 'version' => null] + $place], 'off' => []]);
        self::assertSame(422, $this->code(), 'so many are not free');
    }

    public function testAGarlandGetsDipsAndAPieceShowsAnotherSideAtItsSpot(): void
    {
        $rail = $this->dressing('Landing rail')['placements'][0];
        $body = ['spot' => $this->id('spot', 'Landing rail')] + array_intersect_key(
            $rail,
            array_flip(['piece', 'count', 'left', 'layer', 'raise', 'tier', 'posture', 'version']),
        );
        $dipped = array_column($this->call('PUT', $this->swap() . '/placements/' . $rail['id'], $body + ['dips' => 3])['placements'], null, 'id')[$rail['id']];
        self::assertSame(3, $dipped['dips']);
        self::assertSame([1, $rail['width']], [$rail['dips'], $dipped['width']], 'it spans as much, however often it hangs down');
        $along = array_column(
            $this->call('PUT', $this->swap() . '/placements/' . $rail['id'], ['version' => $dipped['version'], 'dips' => 0] + $body)['placements'],
            null,
            'id',
        )[$rail['id']];
        self::assertGreaterThan($dipped['width'], $along['width'], 'laid along it reaches further');
        $this->undo();
        self::assertEqualsWithDelta($dipped['width'] * 0.2 / 3, $dipped['drop'], 1);
        $this->assertRefused(
            422,
            'at most 24 dips',
            $this->call('PUT', $this->swap() . '/placements/' . $rail['id'], ['version' => $dipped['version'] + 2, 'dips' => 25] + $body),
        );

        $piece = (string) $this->db()->fetchOne(
            "SELECT q.piece_id FROM placement q JOIN piece p ON p.id = q.piece_id JOIN swap s ON s.id = q.swap_id WHERE p.faces <> '[]' "
                . "AND s.closed_at IS NULL LIMIT 1",
        );
        self::assertNotSame('', $piece, 'something with another side stands in the demo');
        $face = json_decode((string) $this->db()->fetchOne('SELECT faces FROM piece WHERE id = ?', [$piece]), true)[0]['name'];
        $place = $this->db()->fetchAssociative('SELECT * FROM placement WHERE piece_id = ? AND swap_id = ?', [$piece, basename($this->swap())]);
        $turned = $this->call(
            'PUT',
            $this->swap() . '/placements/' . $place['id'],
            [
                'piece' => $piece,
                'spot' => $place['spot_id'],
                'count' => $place['count'],
                'left' => $place['left_edge'],
                'layer' => $place['layer'],
                'raise' => $place['raise'],
                'tier' => $place['tier'],
                'posture' => $place['posture'],
                'version' => $place['version'],
                'face' => $face,
            ],
        );
        self::assertSame([200, $face], [$this->code(), array_column($turned['placements'], 'face', 'id')[$place['id']]], $this->text());
        self::assertNotSame([], array_column($turned['placements'], 'colours', 'id')[$place['id']]);
    }

    /**
     * @param array<string, mixed> $remedy
     *
     * @return array<string, mixed>
     */
    private function arrange(string $spot, array $remedy): array
    {
        return $this->call('POST', $this->swap() . "/spots/{$spot}/arrangement", array_intersect_key($remedy, array_flip(['places', 'off', 'says'])));
    }

    /**
     * @param array<string, mixed> $row
     *
     * @return array<string, mixed>
     */
    private static function withoutVersion(array $row): array
    {
        return array_diff_key($row, ['version' => true]);
    }

    public function testAPlaceCanBeTypedAndNonsenseIsRefusedAtItsField(): void
    {
        $dressing = $this->dressing('Stove shelf');
        $heron = array_values(array_filter($dressing['placements'], fn(array $one): bool => $one['piece'] === $this->id('piece', 'Heron')))[0];
        $body = [
            'piece' => $heron['piece'], 'spot' => $dressing['spot'], 'count' => 1, 'left' => $heron['left'], 'layer' => 'middle',
            'raise' => 0, 'version' => $heron['version'],
        ];
        $this->assertRefused(422, '', $this->call('PUT', $this->swap() . '/placements/' . $heron['id'], $body + ['at' => 'a bit more']), 'at');
        $moved = $this->call('PUT', $this->swap() . '/placements/' . $heron['id'], $body + ['at' => '2 ft 2 1/2']);

        self::assertSame(200, $this->code(), $this->text());
        self::assertSame(6731, array_column($moved['placements'], 'left', 'id')[$heron['id']]);
    }

    public function testWhatStandsTogetherIsSpreadWithEvenGapsAndComesTogetherAgain(): void
    {
        $spot = $this->id('spot', 'Kitchen sill');
        $pots = $this->id('piece', 'Bulb pots'); // three of 5 in on a sill of 40 in: four gaps of 6 1/4
        $dressing = $this->call(
            'POST',
            $this->swap() . '/placements',
            ['piece' => $pots, 'spot' => $spot, 'count' => 3, 'left' => 0, 'layer' => 'middle', 'raise' => 0],
        );
        $spread = $this->call('POST', $this->swap() . "/placements/{$dressing['placements'][0]['id']}/spread");

        self::assertSame(
            [[6.25, 17.5, 28.75], [1, 1, 1]],
            [
                array_map(static fn(int $left): float => round($left / 254, 2), array_column($spread['placements'], 'left')),
                array_column($spread['placements'], 'count'),
            ],
        );
        $this->assertRefused(
            422,
            'A single Bulb pots has nothing to be spread from.',
            $this->call('POST', $this->swap() . "/placements/{$spread['placements'][0]['id']}/spread"),
            'count',
        );
        $this->undo();
        self::assertSame([3], array_column($this->dressing('Kitchen sill')['placements'], 'count'));
    }

    public function testVersionsAreKeptComparedChosenAndDropped(): void
    {
        $spot = $this->id('spot', 'Sideboard');
        $stood = array_column($this->dressing('Sideboard')['placements'], 'left', 'piece');
        $versions = $this->call('POST', $this->swap() . "/spots/{$spot}/versions", ['from' => 'centred', 'onto' => null])['versions'];
        self::assertSame(201, $this->code(), $this->text());
        self::assertSame([['B'], 3], [array_column($versions, 'label'), \count($versions[0]['placements'])]);
        $chosen = $this->call('POST', $this->swap() . "/versions/{$versions[0]['id']}/choice", ['brings' => false]);
        $entry = $this->entry();
        self::assertEqualsCanonicalizing(array_column($versions[0]['placements'], 'left'), array_column($chosen['placements'], 'left'));

        $kept = $this->call('GET', $this->swap() . "/spots/{$spot}/versions")['versions'];
        self::assertEquals($stood, array_column($kept[0]['placements'], 'left', 'piece'), 'what stood there is the version now');
        $this->call('POST', $this->home() . '/journal/' . $entry . '/undo');
        self::assertEquals($stood, array_column($this->dressing('Sideboard')['placements'], 'left', 'piece'));
        self::assertSame([], $this->call('DELETE', $this->swap() . "/versions/{$versions[0]['id']}")['versions']);
    }

    public function testAVersionThatHasLostAUnitSaysSoAndIsChosenWithoutIt(): void
    {
        [$sideboard, $chest] = [$this->id('spot', 'Sideboard'), $this->id('spot', 'Guest chest')];
        $this->call('POST', $this->swap() . "/spots/{$sideboard}/versions", ['from' => 'as it stands', 'onto' => $chest]);
        self::assertSame(201, $this->code(), $this->text());
        $version = $this->call('GET', $this->swap() . "/spots/{$chest}/versions")['versions'][0];

        self::assertSame(
            ['Cone bowl on Sideboard', 'Speckle moon on Sideboard', 'Table fir on Sideboard'],
            $this->sorted($version['elsewhere']),
            'they stand on the sideboard',
        );
        self::assertSame([], $version['lost']);
        self::assertSame([], $this->call('POST', $this->swap() . "/versions/{$version['id']}/choice", ['brings' => false])['placements']);
        $this->undo();
        $brought = $this->call('POST', $this->swap() . "/versions/{$version['id']}/choice", ['brings' => true]);
        self::assertEqualsCanonicalizing(array_column($version['placements'], 'piece'), array_column($brought['placements'], 'piece'));
        self::assertSame([], $this->dressing('Sideboard')['placements'], 'taken from there');
        $this->undo();
        self::assertCount(\count($brought['placements']), $this->dressing('Sideboard')['placements'], 'one way back for all of it');
        self::assertSame([], $this->dressing('Guest chest')['placements']);
    }

    public function testARoomIsDressedLikeAnother(): void
    {
        $room = fn(string $name): string => (string) $this->db()->fetchOne('SELECT id FROM room WHERE name = ?', [$name]);
        $copy = $this->call('POST', $this->swap() . '/rooms/' . $room('Parlour') . '/copies', ['onto' => $room('Guest room')]);
        self::assertSame(201, $this->code(), $this->text());
        $made = array_filter($copy['spots'], static fn(array $one): bool => null !== $one['onto']);
        self::assertNotSame([], $made);
        foreach ($copy['spots'] as $one) {
            $from = $this->dressing($one['from'])['placements'];
            if (null === $one['onto']) {
                continue;
            }
            $versions = array_column($this->call('GET', $this->swap() . "/spots/{$one['onto']}/versions")['versions'], null, 'label');
            $there = array_column($versions[$one['label']]['placements'], 'piece');
            self::assertSame(\count($from), \count($there) + \count($one['leftOut']), "{$one['from']}: every piece is there or said to be left out");
            self::assertSame([], array_diff($there, array_column($from, 'piece')));
        }
        self::assertSame(\count($made), \count(array_unique(array_column($made, 'onto'))), 'each spot once');
        $this->undo();
        self::assertSame(0, (int) $this->db()->fetchOne('SELECT COUNT(*) FROM spot_version'), 'one way back for all of them');

        $bare = $this->call('POST', $this->home() . '/rooms', ['name' => 'Attic room', 'round' => 90]);
        $path = $this->swap() . '/rooms/' . $room('Parlour') . '/copies';
        $this->assertRefused(422, 'Choose another room that has spots.', $this->call('POST', $path, ['onto' => $bare['id']]), 'onto');
        $this->assertRefused(422, 'Choose another room that has spots.', $this->call('POST', $path, ['onto' => $room('Parlour')]), 'onto');
        $this->assertRefused(422, 'Choose another room that has spots.', $this->call('POST', $path, ['onto' => 'nowhere']), 'onto');
        $path = $this->swap() . '/rooms/' . $bare['id'] . '/copies';
        $this->assertRefused(422, 'Attic room is bare', $this->call('POST', $path, ['onto' => $room('Parlour')]), 'onto');
    }

    public function testAFindingIsLeftSoForTheSpotSaidToBeAndJudgedAgain(): void
    {
        $path = $this->swap() . '/spots/' . $this->id('spot', 'Front door') . '/taste';
        $before = $this->dressing('Front door');
        self::assertContains('contrast.wall', $this->open($before));
        $left = $this->call('PUT', $path, ['school' => null, 'mood' => null, 'overruled' => ['contrast.wall']]);

        self::assertNotContains('contrast.wall', $this->open($left));
        self::assertTrue(array_column($left['findings'], 'isOverruled', 'code')['contrast.wall'], 'it is still said');
        self::assertGreaterThan($before['score'], $left['score']);
        self::assertContains('contrast.wall', $this->open($this->call('PUT', $path, ['school' => null, 'mood' => null, 'overruled' => []])));
    }

    public function testASpotIsJudgedByASchoolOfItsOwn(): void
    {
        $path = $this->swap() . '/spots/' . $this->id('spot', 'Sideboard') . '/taste';
        self::assertNotContains('balance.sides', $this->open($this->dressing('Sideboard')));

        self::assertContains('balance.sides', $this->open($this->call('PUT', $path, ['school' => 'centred', 'mood' => null, 'overruled' => []])));
    }

    public function testColoursMeantForASpotAreWhatFitIsMeasuredBy(): void
    {
        $path = $this->swap() . '/spots/' . $this->id('spot', 'Low table') . '/taste';
        $fits = static fn(array $dressing): array => array_column($dressing['candidates'], 'fit', 'piece');
        $before = $fits($this->dressing('Low table'));
        $meant = $this->call('PUT', $path, ['school' => null, 'mood' => null, 'overruled' => [], 'ribbons' => ['Brass']]);
        self::assertSame(['Brass'], $meant['ribbons']);
        $meant = $this->dressing('Low table');
        $names = array_column($this->call('GET', $this->home() . '/pieces')['pieces'] ?? $this->call('GET', $this->home() . '/pieces'), 'name', 'id');
        $fir = $this->id('piece', 'Little fir');

        $brass = array_filter($fits($meant), static fn(string $id): bool => str_contains($names[$id], 'Brass'), \ARRAY_FILTER_USE_KEY);
        self::assertNotSame([], $brass);
        self::assertGreaterThanOrEqual(80, min([101, ...$brass]), 'what is of brass fits here');
        self::assertLessThan($before[$fir] ?? 100, $fits($meant)[$fir] ?? 0, 'a green tree fits less');
        $this->assertRefused(
            422,
            'The look has no ribbon “Mustard”.',
            $this->call('PUT', $path, ['school' => null, 'mood' => null, 'overruled' => [], 'ribbons' => ['Mustard']]),
            'ribbons',
        );
    }

    public function testWhatIsUnsafeIsNoMatterOfTaste(): void
    {
        $path = $this->swap() . '/spots/' . $this->id('spot', 'Sideboard') . '/taste';

        $this->assertRefused(
            422,
            '“Candle clearance” is no matter of taste and stays.',
            $this->call('PUT', $path, ['school' => null, 'mood' => null, 'overruled' => ['safety.flame']]),
            'overruled',
        );
        $this->assertRefused(
            422,
            'A mood goes from 0 (airy) to 100 (layered).',
            $this->call('PUT', $path, ['school' => null, 'mood' => 130, 'overruled' => []]),
            'mood',
        );
    }

    /** @return iterable<string, array{string, array<string, mixed>, string, string}> spot, body, field, sentence */
    public static function refusedVersions(): iterable
    {
        yield 'of a bare spot' => [
            'Kitchen sill',
            ['from' => 'centred', 'onto' => null],
            'from',
            'Kitchen sill is bare: there is nothing yet to keep a version of.',
        ];
        yield 'onto a spot that is not there' => [
            'Sideboard',
            ['from' => 'centred', 'onto' => '01ARZ3NDEKTSV4RRFFQ69G5FAV'],
            'onto',
            'That spot is not there any more.',
        ];
        yield 'onto a spot that takes nothing of it' => [
            'Sofa',
            ['from' => 'as it stands', 'onto' => 'Plate wall'],
            'onto',
            'Plate wall takes nothing of what stands on Sofa.',
        ];
    }

    /** @param array<string, mixed> $body */
    #[DataProvider('refusedVersions')]
    public function testAVersionThatCannotBeIsRefusedWithASentence(string $spot, array $body, string $field, string $sentence): void
    {
        if ('Plate wall' === $body['onto']) {
            $body['onto'] = $this->id('spot', 'Plate wall');
        }

        $this->assertRefused(422, $sentence, $this->call('POST', $this->swap() . '/spots/' . $this->id('spot', $spot) . '/versions', $body), $field);
    }

    public function testASeventhVersionIsRefused(): void
    {
        $path = $this->swap() . '/spots/' . $this->id('spot', 'Sideboard') . '/versions';
        for ($i = 0; $i < 5; ++$i) {
            $this->call('POST', $path, ['from' => 'as it stands', 'onto' => null]);
        }

        $this->assertRefused(
            422,
            'Sideboard has six versions already. Drop one first.',
            $this->call('POST', $path, ['from' => 'as it stands', 'onto' => null]),
            'from',
        );
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> what is entered, the field, the sentence */
    public static function impossibleSpots(): iterable
    {
        yield 'more people than fit' => [
            ['kind' => 'dining table', 'seats' => 14],
            'seats',
            '14 cannot sit at a top of this size; at 24 in (61 cm) each it takes 8.',
        ];
        yield 'a ladder' => [['kind' => 'stair rail', 'rise' => '9 ft'], 'rise', 'A rail that rises more than it runs is a ladder'];
        yield 'a board without height' => [['kind' => 'hutch', 'tiers' => ['12 in', '0']], 'tiers[1]', 'Board 2 needs a clear height'];
        yield 'a board that is a word' => [['kind' => 'hutch', 'tiers' => ['tall']], 'tiers[0]', 'tall'];
        yield 'minus seats' => [['kind' => 'dining table', 'seats' => -2], 'seats', 'Between 0 and 24 seats can be entered, got -2.'];
        yield 'half a kilometre' => [['width' => '500 m'], 'width', ''];
    }

    /** @param array<string, mixed> $entered */
    #[DataProvider('impossibleSpots')]
    public function testASpotThatCannotBeIsRefusedAtItsField(array $entered, string $field, string $sentence): void
    {
        $room = $this->id('room', 'Hall');
        $spot = $entered + [
            'room' => $room, 'name' => 'New', 'kind' => 'console', 'width' => '72', 'depth' => '36', 'ledgeHeight' => '30',
            'clearHeight' => '', 'seenFrom' => 'front', 'keepClear' => [], 'wall' => '#FFFFFF', 'hazards' => [], 'focalRank' => 9,
        ];

        $this->assertRefused(422, $sentence, $this->call('POST', $this->home() . '/spots', $spot), $field);
    }

    public function testASpotOfEachFormIsKeptAsItWasEntered(): void
    {
        $kept = $this->call(
            'POST',
            $this->home() . '/spots',
            [
                'room' => $this->id('room', 'Hall'),
                'name' => 'Stair',
                'kind' => 'stair rail',
                'width' => '144',
                'depth' => '4',
                'ledgeHeight' => '36',
                'clearHeight' => '',
                'seenFrom' => 'both sides',
                'keepClear' => [],
                'wall' => '#FFFFFF',
                'hazards' => [],
                'focalRank' => 9,
                'rise' => '7 ft',
                'posts' => 4,
            ],
        );
        self::assertSame(201, $this->code(), $this->text());

        self::assertSame(['run', 84 * 254, 4], [$kept['form'], $kept['rise'], $kept['posts']]);
    }

    /**
     * @param array<string, mixed> $dressing
     *
     * @return list<string> codes of what is open
     */
    private function open(array $dressing): array
    {
        return array_values(array_column(
            array_filter($dressing['findings'], static fn(array $one): bool => 'good' !== $one['verdict'] && !$one['isOverruled']),
            'code',
        ));
    }

    /** The entry of the journal that the last act left. */
    private function entry(): string
    {
        return (string) $this->browser->getResponse()->headers->get('X-Entry');
    }

    /** @return array<string, mixed> */
    private function dressing(string $spot): array
    {
        $path = $this->swap() . '/spots/' . $this->id('spot', $spot);

        return [...$this->call('GET', $path), ...$this->call('GET', $path . '/candidates')];
    }

    /** @return array<string, string> by piece */
    private function kinds(): array
    {
        return array_column($this->call('GET', $this->home() . '/pieces')['pieces'] ?? $this->call('GET', $this->home() . '/pieces'), 'kind', 'id');
    }

    /**
     * @param list<string> $words
     *
     * @return list<string>
     */
    private function sorted(array $words): array
    {
        sort($words);

        return $words;
    }
}
