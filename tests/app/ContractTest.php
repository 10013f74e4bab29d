<?php

declare(strict_types=1);

namespace App\Tests;

use App\Tests\Support\AppTestCase;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;

/** What is answered is what the API description (OpenAPI 3.0) promises, for every page that reads and every question that only asks. */
final class ContractTest extends AppTestCase
{
    /** @var array<mixed>|null */
    private static ?array $api = null;

    /** @return iterable<string, array{string}> every reading address that answers JSON */
    public static function readings(): iterable
    {
        foreach ([
            '', '/pieces', '/search', '/tote-fills', '/broken-sets', '/damages', '/spot-photos', '/house', '/ledger',
            '/pieces/{piece}/movements', '/totes/{tote}/contents', '/swaps/{swap}/stations', '/swaps/{swap}/table', '/swaps/{swap}/table/guards',
            '/swaps/{swap}/spots',
            '/swaps/{swap}/spots/{spot}', '/swaps/{swap}/spots/{spot}/candidates', '/swaps/{swap}/spots/{spot}/remedies', '/swaps/{swap}/spots/{spot}/versions',
            '/swaps/{swap}/spots/{spot}/offers', '/swaps/{swap}/placements/{placement}/risers', '/swaps/{swap}/floors/{room}', '/swaps/{swap}/haul',
            '/swaps/{swap}/day',
            '/swaps/{swap}/days/{day}', '/swaps/{swap}/settle', '/swaps/{swap}/thread', '/swaps/{swap}/restyles',
            '/swaps/{swap}/pieces/{piece}/fit', '/swaps/{swap}/pieces/{piece}/consequences', '/calendar', '/sums', '/journal', '/since',
        ] as $path) {
            if ('' !== $path) {
                yield $path => ['/api/homes/{home}' . $path];
            }
        }
        yield 'who asks' => ['/api/me'];
        yield 'before signing in' => ['/api/welcome'];
    }

    #[DataProvider('readings')]
    public function testAReadingAnswersAsDescribed(string $path): void
    {
        $this->signIn();
        $this->call(
            'GET',
            $this->filled($path) . ([
                '/api/homes/{home}/search' => '?q=brass',
                '/api/homes/{home}/swaps/{swap}/spots/{spot}/offers' => '?find=vase',
            ][$path] ?? ''),
        );
        self::assertSame(200, $this->code(), $this->text());

        $this->assertDescribed('get', $path);
    }

    public function testEveryReadingAddressIsAmongThem(): void
    {
        $described = [];
        foreach ($this->api()['paths'] as $path => $item) {
            if (isset($item['get']['responses']['200']['content']['application/json'])) {
                $described[] = $path;
            }
        }
        $tried = array_column(iterator_to_array(self::readings(), false), 0);

        self::assertSame([], array_values(array_diff($described, $tried)));
    }

    /** @return iterable<string, array{string, string, array<string, mixed>}> method, address, body */
    public static function questions(): iterable
    {
        $home = '/api/homes/{home}';
        $line = '3 brass candlesticks 9 in, attic A2, $4 each, thrifted';
        yield 'a line read' => ['post', $home . '/intake/reading', ['line' => $line]];
        yield 'a line that asks' => ['post', $home . '/intake/reading', ['line' => '2 jugs 11 in, rust, $36']];
        yield 'a line taken in' => ['post', $home . '/intake', ['line' => $line, 'otherwise' => '', 'colours' => []]];
        yield 'a table looked through' => [
            'post',
            $home . '/tables',
            ['base64' => base64_encode("name,kind,height,colour\nTin moon,star,7 in,silver grey\nBad,star,,\n")],
        ];
        yield 'totes looked through' => [
            'post',
            $home . '/totes/table',
            ['base64' => base64_encode("code,place,width,depth,height\nB1,loft,24,16,12\n"), 'keep' => false, 'leaveOutBad' => false],
        ];
        yield 'a nudge' => ['post', $home . '/colours/nudged', ['hex' => '#B5532A', 'lightness' => 0.1, 'chroma' => 0.0, 'degrees' => 0.0]];
        yield 'company' => ['post', $home . '/colours/partners', ['hex' => '#B5532A']];
        yield 'colours of pieces' => ['post', $home . '/colours/pieces', ['pieces' => ['{piece}']]];
        yield 'a stock-take' => ['post', $home . '/totes/{tote}/stock-take', ['counted' => [['piece' => '{piece}', 'units' => 1]], 'keep' => false]];
        yield 'a move' => ['post', $home . '/pieces/{piece}/moves', ['count' => 1, 'from' => '{place}', 'to' => 'loose']];
        yield 'a decision' => ['put', $home . '/swaps/{swap}/decisions', ['decisions' => [['piece' => '{piece}', 'choice' => 'stay', 'version' => 1]]]];
        yield 'a day worked out' => ['post', $home . '/swaps/{swap}/day', ['people' => 2]];
        yield 'a day arranged' => ['put', $home . '/swaps/{swap}/day', self::workDay(2)];
        yield 'a day added' => ['post', $home . '/swaps/{swap}/days', self::workDay(null)];
        yield 'feasts written' => ['put', $home . '/calendar', ['feasts' => 'Tree day: 24 Dec', 'hemisphere' => 'north', 'version' => 1]];
        yield 'a private address' => ['post', $home . '/calendar/feed', []];
        yield 'a sum reckoned' => [
            'post',
            $home . '/sums/{sum}/answer',
            ['values' => [['name' => 'run', 'text' => '12 ft'], ['name' => 'packPrice', 'text' => '4.50']], 'swap' => '{swap}', 'spot' => '{spot}'],
        ];
        yield 'a sum kept' => [
            'post',
            $home . '/kept-sums',
            ['name' => 'Stair, 21 ft', 'sum' => 'garland', 'values' => [['name' => 'run', 'text' => '21 ft']], 'swap' => '{swap}', 'spot' => null],
        ];
        yield 'a sum bought for' => ['post', $home . '/swaps/{swap}/sums/{sum}/lines', ['values' => [], 'spot' => null]];
        yield 'a note' => ['post', $home . '/swaps/{swap}/notes', ['spot' => null, 'text' => 'The hook held.']];
    }

