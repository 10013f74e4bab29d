<?php

declare(strict_types=1);

namespace App\UseCase\Cupboard;

use App\Entity\Person;
use App\Entity\Piece;
use App\Entity\PieceRecord;
use App\Http\InvalidInput;
use App\Input\OfPlaceInput;
use App\Repository\HouseRepository;
use App\Time\Now;
use App\View\Cupboard\PiecesView;
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

/** Takes one unit of an arrangement apart: it leaves the home, and its parts stand in its place as pieces of their own. */
final readonly class TakeApart
{
    public function __construct(private EntityManagerInterface $entities, private StockBook $book, private Places $places, private HouseRepository $house, private ReadPiece $read, private Now $now) {}

    public function __invoke(Piece $piece, OfPlaceInput $input, Person $by): PiecesView
    {
        $record = $piece->record();
        $parts = $record->makeup->parts;
        if ([] === $parts) {
            throw InvalidInput::at('parts', sprintf('%s has no parts written down. Enter them under Change first.', $piece->name()));
        }
        $place = $this->places->read($piece->home(), 'place', $input->place);
        $cost = Money::ofMinor(intdiv($record->costEach->minor, array_sum(array_map(static fn(Part $part): int => $part->count, $parts))));
        $made = $this->entities->wrapInTransaction(function () use ($piece, $parts, $place, $by, $cost): array {
            if (!$this->book->move($piece, new Move($piece->id(), 1, $place, Place::of(PlaceKind::Parted)), $by->name(), 'taken apart')) {
                throw InvalidInput::at('place', sprintf('None of %s is at %s.', $piece->name(), $this->house->placeName($place)));
            }

            return array_map(fn(Part $part): Piece => $this->make($piece, $part, $place, $by->name(), $cost), $parts);
        });

        return new PiecesView(array_map($this->read->__invoke(...), [$piece, ...$made]));
    }

    private function make(Piece $whole, Part $part, Place $place, string $by, Money $cost): Piece
    {
        $piece = new Piece($whole->home());
        $piece->describe(new CorePiece($piece->id(), $part->name, $part->kind, $part->count, $part->size, Weight::ofGrams(0), [new ColourShare($part->colour, 100)], [$part->material], Finish::Plain, [], []), new PieceRecord('', '', 'taken apart', $cost, Money::zero(), $this->now->today(), sprintf('From %s.', $whole->name())));
        $this->entities->persist($piece);
        $this->book->bringIn($piece, $part->count, $place, $by, 'taken out of ' . mb_substr($whole->name(), 0, 90));

        return $piece;
    }
}
