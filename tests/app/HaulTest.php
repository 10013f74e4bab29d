<?php

declare(strict_types=1);

namespace App\Tests;

use App\Tests\Support\AppTestCase;
use PHPUnit\Framework\Attributes\DataProvider;

/** The life of a line: priced, wanted, ordered, got, returned or dropped; the purse follows to the cent, the stock to the unit. */
final class HaulTest extends AppTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    /** @return iterable<string, array{array<string, mixed>, int, int, int}> change, packs, spare, total in cents; worked by hand */
    public static function prices(): iterable
    {
        yield 'five of a pack of three' => [['packPrice' => '9.00', 'packSize' => 3, 'needed' => 5], 2, 1, 1800];
        yield 'a fifth off, 7.99 and 7.99 less 20 % is 12.784' => [
            ['packPrice' => '7.99', 'packSize' => 1, 'needed' => 2, 'offer' => 'percent', 'offerValue' => '20'],
            2,
            0,
            1278,
        ];
        yield 'three for two' => [['packPrice' => '4.50', 'needed' => 4, 'offer' => 'deal', 'offerValue' => '3', 'offerPayFor' => 2], 4, 0, 1350];
        yield 'two off each pack' => [['packPrice' => '4.50', 'needed' => 2, 'offer' => 'fixed', 'offerValue' => '2.00'], 2, 0, 500];
        yield 'nothing to pay for what is borrowed' => [['way' => 'borrow', 'packPrice' => '', 'needed' => 3], 3, 0, 0];
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('prices')]
    public function testALineIsPricedBeforeItIsWrittenAndTheSameAfter(array $change, int $packs, int $spare, int $total): void
    {
        $preview = $this->call('POST', $this->swap() . '/line-preview', $this->line($change));
        self::assertSame(200, $this->code(), $this->text());
        $line = $this->call('POST', $this->swap() . '/lines', $this->line($change));

        self::assertSame([$packs, $spare, $total], [$preview['packs'], $preview['spare'], $preview['total']]);
        self::assertSame([$packs, $spare, $total], [$line['packs'], $line['spare'], $line['total']]);
    }

    public function testThePurseFollowsALineFromWantedToReturned(): void
    {
        $start = $this->purse();
        $line = $this->call('POST', $this->swap() . '/lines', $this->line(['packPrice' => '12.34']));
        $this->assertMoved($start, planned: 1234);
        $line = $this->advance($line, 'ordered');
        $this->assertMoved($start, committed: 1234);
        $line = $this->advance($line, 'got');
        $this->assertMoved($start, spent: 1234);
        $line = $this->advance($line, 'returned');
        $this->assertMoved($start);
        self::assertSame('returned', $line['state']);
        self::assertSame(
            [['place' => 'parted', 'count' => 1]],
            $this->db()->fetchAllAssociative('SELECT place, count FROM standing WHERE piece_id = ? AND count > 0', [$line['becamePiece']]),
            'what was returned has left the house, and the books know where to',
        );
    }

    public function testADroppedLineCostsNothingAndCanBeWantedAgain(): void
    {
        $start = $this->purse();
        $line = $this->advance($this->call('POST', $this->swap() . '/lines', $this->line([])), 'dropped');
        $this->assertMoved($start);
        $this->advance($line, 'wanted');
        $this->assertMoved($start, planned: 900);
    }

    public function testAGiftCardPaysApartFromTheBudget(): void
    {
        $start = $this->purse();
        $this->call('POST', $this->swap() . '/lines', $this->line(['packPrice' => '5.00', 'tender' => 'gift card']));
        $this->assertMoved($start);
        self::assertSame($start['cardFree'] - 500, $this->purse()['cardFree']);
    }

    public function testAnOldCopyOfALineIsNotWrittenOverANewerOne(): void
    {
        $line = $this->call('POST', $this->swap() . '/lines', $this->line([]));
        $this->advance($line, 'ordered');
        $problem = $this->call('PUT', $this->home() . "/lines/{$line['id']}/state", ['state' => 'dropped', 'version' => $line['version']]);

        self::assertSame(409, $this->code());
        self::assertStringContainsString('changed', $problem['detail']);
        self::assertSame('ordered', $this->db()->fetchOne('SELECT state FROM haul_line WHERE id = ?', [$line['id']]));
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> change, field, sentence */
    public static function mistakes(): iterable
    {
        yield 'no name' => [['name' => '  '], 'name', ''];
        yield 'a price in words' => [['packPrice' => 'a few'], 'packPrice', 'a few'];
        yield 'a negative price' => [['packPrice' => '-3'], 'packPrice', 'negative'];
        yield 'nothing needed' => [['needed' => 0], 'needed', ''];
        yield 'more than all off' => [['offer' => 'percent', 'offerValue' => '120'], 'offerValue', ''];
        yield 'no height' => [['height' => 'tall'], 'height', 'tall'];
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('mistakes')]
    public function testAMistakeIsNamedAtItsFieldAndNothingIsWritten(array $change, string $field, string $sentence): void
    {
        $before = $this->purse();
        $problem = $this->call('POST', $this->swap() . '/lines', $this->line($change));

        $this->assertRefused(422, $sentence, $problem, $field);
        self::assertSame($before, $this->purse());
    }

    /** @return array<mixed> */
    private function purse(): array
    {
        return $this->call('GET', $this->swap() . '/haul')['purse'];
    }

    /** @param array<mixed> $start */
    private function assertMoved(array $start, int $planned = 0, int $committed = 0, int $spent = 0): void
    {
        $now = $this->purse();
        self::assertSame(
            [$planned, $committed, $spent],
            [$now['planned'] - $start['planned'], $now['committed'] - $start['committed'], $now['spent'] - $start['spent']],
        );
        self::assertSame($now['budget'], $now['spent'] + $now['committed'] + $now['planned'] + $now['free'], 'the parts are the whole');
    }

    /**
     * @param array<mixed> $line
     *
     * @return array<mixed>
     */
    private function advance(array $line, string $state): array
    {
        $now = $this->call('PUT', $this->home() . "/lines/{$line['id']}/state", ['state' => $state, 'version' => $line['version']]);
        self::assertSame(200, $this->code(), $this->text());

        return $now;
    }

    /**
     * @param array<string, mixed> $change
     *
     * @return array<string, mixed>
     */
    private function line(array $change): array
    {
        return $change + [
            'need' => null, 'name' => 'Tall vase', 'way' => 'buy', 'kind' => 'vase', 'width' => '6 in', 'height' => '14 in',
            'colour' => '#B08D47', 'packPrice' => '9.00', 'offer' => 'none', 'offerValue' => '0', 'offerPayFor' => 0, 'packSize' => 1,
            'needed' => 1, 'tender' => 'purse',
        ];
    }
}
