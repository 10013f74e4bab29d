<?php

declare(strict_types=1);

namespace App\Tests;

use App\Tests\Support\AppTestCase;

/** What every spot of a kind has in a home: kept, followed, taken back, refused. */
final class RecipesTest extends AppTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    public function testWhatIsOfferedGoesByTheRecipeOfTheHomeAndGoesBack(): void
    {
        $usual = $this->recipe('Peg shelf');
        self::assertFalse($usual['isOwn']);
        self::assertSame(['wanted' => 0, 'there' => 0], $this->of($usual, 'light'));

        $this->call('PUT', $this->home() . '/recipes/shelf', ['parts' => [['role' => 'light', 'count' => 4], ['role' => 'tall one', 'count' => 0]]]);
        self::assertSame(200, $this->code(), $this->text());

        $own = $this->recipe('Peg shelf');
        self::assertTrue($own['isOwn']);
        self::assertSame([['wanted' => 4, 'there' => 0], ['wanted' => 0, 'there' => 0]], [$this->of($own, 'light'), $this->of($own, 'tall one')]);
        self::assertStringStartsWith('adds light', $this->candidates('Peg shelf')['candidates'][0]['does']);
        self::assertFalse($this->recipe('Stove shelf')['isOwn'], 'a mantel is of another kind');

        $this->call('POST', $this->home() . '/undo');
        self::assertSame($usual, $this->recipe('Peg shelf'));
    }

    public function testTheUsualComesBackWithAnEmptyOne(): void
    {
        $before = $this->recipe('Sofa');
        $this->call('PUT', $this->home() . '/recipes/sofa', ['parts' => [['role' => 'cushion', 'count' => 9]]]);
        self::assertSame(9, $this->of($this->recipe('Sofa'), 'cushion')['wanted']);
        $this->call('PUT', $this->home() . '/recipes/sofa', ['parts' => []]);

        self::assertSame($before, $this->recipe('Sofa'));
    }

    public function testWhatNoSpotOfTheKindCanHaveIsRefused(): void
    {
        $put = fn(string $kind, array $parts): array => $this->call('PUT', $this->home() . '/recipes/' . $kind, ['parts' => $parts]);

        $this->assertRefused(422, 'A door has no cushion.', $put('door', [['role' => 'cushion', 'count' => 2]]), 'parts');
        $none = $put('door', [['role' => 'wreath', 'count' => 0]]);
        $this->assertRefused(422, 'Something has to be on it. Leave at least one in, or take the usual.', $none, 'parts');
        $this->assertRefused(422, 'Of each there are 0 to 99.', $put('door', [['role' => 'wreath', 'count' => 100]]), 'parts[0].count');
        $put('rocket', []);
        self::assertSame(404, $this->code());
    }

    public function testItGoesAlongInTheDocumentOfTheHome(): void
    {
        $this->call('PUT', $this->home() . '/recipes/bed', ['parts' => [['role' => 'cushion', 'count' => 5]]]);
        $document = $this->call('GET', $this->home() . '/document');
        self::assertSame([['role' => 'cushion', 'count' => 5]], $document['recipes'][0]['wanted']);

        $document['recipes'][0]['wanted'] = [['role' => 'cushion', 'count' => 'many'], 'nonsense'];
        $read = $this->call('POST', '/api/home-documents', ['document' => $document]);
        self::assertContains($this->code(), [201, 422], $this->text());
        self::assertArrayNotHasKey('trace', $read);
    }

    /** @return array{isOwn: bool, parts: list<array{role: string, wanted: int, there: int}>} */
    private function recipe(string $spot): array
    {
        return $this->candidates($spot)['recipe'];
    }

    /** @return array<string, mixed> */
    private function candidates(string $spot): array
    {
        return $this->call('GET', $this->swap() . '/spots/' . $this->id('spot', $spot) . '/candidates');
    }

    /**
     * @param array{parts: list<array{role: string, wanted: int, there: int}>} $recipe
     *
     * @return array{wanted: int, there: int}
     */
    private function of(array $recipe, string $role): array
    {
        $part = array_values(array_filter($recipe['parts'], static fn(array $part): bool => $part['role'] === $role))[0];

        return ['wanted' => $part['wanted'], 'there' => $part['there']];
    }
}
