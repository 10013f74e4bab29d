<?php

declare(strict_types=1);

namespace App\UseCase\Cupboard;

use App\Entity\Person;
use App\Entity\Piece;
use App\Http\InvalidInput;
use App\Input\MoveInput;
use App\Repository\HouseRepository;
use App\View\Cupboard\PieceView;
use BrightCupboard\Core\Stock\Move;
use Doctrine\ORM\EntityManagerInterface;

/** Moves units by hand, outside a swap day: found, lent, put in another tote. */
final readonly class MoveUnits
{
    public function __construct(private EntityManagerInterface $entities, private StockBook $book, private Places $places, private KeepLoans $loans, private HouseRepository $house, private ReadPiece $read) {}

    public function __invoke(Piece $piece, MoveInput $input, Person $by): PieceView
    {
        $from = $this->places->read($piece->home(), 'from', $input->from);
        $to = $this->places->read($piece->home(), 'to', $input->to);
        if ($from->key() === $to->key()) {
            throw InvalidInput::at('to', 'Choose another place than where it is now.');
        }
        $move = new Move($piece->id(), $input->count, $from, $to);
        $moved = $this->entities->wrapInTransaction(function () use ($piece, $move, $input, $by): bool {
            $isThere = $this->book->move($piece, $move, $by->name(), 'by hand');
            if ($isThere) {
                ($this->loans)($piece, $move, $input);
            }

            return $isThere;
        });
        if (true !== $moved) {
            throw InvalidInput::at('count', sprintf('There are fewer than %d of %s at %s.', $input->count, $piece->name(), $this->house->placeName($from)));
        }

        return ($this->read)($piece);
    }
}
