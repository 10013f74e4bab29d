<?php

declare(strict_types=1);

namespace App\Cupboard;

use App\Entity\Piece;
use App\Http\Body;
use App\Http\InvalidInput;
use App\Journal\Journal;
use App\Repository\Catalogue;
use BrightCupboard\Core\Stock\FaceTurn;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Shows another face of a piece, all its units at once. */
#[AsController]
final readonly class TurnPiece
{
    public function __construct(private EntityManagerInterface $entities, private Catalogue $catalogue, private ReadPiece $read, private Journal $journal) {}

    #[Route('/api/homes/{home}/pieces/{piece}/face', methods: ['PUT'])]
    public function __invoke(Piece $piece, #[Body] TurnInput $input): PieceAnswer
    {
        $entry = $this->catalogue->one($piece->id()) ?? throw new \LogicException('A piece that was found is in the catalogue.');
        $turned = (new FaceTurn())->to($entry->piece, $piece->record()->makeup, $input->face);
        if (null === $turned) {
            throw InvalidInput::at('face', sprintf('%s has no face “%s”.', $piece->name(), mb_strimwidth($input->face, 0, 40, '…')));
        }
        $piece->turned(...$turned);
        $this->journal->say(sprintf('%s shows “%s”', $piece->name(), $input->face));
        $this->entities->flush();

        return ($this->read)($piece);
    }
}
