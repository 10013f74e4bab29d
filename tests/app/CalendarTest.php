<?php

declare(strict_types=1);

namespace App\Tests;

use App\Tests\Support\AppTestCase;
use BrightCupboard\Core\Calendar\Easter;
use BrightCupboard\Tests\Core\Support\Reference;
use Sabre\VObject\Reader;

/** The calendar of a home over HTTP: its year, its feasts, its private address, its care. */
final class CalendarTest extends AppTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    public function testAYearHoldsSeasonsFeastsAndWhatTheSwapAsksFor(): void
    {
        $today = $this->call('GET', $this->home() . '/calendar')['today'];
        $swapDay = (string) $this->db()->fetchOne('SELECT swap_day FROM swap WHERE id = ?', [basename($this->swap())]);
        $year = $this->call('GET', $this->home() . '/calendar?year=' . substr($swapDay, 0, 4));
        $days = array_column($year['items'], 'day', 'title');

        self::assertSame(Easter::sunday($year['year'])->format('Y-m-d'), $days['Easter Sunday']);
        self::assertSame($swapDay, $days['Swap day of Midwinter']);
        self::assertSame((new \DateTimeImmutable($swapDay))->modify('-14 days')->format('Y-m-d'), $days['Midwinter: order by']);
        self::assertArrayHasKey('Clearance after Christmas Day', $days);
        self::assertContains('Spring', array_keys($days));
        foreach ($year['next'] as $item) {
            self::assertGreaterThanOrEqual($today, $item['day']);
        }
    }

    public function testFeastsAreWrittenAsPeopleSayThemAndTakenBack(): void
    {
        $this->keep("Tree day: 24 Dec\nHarvest supper: last Sunday of September, sale after");
        self::assertSame(200, $this->code(), $this->text());
        $feasts = array_column(
            array_filter(
                $this->call('GET', $this->home() . '/calendar?year=2030')['items'],
                static fn(array $item): bool => 'feast' === $item['kind'] && str_starts_with($item['day'], '2030'),
            ),
            'day',
            'title',
        );
        self::assertSame(['Harvest supper' => '2030-09-29', 'Tree day' => '2030-12-24'], $feasts);

        $this->assertRefused(422, '“Tree day 24 Dec” is not understood.', $this->keep('Tree day 24 Dec'), 'feasts');
        $this->undo();
        self::assertStringContainsString('Twelfth Night', $this->call('GET', $this->home() . '/calendar')['feasts']);
    }

    public function testOnTheOtherHalfOfTheEarthWinterBeginsInJune(): void
    {
        $this->keep('', 'south');
        $winter = array_values(array_filter(
            $this->call('GET', $this->home() . '/calendar?year=2030')['items'],
            static fn(array $item): bool => 'Winter' === $item['title'],
        ));

        self::assertStringStartsWith('2030-06-2', $winter[0]['day']);
    }

    public function testTheFileIsValidAndReadByAnotherProgram(): void
    {
        $this->keep("Bo’s “day”, with; signs: 24 Dec\nEaster: Easter");
        $this->browser->request('GET', $this->home() . '/calendar.ics');
        $text = $this->text();

        self::assertSame([], array_map(static fn(array $fault): string => $fault['message'], Reader::read($text)->validate()));
        $read = Reference::ask(__DIR__ . '/calendar.mjs', [$text]);
        $byTitle = array_column($read, 1, 0);
        self::assertArrayHasKey('Bo’s “day”, with; signs', $byTitle, 'signs of the format are escaped');
        self::assertSame(
            (string) $this->db()->fetchOne('SELECT swap_day FROM swap WHERE id = ?', [basename($this->swap())]),
            $byTitle['Swap day of Midwinter'],
        );
        foreach ($read as [$title, $start, $end, $isDate]) {
            self::assertTrue($isDate, $title);
            self::assertGreaterThan($start, $end, $title);
        }
        self::assertSame(
            \count($read),
            \count(array_unique(array_map(static fn($event): string => (string) $event->UID, iterator_to_array(Reader::read($text)->VEVENT ?? [], false)))),
        );
    }

    public function testThePrivateAddressIsReadWithoutSigningInAndDeadOnceRenewed(): void
    {
        $first = $this->call('POST', $this->home() . '/calendar/feed')['feed'];
        $this->browser->getCookieJar()->clear();
        $this->browser->request('GET', $first);
        self::assertSame(200, $this->code());
        self::assertStringStartsWith('BEGIN:VCALENDAR', $this->text());
        $this->browser->request('GET', '/feeds/' . str_repeat('0', 40) . '.ics');
        self::assertSame(404, $this->code());

        $this->signIn();
        $second = $this->call('POST', $this->home() . '/calendar/feed')['feed'];
        self::assertNotSame($first, $second);
        $this->browser->request('GET', $first);
        self::assertSame(404, $this->code());
        self::assertSame(
            0,
            (int) $this->db()->fetchOne("SELECT COUNT(*) FROM journal_entry WHERE changes LIKE ?", ['%' . substr($second, 7, 40) . '%']),
            'the key is in no journal',
        );
    }

    public function testAHelperSeesTheCalendarAndTicksCareButWritesNoFeasts(): void
    {
        $piece = $this->livePiece();
        $care = fn(): array => array_values(array_filter(
            $this->call('GET', $this->home() . '/calendar')['care'],
            static fn(array $one): bool => $one['piece'] === $piece && 'water' === $one['job'],
        ));
        self::assertTrue($care()[0]['isDue'], 'it has stood for longer than its days');

        $this->signIn(self::HELPER);
        $this->call('PUT', $this->home() . '/care', ['piece' => $piece, 'job' => 'water']);
        self::assertSame(204, $this->code(), $this->text());
        self::assertSame([false, 3], [$care()[0]['isDue'], $care()[0]['everyDays']]);
        $this->keep('Tree day: 24 Dec');
        self::assertSame(403, $this->code());
        $this->call('PUT', $this->home() . '/care', ['piece' => '01HX0000000000000000000000', 'job' => 'water']);
        self::assertSame(422, $this->code());
        $this->undo();
        self::assertTrue($care()[0]['isDue'], 'a tick is taken back like any act');
    }

    public function testASwapIsStruckAfterItsDay(): void
    {
        $swap = $this->db()->fetchAssociative('SELECT swap_day, version FROM swap WHERE id = ?', [basename($this->swap())]);
        self::assertIsArray($swap);
        $day = $swap['swap_day'];
        $body = [
            'name' => 'Midwinter', 'season' => 'winter', 'swapDay' => $day, 'budget' => '', 'giftCard' => '', 'look' => '',
            'version' => $swap['version'], 'strikeOn' => $day,
        ];
        $this->assertRefused(422, 'It is struck after its swap day.', $this->call('PUT', $this->swap(), $body), 'strikeOn');
        $struck = (new \DateTimeImmutable((string) $day))->modify('+30 days')->format('Y-m-d');
        $this->call('PUT', $this->swap(), [...$body, 'strikeOn' => $struck]);

        self::assertContains('Strike Midwinter', array_column($this->call('GET', $this->home() . '/calendar?year=' . substr($struck, 0, 4))['items'], 'title'));
    }

    /** The heron becomes a plant that drinks every three days and has stood for a month. */
    private function livePiece(): string
    {
        $id = $this->id('piece', 'Heron');
        $this->db()->executeStatement(
            "UPDATE piece SET kind = 'pot plant', materials = '[\"fresh greenery\"]', care = 'water every 3 days' WHERE id = ?",
            [$id],
        );
        $this->db()->executeStatement("UPDATE movement SET at = datetime(at, '-40 days') WHERE piece_id = ?", [$id]);

        return $id;
    }

    /** @return array<mixed> */
    private function keep(string $feasts, string $hemisphere = 'north'): array
    {
        $version = $this->call('GET', $this->home() . '/calendar')['version'];

        return $this->call('PUT', $this->home() . '/calendar', ['feasts' => $feasts, 'hemisphere' => $hemisphere, 'version' => $version]);
    }
}
