<?php

declare(strict_types=1);

namespace App\Tests;

use App\Tests\Support\AppTestCase;

final class OpenApiTest extends AppTestCase
{
    public function testTheDescriptionIsServedWholeAndNamesEveryRoute(): void
    {
        $api = $this->call('GET', '/api/openapi.json');
        $operations = array_merge(...array_map(static fn(array $item): array => array_column($item, 'operationId'), array_values($api['paths'])));

        self::assertSame('3.0.3', $api['openapi']);
        self::assertSame(array_unique($operations), $operations);
        self::assertGreaterThan(50, \count($operations));
        $routes = array_sum(array_map(
            static fn(string $file): int => preg_match_all("~#\[Route\('/api/(?!openapi)~", (string) file_get_contents($file)),
            glob(\dirname(__DIR__, 2) . '/src/*/*.php') ?: [],
        ));
        self::assertSame($routes + 1, \count($operations), 'every route of the code and signing in');
    }

    public function testEveryReferenceLeadsSomewhere(): void
    {
        $api = $this->call('GET', '/api/openapi.json');
        preg_match_all('~"#/components/schemas/(\w+)"~', json_encode($api, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_SLASHES), $matches);

        self::assertSame([], array_values(array_diff(array_unique($matches[1]), array_keys($api['components']['schemas']))));
    }

    public function testAViewIsDescribedAsItIsServed(): void
    {
        $schema = $this->call('GET', '/api/openapi.json')['components']['schemas']['Piece'];
        $this->signIn();
        $piece = $this->call('GET', $this->home() . '/pieces?limit=1')['pieces'][0];

        self::assertEqualsCanonicalizing(array_keys($piece), array_keys($schema['properties']));
        self::assertEqualsCanonicalizing(array_keys($piece), $schema['required']);
    }
}
