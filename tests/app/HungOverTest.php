<?php

declare(strict_types=1);

namespace App\Tests;

use App\Migrations\Version20261217000000;
use App\Tests\Support\AppTestCase;
use Doctrine\DBAL\Schema\Schema;
use Psr\Log\NullLogger;

/** What hangs over a mantel or console, over HTTP: asked to hang it finds its place, keeps its side, goes back with one Undo. */
final class HungOverTest extends AppTestCase
{
    private const HUNG = ['posture' => 'hangs', 'left' => null];

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    public function testAMirrorThatHangsIsLeantHungAgainAndTakenBack(): void
    {
        $hung = $this->placed('Hall console', 'Arch mirror');
        self::assertSame(['hangs', true, ['leans', 'hangs']], [$hung['posture'], $hung['isOnWall'], $hung['ways']]);

        $leant = $this->put($hung, ['posture' => 'leans', 'left' => null]);
        self::assertSame(['leans', false, 0], [$leant['posture'], $leant['isOnWall'], $leant['raise']]);
        $again = $this->put($leant, self::HUNG);
        self::assertSame(['hangs', 6 * 254, 13 * 254], [$again['posture'], $again['raise'], $again['left']], '28 in under 34 in clear, in the middle of 44');
        $this->undo();
        self::assertSame([$leant['left'], 0], [$this->placed('Hall console', 'Arch mirror')['left'], $this->placed('Hall console', 'Arch mirror')['raise']]);
        $this->undo();
        self::assertSame('hangs', $this->placed('Hall console', 'Arch mirror')['posture']);
    }

    public function testTheDaySheetSaysHowHighItHangsAndIsOutOfDateWhenThatChanges(): void
    {
        $steps = fn(): array => array_merge(...array_column($this->call('POST', $this->swap() . '/day', ['people' => 2])['tasks'], 'steps'));
        self::assertContains('Juniper wreath hung, its lower edge 49 in from the floor', $steps());
        $wreath = $this->placed('Front door', 'Juniper wreath');
        $this->put($wreath, ['raise' => 48 * 254], 'Front door');

        self::assertTrue($this->call('GET', $this->swap() . '/day')['isStale']);
        self::assertContains('Juniper wreath hung, its lower edge 48 in from the floor', $steps());
    }

    public function testTooLowOverTheConsoleTheCoachSaysHowMuch(): void
    {
        $hung = $this->put($this->placed('Hall console', 'Arch mirror'), ['posture' => 'hangs', 'left' => 4000, 'raise' => 2 * 254]);
        $findings = array_column($this->dressing('Hall console')['findings'], null, 'code');

        self::assertSame(2 * 254, $hung['raise']);
        self::assertSame('Hang it 4 in higher.', $findings['hang.height']['reason']);
    }

    public function testWhatCannotHangIsPutWhereItGoesAndTheCoachSaysSo(): void
    {
        $this->call('POST', $this->swap() . '/placements', [
            'piece' => $this->id('piece', 'Candle box'),
            'spot' => $this->id('spot', 'Hall console'),
            'count' => 1,
            'layer' => null,
            'raise' => 0,
            ...self::HUNG,
        ]);
        self::assertSame(201, $this->code(), $this->text());
        $findings = array_column($this->dressing('Hall console')['findings'], null, 'code');

        self::assertStringContainsString('does not go here', $findings['posture']['reason']);
    }

    public function testAWreathThatLeantByHabitGoesOnLeaning(): void
    {
        $wreath = (string) $this->db()->fetchOne("SELECT id FROM piece WHERE kind = 'wreath' LIMIT 1");
        $elsewhere = $this->id('piece', 'Brass cone');
        $place = [
            'id' => '01JBCDEFGHJKMNPQRSTVWXYZ01',
            'swap_id' => basename($this->swap()),
            'piece_id' => $wreath,
            'spot_id' => $this->id('spot', 'Stove shelf'),
            'left_edge' => 0,
            'layer' => 'back',
            '"raise"' => 0,
            'count' => 1,
        ];
        $this->db()->insert('placement', $place);
        $this->db()->insert('spot_version', [
            'id' => '01JBCDEFGHJKMNPQRSTVWXYZ02', 'swap_id' => $place['swap_id'], 'spot_id' => $place['spot_id'], 'label' => 'F',
            'places' => json_encode([['piece' => $elsewhere, 'left' => 7, 'posture' => null], ['piece' => $wreath, 'left' => 9, 'posture' => null]]),
        ]);
        $migration = new Version20261217000000($this->db(), new NullLogger());
        $migration->up(new Schema());
        foreach ($migration->getSql() as $query) {
            $this->db()->executeStatement($query->getStatement());
        }

        self::assertSame('leans', $this->db()->fetchOne('SELECT posture FROM placement WHERE id = ?', [$place['id']]));
        self::assertSame(
            [['piece' => $elsewhere, 'left' => 7, 'posture' => null], ['piece' => $wreath, 'left' => 9, 'posture' => 'leans']],
            json_decode((string) $this->db()->fetchOne("SELECT places FROM spot_version WHERE id = '01JBCDEFGHJKMNPQRSTVWXYZ02'"), true),
        );
        self::assertGreaterThan(0, (int) $this->db()->fetchOne('SELECT COUNT(*) FROM placement WHERE posture IS NULL'), 'all else goes by habit as before');
    }

    /**
     * @param array<mixed> $placement
     * @param array<mixed> $change
     *
     * @return array<mixed> how it is placed then
     */
    private function put(array $placement, array $change, string $spot = 'Hall console'): array
    {
        $body = array_intersect_key($placement, array_flip(['piece', 'count', 'left', 'layer', 'raise', 'tier', 'dips', 'face', 'version']));
        $spot = $this->id('spot', $spot);
        $after = $this->call('PUT', $this->swap() . "/placements/{$placement['id']}", [...$body, 'spot' => $spot, ...$change]);
        self::assertSame(200, $this->code(), $this->text());

        return array_column($after['placements'], null, 'id')[$placement['id']];
    }

    /** @return array<mixed> */
    private function placed(string $spot, string $piece): array
    {
        return array_column($this->dressing($spot)['placements'], null, 'piece')[$this->id('piece', $piece)];
    }

    /** @return array<mixed> */
    private function dressing(string $spot): array
    {
        return $this->call('GET', $this->swap() . '/spots/' . $this->id('spot', $spot));
    }
}
