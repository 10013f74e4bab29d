<?php

declare(strict_types=1);

namespace App\Tests;

use App\Tests\Support\AppTestCase;
use App\Tests\Support\SeededDocument;
use PHPUnit\Framework\Attributes\DataProvider;

/** A whole home out as JSON and in again: equal but for its ids; and nothing at all of a document that cannot be. */
final class HomeDocumentTest extends AppTestCase
{
    private const ULID = '/\b[0-9A-HJKMNP-TV-Z]{26}\b/';

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    public function testTheDemoHomeComesBackEqual(): void
    {
        $before = $this->document($this->home());
        $home = $this->give($before);
        self::assertSame(201, $this->code(), $this->text());

        self::assertSame($this->byAppearance($before), $this->byAppearance($this->document('/api/homes/' . $home['id'])));
        $this->call('GET', '/api/homes/' . $home['id'] . '/house');
        self::assertSame(200, $this->code(), 'The one who brought it in may open it.');
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 25; ++$seed) {
            yield "seed {$seed}" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function testAnyHomeComesBackEqual(int $seed): void
    {
        $before = (new SeededDocument($seed))->text();
        $home = $this->give($before);
        self::assertSame(201, $this->code(), $this->text());

        self::assertSame($this->byAppearance($before), $this->byAppearance($this->document('/api/homes/' . $home['id'])));
    }

    public function testADocumentFromBeforeRollsHadLengthsIsRead(): void
    {
        $before = (string) preg_replace('/,\s*"laidOut": (?:null|\d+)/', '', (new SeededDocument(4))->text());
        self::assertStringNotContainsString('laidOut', $before);
        $home = $this->give($before);

        self::assertSame(201, $this->code(), $this->text());
        self::assertSame(0, (int) $this->db()->fetchOne('SELECT COUNT(laid_out) FROM piece WHERE home_id = ?', [$home['id']]));
    }

    /** @return iterable<string, array{\Closure(string): string, string}> what was done to a good document, sentence */
    public static function brokenDocuments(): iterable
    {
        yield 'no JSON' => [static fn(string $text): string => substr($text, 0, 50), 'This is not a JSON document.'];
        yield 'another version' => [
            static fn(string $text): string => str_replace('"version": 1,' . "\n" . '    "home"', '"version": 9,' . "\n" . '    "home"', $text),
            'The document is not a home of Bright Cupboard, version 1: at /version',
        ];
        yield 'a field nobody knows' => [static fn(string $text): string => str_replace('"giftMoney"', '"admin": true, "giftMoney"', $text), 'at /home'];
        yield 'a kind nobody knows' => [
            static fn(string $text): string => (string) preg_replace('/"kind": "(?!mantel)[^"]+"/', '"kind": "rocket"', $text),
            'at /pieces/0/kind',
        ];
        yield 'a unit too many' => [
            static fn(string $text): string => (string) preg_replace(
                '/("standings": \[\s*\{\s*"piece": "[^"]+",\s*"place": "[^"]+",\s*"count": )(\d+)/',
                '${1}99$2',
                $text,
            ),
            'do not add up to its count.',
        ];
        yield 'shares over 100' => [
            static fn(string $text): string => (string) preg_replace('/"percent": \d+/', '"percent": 77', $text),
            'The colour shares must add up to 100 %',
        ];
        yield 'a place in another home' => [
            static fn(string $text): string => (string) preg_replace('/"ownTote": "[^"]+"/', '"ownTote": "01ARZ3NDEKTSV4RRFFQ69G5FAV"', $text),
            'The document names 01ARZ3NDEKTSV4RRFFQ69G5FAV, which is not in it.',
        ];
    }

    /** @param \Closure(string): string $break */
    #[DataProvider('brokenDocuments')]
    public function testADocumentThatCannotBeIsRefusedAndNothingOfItStored(\Closure $break, string $sentence): void
    {
        $homes = $this->db()->fetchOne('SELECT COUNT(*) FROM home');
        $problem = $this->give($break((new SeededDocument(3))->text()));

        $this->assertRefused(422, $sentence, $problem, 'document');
        self::assertSame($homes, $this->db()->fetchOne('SELECT COUNT(*) FROM home'));
    }

    public function testADocumentWithSeveralRunningSwapsIsRefusedWithASentence(): void
    {
        $this->call('GET', $this->home() . '/document');
        $text = (string) preg_replace('/"closedAt": ?"[^"]+"/', '"closedAt":null', $this->text());

        $this->assertRefused(422, '5 swaps of the document are still running; a home has 3 at a time.', $this->give($text), 'document');
    }

    public function testThePublishedSchemaIsTheOneInTheDocs(): void
    {
        $this->browser->request('GET', '/api/home-schema');

        self::assertJsonStringEqualsJsonFile(\dirname(__DIR__, 2) . '/docs/home.schema.json', $this->text());
    }

    /** @return array<mixed> */
    private function give(string $document): array
    {
        return $this->call('POST', '/api/home-documents', ['document' => $document]);
    }

    private function document(string $home): string
    {
        $this->browser->request('GET', $home . '/document');
        self::assertSame(200, $this->code());

        return $this->text();
    }

    /** The text with each id replaced by the number of its first appearance, and lists ordered without their ids. */
    private function byAppearance(string $text): string
    {
        $seen = [];

        return (string) preg_replace_callback(self::ULID, static function (array $match) use (&$seen): string {
            return '#' . ($seen[$match[0]] ??= \count($seen));
        }, $text);
    }
}
