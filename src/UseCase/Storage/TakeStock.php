<?php

declare(strict_types=1);

namespace App\UseCase\Storage;

use App\Entity\Person;
use App\Entity\Piece;
use App\Entity\Tote;
use App\Http\InvalidInput;
use App\Input\StockTakeInput;
use App\Repository\Catalogue;
use App\Repository\StandingRepository;
use App\UseCase\Cupboard\StockBook;
use App\View\House\StockTakeMoveView;
use App\View\House\StockTakeView;
use BrightCupboard\Core\Stock\Move;
use BrightCupboard\Core\Storage\StockTake;
use Doctrine\ORM\EntityManagerInterface;

/** Compares a count of one tote with the books, and puts the books right when told to; every unit that moves is written down. */
final readonly class TakeStock
{
    public function __construct(private EntityManagerInterface $entities, private Catalogue $catalogue, private StandingRepository $standing, private StockBook $book) {}

    public function __invoke(Tote $tote, StockTakeInput $input, Person $by): StockTakeView
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
            $this->entities->wrapInTransaction(fn() => array_map(fn(Move $move): bool => $this->book->move($this->entities->find(Piece::class, $move->pieceId) ?? throw new \LogicException('A piece of the catalogue is there.'), $move, $by->name(), sprintf('stock-take of %s', $tote->code())), [...$result->missing, ...$result->extra]));
        }
        $name = static fn(string $id): string => $catalogue[$id]->piece->name;
        $view = static fn(Move $move): StockTakeMoveView => new StockTakeMoveView($move->pieceId, $name($move->pieceId), $move->count, $move->from->key(), $move->to->key());

        return new StockTakeView(
            array_map($view, $result->missing),
            array_map($view, $result->extra),
            array_map(static fn(string $id, int $units): string => sprintf('%s: %d more than are owned. Raise its count in the cupboard if they are new.', $name($id), $units), array_keys($result->unknown), $result->unknown),
            $input->keep,
        );
    }
}
