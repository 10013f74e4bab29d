<?php

declare(strict_types=1);

namespace App\Tests;

use App\Tests\Support\AppTestCase;
use PHPUnit\Framework\Attributes\TestWith;

/** Who may do what with the sums, and what comes with a home that moves. */
final class WorkbenchAccessTest extends AppTestCase
{
    public function testAHelperReckonsAndNotesWhatWasUsedButKeepsNothing(): void
    {
        $kept = $this->id('kept_sum', 'Stove shelf garland');
        $this->signIn(self::HELPER);
        $this->call('POST', $this->home() . '/sums/garland/answer', ['values' => [['name' => 'run', 'text' => '9 ft']]]);
        self::assertSame(200, $this->code(), $this->text());
        $this->call('PUT', $this->home() . "/kept-sums/{$kept}/used", ['used' => '7 ft']);
        self::assertSame(200, $this->code(), $this->text());

        foreach ([
            ['POST', '/kept-sums', ['name' => 'Mine', 'sum' => 'garland', 'values' => []]],
            ['DELETE', "/kept-sums/{$kept}", null],
            ['POST', '/sums/ribbon/cuts', ['values' => []]],
            ['POST', '/swaps/' . basename($this->swap()) . '/sums/hooks/lines', ['values' => []]],
        ] as [$method, $path, $body]) {
            $this->call($method, $this->home() . $path, $body);
            self::assertSame(403, $this->code(), "{$method} {$path}");
        }
    }

    #[TestWith(['swap'])]
    #[TestWith(['spot'])]
    public function testAnotherHomesSwapOrSpotIsNotThere(string $what): void
    {
        $this->signIn();
        $foreign = $this->db()->fetchOne('swap' === $what
            ? "SELECT s.id FROM swap s JOIN home h ON h.id = s.home_id WHERE h.name = 'Orchard Flat' ORDER BY 1 DESC"
            : "SELECT s.id FROM spot s JOIN room r ON r.id = s.room_id JOIN home h ON h.id = r.home_id WHERE h.name = 'Orchard Flat'");
        $body = ['values' => [], $what => $foreign];

        $this->assertRefused(422, 'not there any more', $this->call('POST', $this->home() . '/sums/garland/answer', $body), $what);
        $this->assertRefused(
            422,
            'not there any more',
            $this->call('POST', $this->home() . '/kept-sums', ['name' => 'Theirs', 'sum' => 'garland'] + $body),
            $what,
        );
        $this->assertRefused(422, 'not there any more', $this->call('POST', $this->home() . '/sums/garland/cuts', $body), $what);
    }

    public function testASumNobodyKnowsIsNotThere(): void
    {
        $this->signIn();
        $this->call('POST', $this->home() . '/sums/alchemy/answer', ['values' => []]);

        self::assertSame(404, $this->code());
    }

    /** @return list<array{string, array<string, mixed>, string}> */
    public static function nonsense(): array
    {
        return [
            ['a value without a name', ['values' => [['text' => '3']]], 'values[0].name'],
            ['a name as long as a letter', ['values' => [['name' => str_repeat('n', 41), 'text' => '3']]], 'values[0].name'],
            ['a text as long as a page', ['values' => [['name' => 'run', 'text' => str_repeat('9', 4000)]]], 'values[0].text'],
            ['a thousand values', ['values' => array_fill(0, 1000, ['name' => 'run', 'text' => '3'])], 'values'],
        ];
    }

    public function testNonsenseIsRefusedWhereItStands(): void
    {
        $this->signIn();
        foreach (self::nonsense() as [$what, $body, $field]) {
            $problem = $this->call('POST', $this->home() . '/sums/garland/answer', $body);
            self::assertSame(422, $this->code(), $what);
            self::assertContains($field, array_column($problem['violations'], 'field'), $what);
        }
    }

    public function testKeptSumsMoveWithTheHome(): void
    {
        $this->signIn();
        $document = $this->call('GET', $this->home() . '/document');
        self::assertSame(['Ribbon for the stair rail', 'Stove shelf garland'], array_column($document['sums'], 'name'));
        $id = $this->call('POST', '/api/home-documents', ['document' => $this->text()])['id'] ?? '';
        self::assertContains($this->code(), [200, 201], $this->text());

        $kept = $this->call('GET', "/api/homes/{$id}/sums")['kept'];
        self::assertSame(['Stove shelf garland', 'Ribbon for the stair rail'], array_column($kept, 'name'));
        self::assertSame([null, 14], array_column($kept, 'more'));
    }

    public function testAnAnswerReadsButDoesNotWrite(): void
    {
        $this->signIn();
        $entries = fn(): int => (int) $this->db()->fetchOne('SELECT COUNT(*) FROM journal_entry');
        $before = $entries();
        $this->call('POST', $this->home() . '/sums/tree/answer', ['values' => []]);

        self::assertSame(200, $this->code(), $this->text());
        self::assertSame($before, $entries());
    }
}
