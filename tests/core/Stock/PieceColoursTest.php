<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Stock;

use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\PieceColours;
use BrightCupboard\Tests\Core\Support\Make;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The colours of several pieces together, by what is seen of them: face times share, worked by hand. */
final class PieceColoursTest extends TestCase
{
    /** @return iterable<string, array{non-empty-list<Piece>, list<array{string, int}>}> */
    public static function together(): iterable
    {
        $red = Make::piece('red', width: 10, height: 10, colours: [['#C0272D', 100]]);
        yield 'one alone is what it is' => [[$red], [['#C0272D', 100]]];
        yield 'a face of 100 beside one of 300' => [
            [$red, Make::piece('blue', width: 10, height: 30, colours: [['#2F62A8', 100]])],
            [['#2F62A8', 75], ['#C0272D', 25]],
        ];
        yield 'shares within a piece: 60 of 100 and 40 + 100' => [
            [Make::piece('both', width: 10, height: 10, colours: [['#2F62A8', 60], ['#C0272D', 40]]), $red],
            [['#C0272D', 70], ['#2F62A8', 30]],
        ];
        yield 'reds nobody tells apart are one, under the name of the larger' => [
            [$red, Make::piece('nearly', width: 5, height: 10, colours: [['#C1282E', 100]])],
            [['#C0272D', 100]],
        ];
        yield 'the five largest of six' => [
            array_map(
                static fn(int $i, string $hex): Piece => Make::piece('p' . $i, width: 10 + 10 * $i, height: 10, colours: [[$hex, 100]]),
                range(0, 5),
                ['#FFFFFF', '#121212', '#C0272D', '#2F62A8', '#2E9E46', '#F0C419'],
            ),
            [['#F0C419', 30], ['#2E9E46', 25], ['#2F62A8', 20], ['#C0272D', 15], ['#121212', 10]],
        ];
    }

    /**
     * @param non-empty-list<Piece>    $pieces
     * @param list<array{string, int}> $colours
     */
    #[DataProvider('together')]
    public function testMixesByWhatIsSeen(array $pieces, array $colours): void
    {
        $found = (new PieceColours())->together($pieces);

        self::assertSame($colours, array_map(static fn(ColourShare $share): array => [$share->colour->hex(), $share->percent], $found));
    }
}
