<?php

declare(strict_types=1);

namespace App\Tests;

use App\Tests\Support\AppTestCase;
use PHPUnit\Framework\Attributes\DataProvider;

/** Intake, search, totes, and what can be done with pieces: nothing made, nothing lost, everything written down. */
final class StockDepthTest extends AppTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    public function testALineIsReadWithoutKeepingAnythingAndThenTakenIn(): void
    {
        $line = '3 brass candlesticks 9 in, attic A2, $4 each, thrifted';
        $units = array_sum($this->unitsByPiece());
        $reading = $this->call('POST', $this->home() . '/intake/reading', ['line' => $line]);
        self::assertSame([[], 3, 2286, 400], [$reading['questions'], $reading['count'], $reading['height'], $reading['costEach']]);
        self::assertSame($units, array_sum($this->unitsByPiece()));
        $piece = $this->call('POST', $this->home() . '/intake', ['line' => $line, 'otherwise' => '', 'colours' => []]);

        self::assertSame([201, 'Brass candlestick', 'thrifted'], [$this->code(), $piece['name'], $piece['origin']]);
        self::assertSame([['place' => 'tote:' . $this->id('tote', 'A2'), 'count' => 3, 'note' => '']], $piece['places']);
        self::assertSame($units + 3, array_sum($this->unitsByPiece()));
    }

    public function testALineThatAsksIsNotTakenInByGuess(): void
    {
        $problem = $this->call('POST', $this->home() . '/intake', ['line' => '2 jugs 11 in, rust, $36', 'otherwise' => '', 'colours' => []]);

        $this->assertRefused(422, 'Is $36 for one, or for all 2?', $problem, 'costEach');
    }

    public function testColoursOfAPhotoAnswerWhichColourItIs(): void
    {
        $line = ['line' => 'striped box 8 in', 'otherwise' => '', 'colours' => []];
        $unseen = $this->call('POST', $this->home() . '/intake', $line);
        $seen = $this->call('POST', $this->home() . '/intake', ['colours' => [['hex' => '#B01E2E', 'percent' => 100]]] + $line);

        self::assertSame([['colour'], []], [$unseen['assumed'], $seen['assumed']], $this->text());
    }

    public function testColoursSeenByPhotoGoBeforeThoseOfTheLineAndAPlaceIsTakenOtherwise(): void
    {
        $piece = $this->call(
            'POST',
            $this->home() . '/intake',
            ['line' => 'jug 11 in, rust', 'otherwise' => 'spot:' . $this->id('spot', 'Sofa'), 'colours' => [['hex' => '#123456', 'percent' => 100]]],
        );

        self::assertSame(['#123456', 'spot:' . $this->id('spot', 'Sofa')], [$piece['colours'][0]['hex'], $piece['places'][0]['place']]);
        $this->assertRefused(
            422,
            'That tote or spot is not there any more.',
            $this->call(
                'POST',
                $this->home() . '/intake',
                ['line' => 'jug 11 in, rust', 'otherwise' => 'spot:' . $this->id('spot', 'Long shelf'), 'colours' => []],
            ),
        );
    }

    /** @return iterable<string, array{string, string}> question, name of the first found */
    public static function questions(): iterable
    {
        yield 'by name' => ['heron', 'Heron'];
        yield 'by colour and kind' => ['ember cushion', 'Ember velvet'];
        yield 'by place' => ['lantern shed', 'Rope lantern'];
        yield 'by size' => ['glass under 8 in', 'Ice hare'];
        yield 'in another word' => ['rabbits', 'Brass hare'];
        yield 'with a word nobody knows' => ['boho heron', 'Heron'];
        yield 'or' => ['heron or plutonium', 'Heron'];
        yield 'a question' => ['where is the heron?', 'Heron'];
    }

    #[DataProvider('questions')]
    public function testFindsInTheDemo(string $question, string $name): void
    {
        $found = $this->call('GET', $this->home() . '/search?q=' . rawurlencode($question));

        if ('Ice hare' === $name) {
            self::assertNotSame([], $found['found'], 'where nothing meets all of it, what misses one thing');
            self::assertSame([], array_filter($found['found'], fn(array $one): bool => [] === $one['misses'] && $this->heightOf($one['piece']) > 8 * 254));
        } else {
            self::assertSame($this->id('piece', $name), $found['found'][0]['piece'], $this->text());
            self::assertSame([], $found['found'][0]['misses']);
        }
    }

    /** What a word finds by name, kind, material, season or place is what looking at every piece one by one finds. */
    public function testAWordFindsWhatAPlainScanFinds(): void
    {
        $places = [];
        $house = $this->call('GET', $this->home() . '/house');
        $rooms = array_column($house['rooms'], 'name', 'id');
        foreach ($house['totes'] as $tote) {
            $places['tote:' . $tote['id']] = "{$tote['code']} {$tote['place']}";
        }
        foreach ($house['spots'] as $spot) {
            $places['spot:' . $spot['id']] = "{$spot['name']} {$rooms[$spot['room']]}";
        }
        $pieces = $this->call('GET', $this->home() . '/pieces?limit=1000')['pieces'];
        foreach ([
            'brass', 'attic', 'hall', 'sofa', 'c4', 'wreath', 'winter', 'linen', 'shed', 'parlour', 'breakable', 'thrifted', 'loose',
            'quartz', 'arrangement',
        ] as $word) {
            $expected = [];
            foreach ($pieces as $piece) {
                $said = [
                    $piece['name'],
                    $piece['kind'],
                    ...$piece['materials'],
                    $piece['finish'],
                    ...$piece['seasons'],
                    ...$piece['hazards'],
                    $piece['origin'],
                    $piece['care'],
                    $piece['set']['name'],
                    ...array_map(static fn(array $at): string => $places[$at['place']] ?? $at['place'], $piece['places']),
                ];
                if (str_contains(mb_strtolower(implode(' ', $said)), $word)) {
                    $expected[] = $piece['id'];
                }
            }
            $found = array_column(
                array_filter(
                    $this->call('GET', $this->home() . '/search?q=' . $word)['found'],
                    static fn(array $one): bool => !str_starts_with($one['why'][0] ?? '', 'the colour'),
                ),
                'piece',
            );

            self::assertEqualsCanonicalizing($expected, $found, $word);
        }
    }

    public function testWhatFitsInAToteIsNoLongerWiderOrHigherThanTheTote(): void
    {
        $pieces = $this->call('GET', $this->home() . '/pieces?limit=1000')['pieces'];
        $tote = array_values(array_filter($this->call('GET', $this->home() . '/house')['totes'], static fn(array $tote): bool => 'A1' === $tote['code']))[0];
        $room = [$tote['width'], $tote['depth'], $tote['height']];
        sort($room);
        $found = array_column(
            array_filter(
                $this->call('GET', $this->home() . '/search?q=' . rawurlencode('what fits in tote A1'))['found'],
                static fn(array $one): bool => [] === $one['misses'],
            ),
            'piece',
        );
        $expected = array_filter($pieces, static function (array $piece) use ($room): bool {
            $thing = [$piece['width'], $piece['depth'], $piece['height']];
            sort($thing);

            return $thing[0] <= $room[0] && $thing[1] <= $room[1] && $thing[2] <= $room[2];
        });

        self::assertNotCount(\count($pieces), $expected, 'not everything goes in');
        self::assertEqualsCanonicalizing(array_column($expected, 'id'), $found);
    }

    public function testAToteIsOpenedWithItsFillFindingsAndPicture(): void
    {
        $tote = $this->call('GET', $this->home() . '/totes/' . $this->id('tote', 'C4') . '/contents');
        $fills = array_column($this->call('GET', $this->home() . '/tote-fills')['totes'], null, 'tote');

        self::assertSame(['heavy'], array_column($tote['findings'], 'code'));
        self::assertSame($tote['fill'], $fills[$this->id('tote', 'C4')]['fill']);
        self::assertCount(array_sum(array_column($tote['content'], 'units')), $tote['picture']);
        self::assertContains(
            'climate.heat',
            array_column($this->call('GET', $this->home() . '/totes/' . $this->id('tote', 'A1') . '/contents')['findings'], 'code'),
        );
    }

    public function testAStockTakeSaysWhatDiffersAndMovesOnlyWhenToldTo(): void
    {
        $path = $this->home() . '/totes/' . $this->id('tote', 'C4') . '/stock-take';
        $content = $this->call('GET', $this->home() . '/totes/' . $this->id('tote', 'C4') . '/contents')['content'];
        $counted = array_map(
            static fn(array $one): array => ['piece' => $one['piece'], 'units' => 'Soot bud vase' === $one['name'] ? 1 : $one['units']],
            $content,
        );
        $counted[] = ['piece' => $this->id('piece', 'Brass hare'), 'units' => 1];
        $before = $this->unitsByPiece();
        $seen = $this->call('POST', $path, ['counted' => $counted, 'keep' => false]);
        self::assertSame([[2, 'Soot bud vase', 'lost']], array_map(static fn(array $m): array => [$m['units'], $m['name'], $m['to']], $seen['missing']));
        self::assertSame(['Brass hare'], array_column($seen['extra'], 'name'));
        self::assertSame([0, 3], $this->lostAndHere('Soot bud vase', 'C4'));
        $this->call('POST', $path, ['counted' => $counted, 'keep' => true]);

        self::assertSame([2, 1], $this->lostAndHere('Soot bud vase', 'C4'));
        self::assertSame($before, $this->unitsByPiece());
        self::assertSame(
            'stock-take of C4',
            $this->call('GET', $this->home() . '/pieces/' . $this->id('piece', 'Brass hare') . '/movements')['movements'][0]['cause'],
        );
    }

    public function testLabelsAreWrittenAsSvgAndPdfWithTheCodeOfTheirTote(): void
    {
        $path = $this->home() . '/totes/' . $this->id('tote', 'A1') . '/label';
        $this->browser->request('GET', $path);
        $svg = new \DOMDocument();
        self::assertTrue($svg->loadXML($this->text()));
        self::assertStringContainsString('Juniper wreath', $svg->textContent);
        self::assertGreaterThan(200, $svg->getElementsByTagName('rect')->length, 'The QR code is drawn.');
        $this->browser->request('GET', $path . '?as=pdf');
        self::assertStringStartsWith('%PDF-', $this->text());
        $this->browser->request('GET', $this->home() . '/labels');

        self::assertSame('application/pdf', $this->browser->getResponse()->headers->get('Content-Type'));
    }

    public function testAnArrangementTakenApartStandsAsItsPartsWhereItWas(): void
    {
        $id = $this->id('piece', 'Rust branches');
        $spot = 'spot:' . $this->id('spot', 'Stove shelf');
        $pieces = $this->call('POST', $this->home() . "/pieces/{$id}/apart", ['place' => $spot])['pieces'];

        self::assertSame(['Rust branches', 'Plum urn', 'Rust stems'], array_column($pieces, 'name'));
        self::assertSame([['place' => 'parted', 'count' => 1, 'note' => '']], $pieces[0]['places']);
        self::assertSame(
            [[$spot, 1], [$spot, 5]],
            [[$pieces[1]['places'][0]['place'], $pieces[1]['places'][0]['count']], [$pieces[2]['places'][0]['place'], $pieces[2]['places'][0]['count']]],
        );
        $this->assertRefused(
            422,
            'None of Rust branches is at Stove shelf.',
            $this->call('POST', $this->home() . "/pieces/{$id}/apart", ['place' => $spot]),
            'place',
        );
        $this->assertRefused(
            422,
            'Heron has no parts written down.',
            $this->call('POST', $this->home() . '/pieces/' . $this->id('piece', 'Heron') . '/apart', ['place' => $spot]),
            'parts',
        );
    }

    public function testACutGarlandIsTwoPiecesOfTheSameLengthAndPrice(): void
    {
        $id = $this->id('piece', 'Long juniper garland');
        $tote = 'tote:' . $this->id('tote', 'A1');
        [$whole, $cut, $offcut] = $this->call('POST', $this->home() . "/pieces/{$id}/cut", ['length' => '3 ft', 'place' => $tote])['pieces'];

        self::assertSame([36 * 254, 12 * 254], [$cut['width'], $offcut['width']]);
        self::assertEqualsCanonicalizing([['parted', 1], [$tote, 1]], array_map(static fn(array $at): array => [$at['place'], $at['count']], $whole['places']));
        self::assertSame($whole['costEach'], $cut['costEach'] + $offcut['costEach']);
        $this->assertRefused(
            422,
            'less than its whole 4 ft, not to 5 ft.',
            $this->call('POST', $this->home() . "/pieces/{$id}/cut", ['length' => '5 ft', 'place' => $tote]),
            'length',
        );
    }

    public function testOfARollWhatIsUsedUpIsGoneAndTheRestIsAPartRoll(): void
    {
        $roll = $this->call(
            'POST',
            $this->home() . '/intake',
            ['line' => '2 rolls ember ribbon, 2 1/2 in wide, 10 yd, $9 each', 'otherwise' => '', 'colours' => []],
        );
        self::assertSame([201, 360 * 254, 4 * 254], [$this->code(), $roll['laidOut'], $roll['width']]);
        [$whole, $left] = $this->call(
            'POST',
            $this->home() . "/pieces/{$roll['id']}/cut",
            ['length' => '12 ft', 'place' => 'loose', 'isUsedUp' => true],
        )['pieces'];

        self::assertSame([['loose', 1], ['parted', 1]], array_map(static fn(array $at): array => [$at['place'], $at['count']], $whole['places']));
        self::assertSame(['Ember ribbon, part roll 18 ft', 216 * 254, 540], [$left['name'], $left['laidOut'], $left['costEach']]);
        [, $cut, $rest] = $this->call('POST', $this->home() . "/pieces/{$left['id']}/cut", ['length' => '100 in', 'place' => 'loose'])['pieces'];
        self::assertSame([540, 216 * 254], [$cut['costEach'] + $rest['costEach'], $cut['laidOut'] + $rest['laidOut']]);
        $this->assertRefused(
            422,
            'less than its whole 9 ft 8 in, not to 9 ft 8 in.',
            $this->call('POST', $this->home() . "/pieces/{$rest['id']}/cut", ['length' => '116 in', 'place' => 'loose']),
            'length',
        );
    }

    public function testAPieceShowsItsOtherFaceAndTurnsBack(): void
    {
        $path = $this->home() . '/pieces/' . $this->id('piece', 'Hall crock') . '/face';
        $turned = $this->call('PUT', $path, ['face' => 'plain side']);
        self::assertCount(1, $turned['colours']);
        self::assertCount(2, $this->call('PUT', $path, ['face' => 'as it was'])['colours']);

        $this->assertRefused(422, 'Hall crock has no face “inside out”.', $this->call('PUT', $path, ['face' => 'inside out']), 'face');
    }

    public function testWhatComesBackIsTakenOffTheLoan(): void
    {
        $path = $this->home() . '/pieces/' . $this->id('piece', 'Soot bud vase') . '/moves';
        $tote = 'tote:' . $this->id('tote', 'C4');
        $this->call('POST', $path, ['count' => 3, 'from' => $tote, 'to' => 'lent', 'lentTo' => 'Wren', 'lentUntil' => '2027-01-06']);
        $piece = $this->call('POST', $path, ['count' => 2, 'from' => 'lent', 'to' => $tote]);

        self::assertSame('1 to Wren, due 6 Jan 2027', array_column($piece['places'], 'note', 'place')['lent']);
        $this->assertRefused(
            422,
            '“soon” is not a day.',
            $this->call('POST', $path, ['count' => 1, 'from' => $tote, 'to' => 'lent', 'lentTo' => '', 'lentUntil' => 'soon']),
            'lentUntil',
        );
    }

    public function testTheLedgerNamesRegretsDoublesAndBrokenSets(): void
    {
        $this->call(
            'POST',
            $this->home() . '/intake',
            ['line' => '"Grey heron" heron 19 in, 9 in wide, wood, tallow', 'otherwise' => '', 'colours' => [['hex' => '#F0E7D4', 'percent' => 100]]],
        );
        $this->db()->executeStatement("UPDATE piece SET finish = 'plain' WHERE name = 'Grey heron'");
        $ledger = $this->call('GET', $this->home() . '/ledger');

        self::assertContains(['bone service', 8, 6], array_map(static fn(array $set): array => [$set['name'], $set['of'], $set['have']], $ledger['broken']));
        self::assertContains('the same kind, size and colour', array_column($ledger['doubles'], 'reason'));
        self::assertGreaterThan($ledger['cost'], $ledger['replacement']);
        foreach ($ledger['regrets'] as $one) {
            self::assertGreaterThanOrEqual(2000, $one['costEach']);
            self::assertLessThanOrEqual(1, $one['worn']);
        }
        self::assertSame(array_column($ledger['broken'], 'name'), array_column($this->call('GET', $this->home() . '/broken-sets')['sets'], 'name'));
    }

    public function testTheTableSaysHowSureItIsAndWhatADecisionWouldChange(): void
    {
        $table = $this->call('GET', $this->swap() . '/table');
        self::assertEqualsCanonicalizing(['sure', 'likely', 'unsure'], array_values(array_unique(array_column($table['rows'], 'confidence'))));
        $jug = array_column($table['rows'], null, 'piece')[$this->id('piece', 'Juniper bunch')];
        self::assertIsString($jug['reason']);
        $said = array_column(
            $this->call('GET', $this->swap() . '/pieces/' . $this->id('piece', 'Arch mirror') . '/consequences')['choices'],
            'sentences',
            'choice',
        );

        self::assertSame(['stay', 'move', 'bring', 'rest', 'part'], array_keys($said));
        self::assertStringContainsString('Hall console loses its tallest', implode(' ', $said['rest']));
        self::assertSame([], $this->call('GET', $this->swap() . '/table/guards')['guards']);
        $this->decide('Iron tapers', 'rest', false);
        $this->decide('Ember stocking', 'bring');
        $this->decide('Juniper stocking', 'rest');
        self::assertStringContainsString(
            'The set “four stockings” would be torn apart',
            implode(' ', array_column($this->call('GET', $this->swap() . '/table/guards')['guards'], 'sentence')),
        );
    }

    private function decide(string $piece, string $choice, bool $isTaken = true): void
    {
        $this->call('PUT', $this->swap() . '/decisions', ['decisions' => [['piece' => $this->id('piece', $piece), 'choice' => $choice, 'version' => 0]]]);
        self::assertSame($isTaken, 200 === $this->code(), $this->text());
    }

    /** @return array{int, int} units lost, and in a tote */
    private function lostAndHere(string $name, string $tote): array
    {
        $at = fn(string $place): int => (int) $this->db()->fetchOne(
            'SELECT COALESCE(SUM(count), 0) FROM standing WHERE piece_id = ? AND place = ?',
            [$this->id('piece', $name), $place],
        );

        return [$at('lost'), $at('tote:' . $this->id('tote', $tote))];
    }

    private function heightOf(string $id): int
    {
        return (int) $this->db()->fetchOne('SELECT height FROM piece WHERE id = ?', [$id]);
    }
}
