<?php

declare(strict_types=1);

namespace App\Tests;

use App\Tests\Support\AppTestCase;

/** Many lines at once: each judged, taken in as one act, and what was assumed is known of each piece afterwards. */
final class PastedLinesTest extends AppTestCase
{
    private const NOTE = "From the hall cupboard\nA2:\n- 2 brass candlesticks 9 in\n- owl\n• 3 grey jugs 8 in, \$20\n\nC4:\n1) wool blanket, "
        . "dusty blue, 50 x 60";

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    public function testEveryLineIsJudgedAndAHeadingSaysWhereTheyLie(): void
    {
        $read = $this->call('POST', $this->home() . '/intake/readings', ['text' => self::NOTE]);

        self::assertSame(
            ['From the hall cupboard', '2 brass candlesticks 9 in', 'owl', '3 grey jugs 8 in, $20', 'wool blanket, dusty blue, 50 x 60'],
            array_column($read['lines'], 'line'),
        );
        self::assertSame(
            [['kind'], [], [], ['costEach'], []],
            array_map(static fn(array $one): array => array_column($one['reading']['questions'], 'field'), $read['lines']),
        );
        self::assertSame(['size', 'colours'], array_column($read['lines'][2]['reading']['assumed'], 'field'));
        self::assertSame(
            [null, 'tote:' . $this->id('tote', 'A2'), 'tote:' . $this->id('tote', 'C4')],
            [$read['lines'][0]['under'], $read['lines'][1]['under'], $read['lines'][4]['under']],
        );
    }

    public function testWhatWasSaidInThePluralIsCountedAsOneFoundAgainAndCounted(): void
    {
        $taken = $this->call('POST', $this->home() . '/intake/lines', ['lines' => [['line' => 'felt stockings 16 in, plum', 'otherwise' => '']]]);
        $piece = $taken['pieces'][0];
        self::assertSame([1, ['count']], [$piece['count'], $piece['assumed']]);
        $found = fn(): array => array_column($this->call('GET', $this->home() . '/search?q=not%20counted')['found'], 'piece');
        self::assertSame([$piece['id']], $found(), $this->text());
        $input = [
            'width' => '8', 'depth' => '2', 'height' => '16', 'weight' => '', 'costEach' => '', 'replacementEach' => '', 'cameOn' => '',
            'laidOut' => '', 'place' => 'loose', 'assumed' => [], 'count' => 3,
        ] + $piece;
        $this->call('PUT', $this->home() . '/pieces/' . $piece['id'], array_diff_key($input, array_flip(['id', 'photoAt', 'places', 'worn', 'idle'])));
        self::assertSame(200, $this->code(), $this->text());
        self::assertSame([], $found());
    }

    public function testAllAreTakenInAsOneActAndUndoneAsOne(): void
    {
        $units = array_sum($this->unitsByPiece());
        $at = 'tote:' . $this->id('tote', 'A2');
        $taken = $this->call(
            'POST',
            $this->home() . '/intake/lines',
            ['lines' => [['line' => '2 brass candlesticks 9 in', 'otherwise' => $at], ['line' => 'owl', 'otherwise' => '']]],
        );

        self::assertSame(
            [201, [2, 1], [$at, 'loose'], [[], ['size', 'colour']]],
            [
                $this->code(),
                array_column($taken['pieces'], 'count'),
                array_map(static fn(array $piece): string => $piece['places'][0]['place'], $taken['pieces']),
                array_column($taken['pieces'], 'assumed'),
            ],
        );
        self::assertSame($units + 3, array_sum($this->unitsByPiece()));
        $this->undo();

        self::assertSame($units, array_sum($this->unitsByPiece()));
    }

    public function testWithAQuestionLeftNoneIsTaken(): void
    {
        $units = array_sum($this->unitsByPiece());
        $problem = $this->call(
            'POST',
            $this->home() . '/intake/lines',
            ['lines' => [['line' => 'owl', 'otherwise' => ''], ['line' => '3 grey jugs 8 in, $20', 'otherwise' => '']]],
        );

        $this->assertRefused(422, '“3 grey jugs 8 in, $20”: Is $20 for one, or for all 3?', $problem, 'lines[1]');
        self::assertSame($units, array_sum($this->unitsByPiece()));
    }

    public function testWhatIsMeasuredIsAssumedNoMore(): void
    {
        $piece = $this->call('POST', $this->home() . '/intake', ['line' => 'owl', 'otherwise' => '', 'colours' => []]);
        $found = fn(): array => array_column(
            array_filter(
                $this->call('GET', $this->home() . '/search?q=' . rawurlencode('owl not measured'))['found'],
                static fn(array $one): bool => [] === $one['misses'],
            ),
            'piece',
        );
        self::assertSame([$piece['id']], $found(), $this->text());
        $input = [
            'width' => '4', 'depth' => '4', 'height' => '9', 'weight' => '', 'costEach' => '', 'replacementEach' => '', 'cameOn' => '',
            'laidOut' => '', 'place' => '', 'assumed' => ['colour'],
        ] + $piece;
        $changed = $this->call(
            'PUT',
            $this->home() . '/pieces/' . $piece['id'],
            array_diff_key($input, array_flip(['id', 'photoAt', 'places', 'worn', 'idle'])),
        );

        self::assertSame([200, ['colour']], [$this->code(), $changed['assumed'] ?? $this->text()]);
        self::assertSame([], $found(), $this->text());
    }
}
