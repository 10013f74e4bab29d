<?php

declare(strict_types=1);

namespace App\UseCase\Cupboard;

use App\Entity\Piece;
use App\Http\InvalidInput;
use App\Input\TurnInput;
use App\Repository\Catalogue;
use App\View\Cupboard\PieceView;
use BrightCupboard\Core\Stock\FaceTurn;
use Doctrine\ORM\EntityManagerInterface;

/** Shows another face of a piece, all its units at once. */
final readonly class TurnPiece
{
    public function __construct(private EntityManagerInterface $entities, private Catalogue $catalogue, private ReadPiece $read) {}

    public function __invoke(Piece $piece, TurnInput $input): PieceView
    {
        $entry = $this->catalogue->one($piece->id()) ?? throw new \LogicException('A piece that was found is in the catalogue.');
        $turned = (new FaceTurn())->to($entry->piece, $piece->record()->makeup, $input->face);
        if (null === $turned) {
            throw InvalidInput::at('face', sprintf('%s has no face “%s”.', $piece->name(), mb_strimwidth($input->face, 0, 40, '…')));
        }
        $piece->turned(...$turned);
        $this->entities->flush();

        return ($this->read)($piece);
    }
}
