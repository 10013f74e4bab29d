<?php

declare(strict_types=1);

namespace App\Tests;

use App\Tests\Support\AppTestCase;

/** What a garland goes round and over, by HTTP: from the line that names it to the sheet that says how it goes. */
final class RoundAndOverTest extends AppTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    public function testAPostIsTakenInWoundMovedAndSaidOnTheSheet(): void
    {
        $taken = $this->call('POST', $this->home() . '/house/lines', ['line' => 'front porch: post 8 ft, 6 in thick', 'room' => '']);
        self::assertSame(201, $this->code(), $this->text());
        $spot = $taken['spot'];
        self::assertSame(['post', 'run', 96 * 254, 6 * 254, ['weather']], [$spot['kind'], $spot['form'], $spot['width'], $spot['depth'], $spot['hazards']]);

        $this->call('POST', $this->home() . '/intake/lines', ['lines' => [['line' => 'cedar garland 9 ft', 'otherwise' => '']]]);
        self::assertSame(201, $this->code(), $this->text());
        $path = $this->swap() . '/spots/' . $spot['id'];
        $body = ['piece' => $this->id('piece', 'Cedar garland'), 'spot' => $spot['id'], 'count' => 1, 'left' => null, 'layer' => null, 'raise' => 0];
        $this->call('POST', $this->swap() . '/placements', $body);
        self::assertSame(201, $this->code(), $this->text());
        $wound = $this->call('GET', $path)['placements'][0];
        self::assertSame(['drapes', 0, 3, 0], [$wound['posture'], $wound['left'], $wound['dips'], $wound['drop']]);

        $more = ['left' => 254, 'layer' => 'middle', 'dips' => 4, 'version' => $wound['version']] + $body;
        $this->call('PUT', $this->swap() . '/placements/' . $wound['id'], $more);
        self::assertSame(200, $this->code(), $this->text());
        $closer = $this->call('GET', $path)['placements'][0];
        self::assertSame([254, 4], [$closer['left'], $closer['dips']]);
        self::assertLessThan($wound['width'], $closer['width']);

        $steps = array_merge(...array_column($this->call('POST', $this->swap() . '/day', ['people' => 1])['tasks'], 'steps'));
        self::assertContains('Cedar garland wound round in 4 turns, up to 78 3/8 in', $steps);
        $sums = $this->call('GET', $this->home() . '/sums?spot=' . $spot['id'])['sums'];
        $fields = array_column($sums[0]['asks'], null, 'name');
        self::assertSame(['garland', 'post', '8 ft', '6 in'], [
            $sums[0]['sum'], $fields['shape']['text'], $fields['run']['text'], $fields['around']['text'],
        ]);
    }

    /** What is longer than a tree is wide goes round it, and is put where it was offered. */
    public function testAllThatIsOfferedForATreeIsTakenThere(): void
    {
        $spot = $this->call('POST', $this->home() . '/house/lines', ['line' => 'front porch: tree 6 ft', 'room' => ''])['spot'];
        $lines = ['fir tree 5 ft slim', 'string lights 33 ft, white', 'cedar garland 9 ft'];
        $taken = array_map(static fn(string $line): array => ['line' => $line, 'otherwise' => ''], $lines);
        $this->call('POST', $this->home() . '/intake/lines', ['lines' => $taken]);
        self::assertSame(201, $this->code(), $this->text());
        $ids = array_map(fn(string $name): string => $this->id('piece', $name), ['String lights', 'Cedar garland']);
        $asked = array_flip(['piece', 'left', 'layer', 'raise', 'tier', 'posture']);
        for ($put = []; [] !== array_diff($ids, $put) && \count($put) < 12;) {
            $offered = $this->call('GET', $this->swap() . '/spots/' . $spot['id'] . '/candidates')['candidates'];
            $new = array_values(array_filter($offered, static fn(array $one): bool => [] === $put || \in_array($one['piece'], array_diff($ids, $put), true)));
            $one = $new[0] ?? $offered[0];
            $this->call('POST', $this->swap() . '/placements', ['spot' => $spot['id'], 'count' => 1] + array_intersect_key($one, $asked));
            self::assertSame(201, $this->code(), $this->text());
            $put[] = $one['piece'];
        }
        self::assertSame([], array_diff($ids, $put));
        $steps = array_merge(...array_column($this->call('POST', $this->swap() . '/day', ['people' => 1])['tasks'], 'steps'));
        self::assertContains('String lights round the tree', $steps);
    }

    public function testLightsOverADoorwayAreWovenAndBowsGoToItsCorners(): void
    {
        $spot = $this->call('POST', $this->home() . '/house/lines', ['line' => 'front porch: door frame 40 x 82', 'room' => ''])['spot'];
        self::assertSame(['doorway', 'run', 40 * 254, 82 * 254], [$spot['kind'], $spot['form'], $spot['width'], $spot['clearHeight']]);
        $lines = ['cedar garland 12 ft', 'string lights 25 ft, white', '3 plastic bows 8 in, red'];
        $taken = array_map(static fn(string $line): array => ['line' => $line, 'otherwise' => ''], $lines);
        $this->call('POST', $this->home() . '/intake/lines', ['lines' => $taken]);
        self::assertSame(201, $this->code(), $this->text());
        $places = [];
        foreach (['Cedar garland', 'String lights', 'Plastic bow', 'Plastic bow', 'Plastic bow'] as $name) {
            $body = ['piece' => $this->id('piece', $name), 'spot' => $spot['id'], 'count' => 1, 'left' => null, 'layer' => null, 'raise' => 0];
            $this->call('POST', $this->swap() . '/placements', $body);
            self::assertSame(201, $this->code(), $this->text());
        }
        $dressing = $this->call('GET', $this->swap() . '/spots/' . $spot['id']);
        foreach ($dressing['placements'] as $one) {
            $places[] = [$one['posture'], intdiv($one['left'], 254), intdiv($one['width'], 254)];
        }
        sort($places);

        self::assertSame([['drapes', -52, 144], ['trims', -82, 204], ['trims', -4, 8], ['trims', 16, 8], ['trims', 36, 8]], $places);
        self::assertSame([], array_values(array_filter($dressing['findings'], static fn(array $one): bool => 'fix' === $one['verdict'])));
        $steps = array_merge(...array_column($this->call('POST', $this->swap() . '/day', ['people' => 1])['tasks'], 'steps'));
        self::assertContains('String lights woven to and fro', $steps);
    }
}
