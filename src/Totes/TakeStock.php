<?php

declare(strict_types=1);

namespace App\Totes;

use App\Cupboard\StockBook;
use App\Entity\Person;
use App\Entity\Piece;
use App\Entity\Tote;
use App\Http\Body;
use App\Http\InvalidInput;
use App\Journal\Journal;
use App\Repository\Catalogue;
use App\Repository\StandingRepository;
use BrightCupboard\Core\Stock\Move;
use BrightCupboard\Core\Storage\StockTake;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** Compares a count of one tote with the books, and puts the books right when told to; every unit that moves is written down. */
#[AsController]
final readonly class TakeStock
{
    public function __construct(
        private EntityManagerInterface $entities,
        private Catalogue $catalogue,
        private StandingRepository $standing,
        private StockBook $book,
        private Journal $journal,
    ) {}

    #[Route('/api/homes/{home}/totes/{tote}/stock-take', methods: ['POST'])]
    public function __invoke(Tote $tote, #[Body] StockTakeInput $input, #[CurrentUser] Person $by): StockTakeAnswer
    {
        $catalogue = $this->catalogue->of($tote->home());
        $counted = [];
        foreach ($input->counted as $one) {
            if (!isset($catalogue[$one->piece])) {
                throw InvalidInput::at('counted', 'One of these pieces is not in the cupboard any more. Reload to see how things are.');
            }
            $counted[$one->piece] = ($counted[$one->piece] ?? 0) + $one->units;
        }
        $result = (new StockTake())->of($tote->id(), $this->standing->whereabouts($tote->home()), $counted);
        if ($input->keep) {
            foreach ([...$result->missing, ...$result->extra] as $move) {
                $piece = $this->entities->find(Piece::class, $move->pieceId) ?? throw new \LogicException('A piece of the catalogue is there.');
                $this->book->move($piece, $move, $by->name(), sprintf('stock-take of %s', $tote->code()));
            }
            $this->journal->say(sprintf('Tote %s is counted', $tote->code()));
            $this->entities->flush();
        }
        $name = static fn(string $id): string => $catalogue[$id]->piece->name;
        $view = static fn(Move $move): StockTakeMoveAnswer => new StockTakeMoveAnswer(
            $move->pieceId,
            $name($move->pieceId),
            $move->count,
            $move->from->key(),
            $move->to->key(),
        );

        return new StockTakeAnswer(
            array_map($view, $result->missing),
            array_map($view, $result->extra),
            array_map(
                static fn(string $id, int $units): string => sprintf(
                    '%s: %d more than are owned. Raise its count in the cupboard if they are new.',
                    $name($id),
                    $units,
                ),
                array_keys($result->unknown),
                $result->unknown,
            ),
            $input->keep,
        );
    }
}
