<?php

declare(strict_types=1);

namespace App\Cupboard;

use App\Entity\Person;
use App\Entity\Piece;
use App\Entity\PieceRecord;
use App\Http\Body;
use App\Http\Fields;
use App\Http\InvalidInput;
use App\Journal\Journal;
use App\Repository\Catalogue;
use App\Repository\HouseRepository;
use App\Repository\StandingRepository;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Money\Money;
use BrightCupboard\Core\Stock\Cut;
use BrightCupboard\Core\Stock\CutPart;
use BrightCupboard\Core\Stock\Makeup;
use BrightCupboard\Core\Stock\Move;
use BrightCupboard\Core\Stock\Place;
use BrightCupboard\Core\Stock\PlaceKind;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** Cuts one unit of garland, ribbon, runner or beads: what is left is kept as stock, and so is the cut length unless it is used up. */
#[AsController]
final readonly class CutPiece
{
    public function __construct(private EntityManagerInterface $entities, private Catalogue $catalogue, private StockBook $book, private Places $places, private HouseRepository $house, private ReadPiece $read, private StandingRepository $standing, private ClockInterface $clock, private Journal $journal) {}

    #[Route('/api/homes/{home}/pieces/{piece}/cut', methods: ['POST'])]
    public function __invoke(Piece $piece, #[Body] CutInput $input, #[CurrentUser] Person $by): PiecesAnswer
    {
        $entry = $this->catalogue->one($piece->id()) ?? throw new \LogicException('A piece that was found is in the catalogue.');
        $place = $this->places->read($piece->home(), 'place', $input->place);
        $record = $piece->record();
        [$cut, $rest] = [new Piece($piece->home()), new Piece($piece->home())];
        $fields = new Fields();
        $length = $fields->read('length', static fn(): Length => $piece->home()->lengths()->read($input->length), Length::zero());
        $two = $fields->read('length', static fn(): array => (new Cut($piece->home()->lengths()))->at($entry->piece, $record->makeup->laidOut, $length, $cut->id(), $rest->id()), []);
        $fields->complete();
        [$part, $left] = [$two[0] ?? null, $two[1] ?? null];
        if (null === $part || null === $left) {
            throw new \LogicException('A cut makes two.');
        }
        $share = static fn(Money $money): Money => $money->share($part->run->tenths(), $part->run->tenths() + $left->run->tenths());
        [$cost, $replacement] = [$share($record->costEach), $share($record->replacementEach)];
        if (!$this->book->move($piece, new Move($piece->id(), 1, $place, Place::of(PlaceKind::Parted)), $by->name(), 'cut in two')) {
            throw InvalidInput::at('place', sprintf('None of %s is at %s.', $piece->name(), $this->house->placeName($place)));
        }
        if (!$input->isUsedUp) {
            $this->keep($piece, $cut, $part, $cost, $replacement, $place, $by->name());
        }
        $this->keep($piece, $rest, $left, $record->costEach->minus($cost), $record->replacementEach->minus($replacement), $place, $by->name());

        $this->forgetUsedUp($piece);
        $this->journal->say($input->isUsedUp
            ? sprintf('%s is cut off %s and used up; left: %s', $piece->home()->lengths()->writeRun($part->run), $piece->name(), $left->piece->name)
            : sprintf('%s is cut: %s and %s', $piece->name(), $part->piece->name, $left->piece->name));
        $this->entities->flush();

        return new PiecesAnswer(array_map($this->read->__invoke(...), $input->isUsedUp ? [$piece, $rest] : [$piece, $cut, $rest]));
    }

    /** A roll of which every unit is cut is gone from lists; what it was is in its parts and in the journal. */
    private function forgetUsedUp(Piece $piece): void
    {
        $this->entities->flush();
        if (0 === $this->standing->ofPiece($piece)->owned($piece->id())) {
            $piece->remove($this->clock->now());
        }
    }

    private function keep(Piece $whole, Piece $entity, CutPart $part, Money $cost, Money $replacement, Place $place, string $by): void
    {
        $record = $whole->record();
        $entity->describe($part->piece, new PieceRecord($record->shape, $record->pattern, $record->origin, $cost, $replacement, $record->cameOn, $record->care, new Makeup(laidOut: $part->isRolled ? $part->run : null)));
        $this->entities->persist($entity);
        $this->book->bringIn($entity, 1, $place, $by, 'cut from ' . mb_substr($whole->name(), 0, 100));
    }
}