    /** @param array<string, mixed> $body */
    #[DataProvider('questions')]
    public function testAnAnswerIsAsDescribed(string $method, string $path, array $body): void
    {
        $this->signIn();
        $body = json_decode($this->filled(json_encode($body, \JSON_THROW_ON_ERROR)), true, 8, \JSON_THROW_ON_ERROR);
        self::assertIsArray($body);
        $this->call(strtoupper($method), $this->filled($path), $body);
        self::assertContains($this->code(), [200, 201], $this->text());

        $this->assertDescribed($method, $path);
    }

    public function testARefusalIsAsDescribed(): void
    {
        $this->signIn();
        $this->call('POST', $this->home() . '/pieces', []);

        self::assertSame(422, $this->code());
        $this->assertMeets(['$ref' => '#/components/schemas/Problem'], 'a refusal');
    }

    private function assertDescribed(string $method, string $path): void
    {
        $answer = $this->text();
        $described = $this->api()['paths'][$path][$method]['responses'] ?? [];
        $schema = $described['200']['content']['application/json']['schema'] ?? $described['201']['content']['application/json']['schema'] ?? null;
        self::assertIsArray($schema, "{$method} {$path} promises no JSON.");
        $this->assertMeets($schema, "{$method} {$path}", $answer);
    }

    /** @param array<string, mixed> $schema */
    private function assertMeets(array $schema, string $what, ?string $answer = null): void
    {
        $answer ??= $this->text();
        $whole = self::asJsonSchema($schema + ['components' => $this->api()['components']]);
        $result = (new Validator())->validate(json_decode($answer, false, 64, \JSON_THROW_ON_ERROR), json_encode($whole, \JSON_THROW_ON_ERROR));
        $error = $result->error();

        self::assertNull($error, $what . ': ' . (null === $error ? '' : json_encode((new ErrorFormatter())->format($error), \JSON_THROW_ON_ERROR)));
    }

    /** @return array<mixed> the description, asked for once */
    private function api(): array
    {
        return self::$api ??= $this->call('GET', '/api/openapi.json');
    }

    /**
     * OpenAPI 3.0 says "nullable" beside a type or reference where JSON Schema names null as another type; nothing that is not described may be in an answer.
     *
     * @param array<mixed> $schema
     *
     * @return array<mixed>
     */
    private static function asJsonSchema(array $schema): array
    {
        $isNullable = true === ($schema['nullable'] ?? false);
        unset($schema['nullable']);
        $schema = array_map(static fn(mixed $part): mixed => \is_array($part) ? self::asJsonSchema($part) : $part, $schema);
        if ('object' === ($schema['type'] ?? null) && isset($schema['properties']) && !isset($schema['additionalProperties'])) {
            $schema['additionalProperties'] = false;
        }

        return $isNullable ? ['anyOf' => [$schema, ['type' => 'null']]] : $schema;
    }

    /** @return array<string, mixed> */
    private static function workDay(?int $version): array
    {
        return [
            'name' => 'The tree',
            'date' => '2031-12-20',
            'start' => '9:00',
            'latestEnd' => '17:00',
            'layRoom' => '10 x 6 ft',
            'pauses' => [['at' => '12:30', 'minutes' => 45]],
            'crew' => [['name' => 'Orla', 'climbs' => true, 'lifts' => true, 'from' => '', 'until' => '']],
            'isLook' => true,
            'spots' => [],
            'version' => $version,
        ];
    }

    private function filled(string $text): string
    {
        $piece = $this->id('piece', 'Heron');
        $place = (string) $this->db()->fetchOne('SELECT place FROM standing WHERE piece_id = ? AND count > 0', [$piece]);

        $day = str_contains($text, '{day}') ? $this->call('POST', $this->swap() . '/days', self::workDay(null))['id'] : '';

        return strtr(
            $text,
            [
                '{day}' => $day,
                '{home}' => basename($this->home()),
                '{swap}' => basename($this->swap()),
                '{spot}' => $this->id('spot', 'Sofa'),
                '{room}' => $this->id('room', 'Parlour'),
                '{piece}' => $piece,
                '{tote}' => $this->id('tote', 'A1'),
                '{place}' => $place,
                '{sum}' => 'hooks',
                '{placement}' => (string) $this->db()->fetchOne(
                    'SELECT id FROM placement WHERE swap_id = ? AND piece_id = ?',
                    [basename($this->swap()), $piece],
                ),
            ],
        );
    }
}
