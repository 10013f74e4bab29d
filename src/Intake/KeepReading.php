<?php

declare(strict_types=1);

namespace App\Intake;

use App\Cupboard\StockBook;
use App\Entity\Home;
use App\Entity\Piece;
use App\Entity\PieceRecord;
use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Intake\IntakeReading;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\Size;
use BrightCupboard\Core\Measure\Weight;
use BrightCupboard\Core\Money\Money;
use BrightCupboard\Core\Stock\Assumed;
use BrightCupboard\Core\Stock\Makeup;
use BrightCupboard\Core\Stock\Piece as CorePiece;
use BrightCupboard\Core\Stock\Place;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;

/** Makes a piece of what was read, and stands its units where they are; the caller flushes. */
final readonly class KeepReading
{
    public function __construct(private EntityManagerInterface $entities, private StockBook $book, private ClockInterface $clock) {}

    /**
     * @param list<ColourShare>                     $colours
     * @param list<array{place: Place, units: int}> $places
     */
    public function asPiece(
        Home $home,
        IntakeReading $reading,
        array $colours,
        array $places,
        string $by,
        ?Money $replacement = null,
        ?\DateTimeImmutable $cameOn = null,
        ?Makeup $makeup = null,
    ): Piece {
        $piece = new Piece($home);
        $piece->describe(
            $this->core($piece->id(), $reading, $colours),
            new PieceRecord(
                $reading->shape,
                $reading->pattern,
                $reading->origin,
                $reading->costEach ?? Money::zero(),
                $replacement ?? Money::zero(),
                $cameOn ?? $this->clock->now()->setTime(0, 0),
                $reading->care,
                $makeup ?? new Makeup(laidOut: $reading->laidOut),
                assumed: $colours === $reading->colours
                    ? $reading->assumedOf()
                    : array_values(array_filter($reading->assumedOf(), static fn(Assumed $one): bool => Assumed::Colour !== $one)),
            ),
        );
        $this->entities->persist($piece);
        foreach ($places as $at) {
            $this->book->bringIn($piece, $at['units'], $at['place'], $by, 'came in');
        }

        return $piece;
    }

    /** @param list<ColourShare> $colours */
    public function core(string $id, IntakeReading $reading, array $colours): CorePiece
    {
        $zero = Length::zero();

        return new CorePiece(
            $id,
            $reading->name,
            $reading->kind ?? throw new \LogicException('A reading that is clear has a kind.'),
            $reading->count,
            new Size($reading->width ?? $zero, $reading->depth ?? $zero, $reading->height ?? $zero),
            $reading->weight ?? Weight::ofGrams(0),
            $colours,
            $reading->materials,
            $reading->finish,
            $reading->seasons,
            $reading->hazards,
        );
    }
}
