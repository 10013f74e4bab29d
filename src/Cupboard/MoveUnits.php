<?php

declare(strict_types=1);

namespace App\Cupboard;

use App\Entity\Person;
use App\Entity\Piece;
use App\Entity\Role;
use App\Http\Allowed;
use App\Http\Body;
use App\Http\InvalidInput;
use App\Journal\Journal;
use App\Repository\HouseRepository;
use BrightCupboard\Core\Stock\Move;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** Moves units by hand, outside a swap day: found, lent, put in another tote. */
#[AsController]
#[Allowed(Role::Helper)]
final readonly class MoveUnits
{
    public function __construct(
        private EntityManagerInterface $entities,
        private StockBook $book,
        private Places $places,
        private KeepLoans $loans,
        private HouseRepository $house,
        private ReadPiece $read,
        private Journal $journal,
    ) {}

    #[Route('/api/homes/{home}/pieces/{piece}/moves', methods: ['POST'])]
    public function __invoke(Piece $piece, #[Body] MoveInput $input, #[CurrentUser] Person $by): PieceAnswer
    {
        $from = $this->places->read($piece->home(), 'from', $input->from);
        $to = $this->places->read($piece->home(), 'to', $input->to);
        if ($from->key() === $to->key()) {
            throw InvalidInput::at('to', 'Choose another place than where it is now.');
        }
        $move = new Move($piece->id(), $input->count, $from, $to);
        if (!$this->book->move($piece, $move, $by->name(), 'by hand')) {
            throw InvalidInput::at('count', sprintf('There are fewer than %d of %s at %s.', $input->count, $piece->name(), $this->house->placeName($from)));
        }
        ($this->loans)($piece, $move, $input);
        $this->journal->say(sprintf(
            '%d of %s moved from %s to %s',
            $input->count,
            $piece->name(),
            $this->house->placeName($from),
            $this->house->placeName($to),
        ));
        $this->entities->flush();

        return ($this->read)($piece);
    }
}
