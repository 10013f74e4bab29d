<?php

declare(strict_types=1);

namespace App\UseCase\Cupboard;

use App\Entity\Person;
use App\Entity\Piece;
use App\Entity\PieceRecord;
use App\Http\Fields;
use App\Http\InvalidInput;
use App\Input\CutInput;
use App\Repository\Catalogue;
use App\Repository\HouseRepository;
use App\View\Cupboard\PiecesView;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Stock\Cut;
use BrightCupboard\Core\Stock\Move;
use BrightCupboard\Core\Stock\Piece as CorePiece;
use BrightCupboard\Core\Stock\Place;
use BrightCupboard\Core\Stock\PlaceKind;
use Doctrine\ORM\EntityManagerInterface;

/** Cuts one unit of garland, ribbon, runner or beads: two pieces where there was one, the offcut kept as stock. */
final readonly class CutPiece
{
    public function __construct(private EntityManagerInterface $entities, private Catalogue $catalogue, private StockBook $book, private Places $places, private HouseRepository $house, private ReadPiece $read) {}

    public function __invoke(Piece $piece, CutInput $input, Person $by): PiecesView
    {
        $entry = $this->catalogue->one($piece->id()) ?? throw new \LogicException('A piece that was found is in the catalogue.');
        $place = $this->places->read($piece->home(), 'place', $input->place);
        [$cut, $offcut] = [new Piece($piece->home()), new Piece($piece->home())];
        $fields = new Fields();
        $length = $fields->read('length', static fn(): Length => $piece->home()->lengths()->read($input->length), Length::zero());
        $two = $fields->read('length', static fn(): array => (new Cut($piece->home()->lengths()))->at($entry->piece, $length, $cut->id(), $offcut->id()), []);
        $fields->complete();
        $this->entities->wrapInTransaction(function () use ($piece, $place, $cut, $offcut, $two, $by): void {
            if (!$this->book->move($piece, new Move($piece->id(), 1, $place, Place::of(PlaceKind::Parted)), $by->name(), 'cut in two')) {
                throw InvalidInput::at('place', sprintf('None of %s is at %s.', $piece->name(), $this->house->placeName($place)));
            }
            foreach ([[$cut, $two[0] ?? null], [$offcut, $two[1] ?? null]] as [$entity, $part]) {
                $this->keep($piece, $entity, $part ?? throw new \LogicException('A cut makes two.'), $place, $by->name());
            }
        });

        return new PiecesView(array_map($this->read->__invoke(...), [$piece, $cut, $offcut]));
    }

    private function keep(Piece $whole, Piece $entity, CorePiece $part, Place $place, string $by): void
    {
        $record = $whole->record();
        $share = $part->size->width->tenths();
        $all = max(1, ($this->catalogue->one($whole->id())->piece->size->width ?? Length::zero())->tenths());
        $entity->describe($part, new PieceRecord($record->shape, $record->pattern, $record->origin, $record->costEach->share($share, $all), $record->replacementEach->share($share, $all), $record->cameOn, $record->care));
        $this->entities->persist($entity);
        $this->book->bringIn($entity, 1, $place, $by, 'cut from ' . mb_substr($whole->name(), 0, 100));
    }
}
