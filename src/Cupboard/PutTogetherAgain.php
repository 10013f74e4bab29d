<?php

declare(strict_types=1);

namespace App\Cupboard;

use App\Entity\Person;
use App\Entity\Piece;
use App\Http\Body;
use App\Http\InvalidInput;
use App\Journal\Journal;
use BrightCupboard\Core\Stock\Move;
use BrightCupboard\Core\Stock\Part;
use BrightCupboard\Core\Stock\Place;
use BrightCupboard\Core\Stock\PlaceKind;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** Puts one that was taken apart together again, from the same pieces. */
#[AsController]
final readonly class PutTogetherAgain
{
    public function __construct(
        private EntityManagerInterface $entities,
        private StockBook $book,
        private Places $places,
        private PartsOfArrangement $parts,
        private ReadPiece $read,
        private Journal $journal,
    ) {}

    #[Route('/api/homes/{home}/pieces/{piece}/together', methods: ['POST'])]
    public function __invoke(Piece $piece, #[Body] OfPlaceInput $input, #[CurrentUser] Person $by): PiecesAnswer
    {
        $place = $this->places->read($piece->home(), 'place', $input->place);
        $parts = $piece->record()->makeup->parts;
        $pieces = array_values(array_filter(
            array_map(fn(Part $part): ?Piece => $this->entities->find(Piece::class, $part->pieceId ?? ''), $parts),
            static fn(?Piece $part): bool => null !== $part && !$part->isRemoved(),
        ));
        if ([] === $parts || \count($pieces) < \count($parts)) {
            throw InvalidInput::at(
                'parts',
                sprintf('Not every part of %s is a piece of its own, so it cannot be put together again from them.', $piece->name()),
            );
        }
        if (!$this->book->move($piece, new Move($piece->id(), 1, Place::of(PlaceKind::Parted), $place), $by->name(), 'put together again')) {
            throw InvalidInput::at('place', sprintf('No %s has been taken apart.', $piece->name()));
        }
        foreach ($parts as $i => $part) {
            $this->parts->takeIn($piece, $pieces[$i], $part->count, $by->name(), $place->key());
        }

        $this->journal->say(sprintf('One %s is put together again', $piece->name()));
        $this->entities->flush();

        return new PiecesAnswer(array_map($this->read->__invoke(...), [$piece, ...$pieces]));
    }
}
