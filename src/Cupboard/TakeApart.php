<?php

declare(strict_types=1);

namespace App\Cupboard;

use App\Entity\Person;
use App\Entity\Piece;
use App\Entity\PieceRecord;
use App\Http\Body;
use App\Http\InvalidInput;
use App\Journal\Journal;
use App\Repository\Catalogue;
use App\Repository\HouseRepository;
use App\Repository\StandingRepository;
use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Measure\Weight;
use BrightCupboard\Core\Money\Money;
use BrightCupboard\Core\Stock\Finish;
use BrightCupboard\Core\Stock\Move;
use BrightCupboard\Core\Stock\Part;
use BrightCupboard\Core\Stock\Piece as CorePiece;
use BrightCupboard\Core\Stock\Place;
use BrightCupboard\Core\Stock\PlaceKind;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** Takes one unit of an arrangement apart: parts that are pieces come out of it, the others become pieces, and all of them can be put together again. */
#[AsController]
final readonly class TakeApart
{
    public function __construct(
        private EntityManagerInterface $entities,
        private Catalogue $catalogue,
        private StockBook $book,
        private Places $places,
        private PartsOfArrangement $parts,
        private HouseRepository $house,
        private StandingRepository $standing,
        private ReadPiece $read,
        private ClockInterface $clock,
        private Journal $journal,
    ) {}

    #[Route('/api/homes/{home}/pieces/{piece}/apart', methods: ['POST'])]
    public function __invoke(Piece $piece, #[Body] OfPlaceInput $input, #[CurrentUser] Person $by): PiecesAnswer
    {
        if ([] === $piece->record()->makeup->parts) {
            throw InvalidInput::at('parts', sprintf('%s has no parts written down. Enter them under Change first.', $piece->name()));
        }
        $place = $this->places->read($piece->home(), 'place', $input->place);
        if (!$this->book->move($piece, new Move($piece->id(), 1, $place, Place::of(PlaceKind::Parted)), $by->name(), 'taken apart')) {
            throw InvalidInput::at('place', sprintf('None of %s is at %s.', $piece->name(), $this->house->placeName($place)));
        }
        $this->makePieces($piece, $place, $by->name());
        $out = $this->takeOut($piece, $place, $by->name());
        $this->journal->say(sprintf('One %s is taken apart', $piece->name()));
        $this->entities->flush();

        return new PiecesAnswer(array_map($this->read->__invoke(...), [$piece, ...$out]));
    }

    /** Parts that were never counted as pieces are from now on, those of all its units; they count as parts of it for the moment. */
    private function makePieces(Piece $piece, Place $place, string $by): void
    {
        $record = $piece->record();
        $parts = $record->makeup->parts;
        $new = array_filter($parts, static fn(Part $part): bool => null === $part->pieceId);
        if ([] === $new) {
            return;
        }
        $known = Money::sum(array_map(
            fn(Part $part): Money => ($this->entities->find(Piece::class, $part->pieceId ?? '')?->record()->costEach ?? Money::zero())->times($part->count),
            array_diff_key($parts, $new),
        ));
        $prices = Money::ofMinor(max(
            0,
            $record->costEach->minus($known)->minor,
        ))->each(array_values(array_map(static fn(Part $part): int => $part->count, $new)));
        $units = 1 + array_sum(array_diff_key($this->standing->ofPiece($piece)->of($piece->id()), [PlaceKind::Parted->value => 0]));
        foreach (array_keys($new) as $at => $i) {
            $parts[$i] = $parts[$i]->asPiece($this->make($piece, $parts[$i], $units, $prices[$at], $by)->id());
        }
        $entry = $this->catalogue->one($piece->id()) ?? throw new \LogicException('A piece that was found is in the catalogue.');
        $piece->turned($entry->piece, $record->makeup->with($record->makeup->faces, array_values($parts)));
    }

    private function make(Piece $whole, Part $part, int $units, Money $costEach, string $by): Piece
    {
        $piece = new Piece($whole->home());
        $piece->describe(
            new CorePiece(
                $piece->id(),
                $part->name,
                $part->kind,
                $units * $part->count,
                $part->size,
                Weight::ofGrams(0),
                [new ColourShare($part->colour, 100)],
                [$part->material],
                Finish::Plain,
                [],
                [],
            ),
            new PieceRecord('', '', 'taken apart', $costEach, Money::zero(), $this->clock->now()->setTime(0, 0), sprintf('From %s.', $whole->name())),
        );
        $this->entities->persist($piece);
        $this->book->bringIn($piece, $units * $part->count, Place::within($whole->id()), $by, 'counted as a part of ' . mb_substr($whole->name(), 0, 85));

        return $piece;
    }

    /** @return list<Piece> */
    private function takeOut(Piece $piece, Place $place, string $by): array
    {
        $this->entities->flush();
        $pieces = [];
        foreach ($piece->record()->makeup->parts as $part) {
            $entity = $this->entities->find(Piece::class, $part->pieceId ?? '');
            if (null !== $entity) {
                $this->parts->takeOut($piece, $entity, $part->count, $place, $by);
                $pieces[] = $entity;
            }
        }

        return $pieces;
    }
}
