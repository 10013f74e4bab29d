<?php

declare(strict_types=1);

namespace App\UseCase\Cupboard;

use App\Entity\Home;
use App\Entity\Person;
use App\Entity\Piece;
use App\Http\InvalidInput;
use App\Input\PieceInput;
use App\UseCase\SameVersion;
use App\View\Cupboard\PieceView;
use BrightCupboard\Core\Stock\PlaceKind;
use Doctrine\ORM\EntityManagerInterface;

/** Takes a piece into the cupboard or changes one; a changed count is put right in the stock. */
final readonly class KeepPiece
{
    public function __construct(private EntityManagerInterface $entities, private StockBook $book, private CorrectCount $correct, private Places $places, private ReadPiece $read) {}

    public function __invoke(Home $home, ?Piece $piece, PieceInput $input, Person $by): PieceView
    {
        $isNew = null === $piece;
        $piece ??= new Piece($home);
        if (!$isNew) {
            SameVersion::check($input->version, $piece->version(), $piece->name(), ($this->read)($piece));
        }
        $read = (new PieceReader($home))->read($piece->id(), $input);
        $this->refuseStrangeParts($home, $piece, $input);
        $place = $this->places->read($home, 'place', '' === $input->place ? PlaceKind::Loose->value : $input->place);
        $this->entities->wrapInTransaction(function () use ($piece, $isNew, $read, $place, $by): void {
            if (!$isNew) {
                ($this->correct)($piece, $read[0]->count, $place, $by->name());
            }
            $piece->describe($read[0], $read[1]);
            $this->entities->persist($piece);
            if ($isNew) {
                $this->book->bringIn($piece, $read[0]->count, $place, $by->name(), 'came in');
            }
        });

        return ($this->read)($piece);
    }

    private function refuseStrangeParts(Home $home, Piece $piece, PieceInput $input): void
    {
        foreach ($input->parts as $i => $part) {
            $isOurs = null === $part->piece || ($part->piece !== $piece->id() && $this->entities->find(Piece::class, $part->piece)?->home() === $home);
            if (!$isOurs) {
                throw InvalidInput::at("parts[{$i}]", sprintf('%s is not a piece that can be part of this one.', $part->name));
            }
        }
    }
}
