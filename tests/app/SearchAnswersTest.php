<?php

declare(strict_types=1);

namespace App\Tests;

use App\Tests\Support\AppTestCase;
use PHPUnit\Framework\Attributes\DataProvider;

/** Questions put to the demo as a stylist would: sentences with figures that add up, words of the home, what is no piece. */
final class SearchAnswersTest extends AppTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    /** @return iterable<string, array{string, string}> question, SQL that sums it up */
    public static function sums(): iterable
    {
        yield 'how many' => [
            'how many stockings',
            "SELECT SUM(count) || ', in ' || COUNT(*) "
                . "|| (CASE COUNT(*) WHEN 1 THEN ' piece.' ELSE ' pieces.' END) FROM piece WHERE kind = 'stocking' AND removed_at IS NULL",
        ];
        yield 'what it cost' => [
            'what did the cushions cost',
            "SELECT '\$' || printf('%.2f', SUM(cost_each * count) / 100.0) || ' altogether, for ' || COUNT(*) || ' pieces, ' || SUM(count) "
                . "|| ' units.' FROM piece WHERE kind = 'cushion' AND removed_at IS NULL",
        ];
        yield 'what it is worth' => [
            'what are the lanterns worth',
            "SELECT 'Worth \$' || printf('%.2f', SUM(MAX(replacement_each, cost_each) * count) / 100.0) || ' altogether: ' || COUNT(*) "
                . "|| ' pieces, ' || SUM(count) || ' units.' FROM piece WHERE (kind = 'lantern' OR name LIKE '%lantern%') AND removed_at IS NULL",
        ];
    }

    #[DataProvider('sums')]
    public function testASentenceSaysWhatTheBooksSay(string $question, string $sql): void
    {
        $this->db()->executeStatement("UPDATE piece SET cost_each = 100 WHERE cost_each = 0 AND kind IN ('cushion', 'lantern')");

        self::assertSame(
            $this->db()->fetchOne($sql . " AND home_id = '" . substr($this->home(), \strlen('/api/homes/')) . "'"),
            $this->ask($question)['sentence'],
        );
    }

    public function testWhatIsLeftOfTheRibbonIsItsLength(): void
    {
        $run = (int) $this->db()->fetchOne(
            "SELECT SUM(COALESCE(laid_out, width) * count) FROM piece WHERE kind = 'ribbon' AND removed_at IS NULL AND home_id = ?",
            [substr($this->home(), \strlen('/api/homes/'))],
        );
        $sentence = $this->ask('what is left of the ribbon')['sentence'];
        self::assertMatchesRegularExpression('/^\d+ ft(?: [\d\/ ]+ in)? in all, over \d+ pieces?, \d+ units?\.$/', $sentence);

        preg_match('/^(\d+) ft/', $sentence, $feet);
        self::assertSame(intdiv($run, 3048), (int) ($feet[1] ?? 0));
    }

    public function testAWordOfTheHomeIsKeptAskedWithAndForgotten(): void
    {
        self::assertSame(['boho'], $this->ask('boho')['unknown']);
        self::assertSame(
            ['word' => 'boho', 'means' => 'reed, dried stems'],
            $this->call('PUT', $this->home() . '/words', ['word' => 'Boho', 'means' => 'reed, dried stems']),
        );
        $answer = $this->ask('boho basket');
        self::assertSame([[], [['word' => 'boho', 'means' => 'reed, dried stems']]], [$answer['unknown'], $answer['words']]);
        self::assertGreaterThan(0, $answer['all']);
        $this->call('GET', $this->home() . '/document');
        self::assertStringContainsString('"means": "reed, dried stems"', $this->text());
        $this->call('PUT', $this->home() . '/words', ['word' => 'boho', 'means' => '']);
        self::assertSame(['boho'], $this->ask('boho')['unknown']);
        $this->undo();

        self::assertSame([], $this->ask('boho basket')['unknown'], 'Forgetting is undone like any act.');
        $this->assertRefused(422, 'One word at a time', $this->call('PUT', $this->home() . '/words', ['word' => 'so so', 'means' => 'red']), 'word');
    }

    public function testTotesLooksNotesAndLinesAreAnswers(): void
    {
        $tote = $this->call(
            'POST',
            $this->home() . '/totes',
            ['code' => 'Q7', 'place' => 'attic', 'width' => '20', 'depth' => '16', 'height' => '12', 'conditions' => [], 'mostWeight' => ''],
        );
        $swap = substr($this->swap(), (int) strrpos($this->swap(), '/') + 1);
        $this->call('POST', $this->swap() . '/notes', ['spot' => null, 'text' => 'The porch hook held all winter.']);
        $elsewhere = fn(string $q): array => $this->ask($q)['elsewhere'];

        self::assertContains($tote['id'], array_column($elsewhere('empty totes'), 'id'));
        self::assertSame([], $this->ask('empty totes')['found']);
        self::assertNotContains($tote['id'], array_column($elsewhere('full totes'), 'id'));
        self::assertSame([['note', $swap]], array_map(static fn(array $one): array => [$one['what'], $one['swap']], $elsewhere('notes about the porch hook')));
        self::assertContains('look', array_column($elsewhere('juniper'), 'what'));
        self::assertContains('line', array_column($elsewhere('what is on the shopping list'), 'what'));
        self::assertContains('spot', array_column($elsewhere('mantel'), 'what'));
    }

    public function testAnotherHomeIsNeverAsked(): void
    {
        $this->call('PUT', $this->home() . '/words', ['word' => 'boho', 'means' => 'reed']);

        self::assertSame([], $this->call('GET', $this->home('Orchard Flat') . '/search?q=boho')['words']);
    }

    /** @return array<mixed> */
    private function ask(string $question): array
    {
        return $this->call('GET', $this->home() . '/search?q=' . rawurlencode($question));
    }
}
