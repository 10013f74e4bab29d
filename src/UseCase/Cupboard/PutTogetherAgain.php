<?php

declare(strict_types=1);

namespace App\UseCase\Cupboard;

use App\Entity\Person;
use App\Entity\Piece;
use App\Http\InvalidInput;
use App\Input\OfPlaceInput;
use App\View\Cupboard\PiecesView;
use BrightCupboard\Core\Stock\Move;
use BrightCupboard\Core\Stock\Part;
use BrightCupboard\Core\Stock\Place;
use BrightCupboard\Core\Stock\PlaceKind;
use Doctrine\ORM\EntityManagerInterface;

/** Puts one that was taken apart together again, from the same pieces. */
final readonly class PutTogetherAgain
{
    public function __construct(private EntityManagerInterface $entities, private StockBook $book, private Places $places, private PartsOfArrangement $parts, private ReadPiece $read) {}

    public function __invoke(Piece $piece, OfPlaceInput $input, Person $by): PiecesView
    {
        $place = $this->places->read($piece->home(), 'place', $input->place);
        $parts = $piece->record()->makeup->parts;
        $pieces = array_values(array_filter(array_map(fn(Part $part): ?Piece => $this->entities->find(Piece::class, $part->pieceId ?? ''), $parts), static fn(?Piece $part): bool => null !== $part && !$part->isRemoved()));
        if ([] === $parts || \count($pieces) < \count($parts)) {
            throw InvalidInput::at('parts', sprintf('Not every part of %s is a piece of its own, so it cannot be put together again from them.', $piece->name()));
        }
        $this->entities->wrapInTransaction(function () use ($piece, $place, $parts, $pieces, $by): void {
            if (!$this->book->move($piece, new Move($piece->id(), 1, Place::of(PlaceKind::Parted), $place), $by->name(), 'put together again')) {
                throw InvalidInput::at('place', sprintf('No %s has been taken apart.', $piece->name()));
            }
            foreach ($parts as $i => $part) {
                $this->parts->takeIn($piece, $pieces[$i], $part->count, $by->name(), $place->key());
            }
        });

        return new PiecesView(array_map($this->read->__invoke(...), [$piece, ...$pieces]));
    }
}
