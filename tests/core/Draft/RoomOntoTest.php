<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Draft;

use BrightCupboard\Core\Draft\RoomOnto;
use BrightCupboard\Core\Surface\Spot;
use BrightCupboard\Core\Surface\SpotKind;
use BrightCupboard\Tests\Core\Support\Make;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Which spots of a room answer to which of another. */
final class RoomOntoTest extends TestCase
{
    /** @return iterable<string, array{list<string>, list<string>, list<string|null>}> */
    public static function rooms(): iterable
    {
        yield 'one kind, whatever the order' => [['mantel', 'sofa'], ['sofa', 'mantel'], ['mantel 1', 'sofa 0']];
        yield 'the same form where the kind is not there' => [['mantel', 'sofa'], ['console', 'bed'], ['console 0', 'bed 1']];
        yield 'kinds come first, even those of later spots' => [['console', 'mantel'], ['mantel', 'sideboard'], ['sideboard 1', 'mantel 0']];
        yield 'each answers to one only' => [['mantel', 'mantel'], ['mantel', 'hutch'], ['mantel 0', null]];
        yield 'nothing like it' => [['tree'], ['wall', 'sofa'], [null]];
        yield 'nothing at all' => [['tree', 'sofa'], [], [null, null]];
    }

    /**
     * @param list<string>      $from kinds
     * @param list<string>      $onto kinds
     * @param list<string|null> $answers kind and place in the room, spot by spot
     */
    #[DataProvider('rooms')]
    public function testSpotsAnswerByKindThenByForm(array $from, array $onto, array $answers): void
    {
        $spots = static fn(array $kinds): array => array_map(
            static fn(string $kind, int $i): Spot => Make::spot(kind: SpotKind::from($kind), id: $kind . ' ' . $i),
            $kinds,
            array_keys($kinds),
        );

        self::assertSame($answers, array_map(static fn(array $pair): ?string => $pair[1]?->id, RoomOnto::pairs($spots($from), $spots($onto))));
    }
}
