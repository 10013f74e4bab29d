<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Stock;

use BrightCupboard\Core\Stock\Hazard;
use BrightCupboard\Core\Stock\Kept;
use BrightCupboard\Core\Stock\KindFacts;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Posture;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is known of kinds, held to what anybody in the trade would say (common practice). */
final class KindFactsTest extends TestCase
{
    public function testEveryKindHasAPostureAndASizeOneCouldLift(): void
    {
        foreach (PieceKind::cases() as $kind) {
            $size = $kind->facts()->usualSize();

            self::assertNotSame([], $kind->facts()->postures, $kind->value);
            self::assertGreaterThan(0, $size->depth->tenths(), $kind->value);
            self::assertLessThan(130.0, max($size->width->inInches(), $size->height->inInches()), $kind->value);
        }
    }

    /** @return iterable<string, array{PieceKind, Posture, Kept}> */
    public static function habits(): iterable
    {
        yield 'a stocking hangs and is folded away' => [PieceKind::Stocking, Posture::Hangs, Kept::Folds];
        yield 'a garland drapes and is coiled' => [PieceKind::Garland, Posture::Drapes, Kept::Coils];
        yield 'a cushion sits and gives way' => [PieceKind::Cushion, Posture::Sits, Kept::Soft];
        yield 'a runner lies' => [PieceKind::Runner, Posture::Lies, Kept::Folds];
        yield 'stems fill a vessel' => [PieceKind::Bunch, Posture::Fills, Kept::Soft];
        yield 'a tray carries others and nests' => [PieceKind::Tray, Posture::Lies, Kept::Nests];
        yield 'a wreath hangs' => [PieceKind::Wreath, Posture::Hangs, Kept::Rigid];
    }

    #[DataProvider('habits')]
    public function testTheFirstPostureIsTheHabit(PieceKind $kind, Posture $posture, Kept $kept): void
    {
        self::assertSame([$posture, $kept], [$kind->facts()->postures[0], $kind->facts()->kept]);
    }

    public function testWhatBurnsIsKnownBeforeAnybodySaysSo(): void
    {
        $flames = array_filter(PieceKind::cases(), static fn(PieceKind $kind): bool => \in_array(Hazard::OpenFlame, KindFacts::of($kind)->hazards, true));

        self::assertSame([PieceKind::Candlestick, PieceKind::CandleGroup, PieceKind::Pillar], array_values($flames));
    }
}
