<?php

declare(strict_types=1);

namespace App\Cupboard;

use App\Entity\Person;
use App\Entity\Piece;
use App\Entity\PieceRecord;
use App\Http\InvalidInput;
use App\Repository\Catalogue;
use App\Repository\HouseRepository;
use App\Repository\StandingRepository;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Money\Money;
use BrightCupboard\Core\Stock\Cut;
use BrightCupboard\Core\Stock\CutPart;
use BrightCupboard\Core\Stock\InvalidStock;
use BrightCupboard\Core\Stock\Makeup;
use BrightCupboard\Core\Stock\Move;
use BrightCupboard\Core\Stock\Place;
use BrightCupboard\Core\Stock\PlaceKind;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;

/**
 * Cuts a length off one unit: the unit leaves, what is left comes in, and so does what was cut unless it is used
 * up at once. Weight and cost are shared by length.
 */
final readonly class Cutting
{
    public function __construct(
        private EntityManagerInterface $entities,
        private Catalogue $catalogue,
        private StockBook $book,
        private HouseRepository $house,
        private StandingRepository $standing,
        private ClockInterface $clock,
    ) {}

    /**
     * @return list<Piece> what came of it: what was cut when it is kept, then what is left
     *
     * @throws InvalidStock when such a length cannot be cut off it
     * @throws InvalidInput when none of it is at the place
     */
    public function off(Piece $piece, Place $place, Length $length, bool $isUsedUp, Person $by): array
    {
        $entry = $this->catalogue->one($piece->id()) ?? throw new \LogicException('A piece that was found is in the catalogue.');
        $record = $piece->record();
        [$cut, $rest] = [new Piece($piece->home()), new Piece($piece->home())];
        [$part, $left] = (new Cut($piece->home()->lengths()))->at($entry->piece, $record->makeup->laidOut, $length, $cut->id(), $rest->id());
        $share = static fn(Money $money): Money => $money->share($part->run->tenths(), $part->run->tenths() + $left->run->tenths());
        [$cost, $replacement] = [$share($record->costEach), $share($record->replacementEach)];
        $this->takeAway($piece, $place, $by, 'cut in two');
        if (!$isUsedUp) {
            $this->keep($piece, $cut, $part, $cost, $replacement, $place, $by);
        }
        $this->keep($piece, $rest, $left, $record->costEach->minus($cost), $record->replacementEach->minus($replacement), $place, $by);
        $this->forgetUsedUp($piece);

        return $isUsedUp ? [$rest] : [$cut, $rest];
    }

    /** One unit is used up whole: nothing is left of it. */
    public function whole(Piece $piece, Place $place, Person $by): void
    {
        $this->takeAway($piece, $place, $by, 'used up');
        $this->forgetUsedUp($piece);
    }

    private function takeAway(Piece $piece, Place $place, Person $by, string $cause): void
    {
        if (!$this->book->move($piece, new Move($piece->id(), 1, $place, Place::of(PlaceKind::Parted)), $by->name(), $cause)) {
            throw InvalidInput::at('place', sprintf('None of %s is at %s.', $piece->name(), $this->house->placeName($place)));
        }
    }

    /** A roll of which every unit is cut is gone from lists; what it was is in its parts and in the journal. */
    private function forgetUsedUp(Piece $piece): void
    {
        $this->entities->flush();
        if (0 === $this->standing->ofPiece($piece)->owned($piece->id())) {
            $piece->remove($this->clock->now());
        }
    }

    private function keep(Piece $whole, Piece $entity, CutPart $part, Money $cost, Money $replacement, Place $place, Person $by): void
    {
        $record = $whole->record();
        $entity->describe(
            $part->piece,
            new PieceRecord(
                $record->shape,
                $record->pattern,
                $record->origin,
                $cost,
                $replacement,
                $record->cameOn,
                $record->care,
                new Makeup(laidOut: $part->isRolled ? $part->run : null),
                assumed: $record->assumed,
            ),
        );
        $this->entities->persist($entity);
        $this->book->bringIn($entity, 1, $place, $by->name(), 'cut from ' . mb_substr($whole->name(), 0, 100));
    }
}
