<?php

declare(strict_types=1);

namespace App\Haul;

use App\Cupboard\StockBook;
use App\Entity\HaulLine;
use App\Entity\HaulWay;
use App\Entity\Person;
use App\Entity\Piece;
use App\Entity\PieceRecord;
use App\Entity\Tote;
use App\Http\Body;
use App\Http\Conflict;
use App\Http\SameVersion;
use App\Journal\Journal;
use App\Repository\Catalogue;
use App\Repository\PlacementRepository;
use App\Repository\StandingRepository;
use App\Totes\ToteCodes;
use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Measure\Size;
use BrightCupboard\Core\Measure\Weight;
use BrightCupboard\Core\Money\LineState;
use BrightCupboard\Core\Stock\FaceTurn;
use BrightCupboard\Core\Stock\Finish;
use BrightCupboard\Core\Stock\Makeup;
use BrightCupboard\Core\Stock\Move;
use BrightCupboard\Core\Stock\Piece as CorePiece;
use BrightCupboard\Core\Stock\Place;
use BrightCupboard\Core\Stock\PlaceKind;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** Moves a haul line on: what is got becomes a piece in the cupboard, what is returned leaves it again. */
#[AsController]
final readonly class AdvanceLine
{
    public function __construct(
        private EntityManagerInterface $entities,
        private StockBook $book,
        private StandingRepository $standing,
        private PlacementRepository $placements,
        private Catalogue $catalogue,
        private ClockInterface $clock,
        private Journal $journal,
        private ToteCodes $codes,
    ) {}

    #[Route('/api/homes/{home}/lines/{line}/state', methods: ['PUT'])]
    public function __invoke(HaulLine $line, #[Body] LineStateInput $input, #[CurrentUser] Person $by): LineAnswer
    {
        SameVersion::check($input->version, $line->version(), 'This line', LineAnswer::of($line));
        if (!\in_array($input->state, $line->state()->next(), true)) {
            throw new Conflict(
                sprintf('%s is %s; from there it cannot become %s.', $line->name(), $line->state()->value, $input->state->value),
                LineAnswer::of($line),
            );
        }
        match (true) {
            null !== $line->restyles() => $this->restyle($line, $input->state),
            null !== $line->toteInside() => LineState::Got === $input->state ? $this->putUp($line, $line->toteInside()) : null,
            LineState::Got === $input->state => $this->get($line, $by->name()),
            LineState::Returned === $input->state => $this->giveBack($line, $by->name()),
            default => null,
        };
        $line->goOnTo($input->state);
        $this->journal->say(
            LineState::Got === $input->state && null === $line->restyles() && null === $line->toteInside()
                ? sprintf('%s is in the cupboard', $line->name())
                : sprintf('%s: %s', $line->name(), $input->state->value),
        );
        $this->entities->flush();

        return LineAnswer::of($line);
    }

    /** Totes that were bought stand ready to be packed, each with a code of its own. */
    private function putUp(HaulLine $line, Size $inside): void
    {
        $home = $line->home();
        $units = $line->price()->packs * $line->packSize();
        for ($number = 1; $units > 0; ++$number) {
            $code = 'N' . $number;
            if (null === $this->codes->taken($home, $code, null)) {
                $this->entities->persist(new Tote($home, $code, 'new, no place yet', $inside));
                --$units;
            }
        }
    }

    /** Done, the piece shows its new side and keeps the old one as a face; given back, it shows the old one again. */
    private function restyle(HaulLine $line, LineState $state): void
    {
        $piece = $this->entities->find(Piece::class, $line->restyles() ?? '');
        $entry = null === $piece ? null : $this->catalogue->one($piece->id());
        if (null === $piece || null === $entry || !\in_array($state, [LineState::Got, LineState::Returned], true)) {
            return;
        }
        $makeup = $piece->record()->makeup;
        $last = $makeup->faces[\count($makeup->faces) - 1] ?? null;
        $turned = LineState::Got === $state
            ? (new FaceTurn())->into($entry->piece, $makeup, $line->restyledColours())
            : (null === $last ? null : (new FaceTurn())->to($entry->piece, $makeup, $last->name));
        if (null !== $turned) {
            $piece->turned(...$turned);
        }
    }

    private function get(HaulLine $line, string $by): void
    {
        [$price, $thing, $swap] = [$line->price(), $line->thing(), $line->swap()];
        $units = $price->packs * $line->packSize();
        $facts = $thing->kind->facts();
        $piece = new Piece($swap->home());
        $piece->describe(
            new CorePiece(
                $piece->id(),
                $line->name(),
                $thing->kind,
                min($units, CorePiece::MOST),
                new Size($thing->width, $thing->depth(), $thing->height),
                Weight::ofGrams(0),
                [new ColourShare($thing->colour, 100)],
                array_values(array_filter([$facts->material])),
                Finish::Plain,
                [$swap->season()],
                $facts->hazards,
            ),
            new PieceRecord('', '', match ($line->way()) {
                HaulWay::Buy => 'bought', HaulWay::Borrow => 'borrowed', default => 'made',
            }, $price->perPiece, $line->packPrice()->share(1, $line->packSize()), $this->clock->now()->setTime(0, 0), '', new Makeup(laidOut: $line->run())),
        );
        $piece->gotFor($swap->id());
        $line->became($piece->id());
        $this->entities->persist($piece);
        $this->book->bringIn($piece, $piece->count(), Place::of(PlaceKind::Arrived), $by, 'got for ' . $swap->name());
    }

    private function giveBack(HaulLine $line, string $by): void
    {
        $piece = $this->entities->find(Piece::class, $line->becamePiece() ?? '');
        if (null === $piece) {
            return;
        }
        $planned = $this->placements->ofPiece($line->swap(), $piece);
        if ([] !== $planned) {
            throw new Conflict(sprintf('%s is planned for %s. Take it off there before it goes back.', $piece->name(), $planned[0]->spot()->name()));
        }
        foreach ($this->standing->ofPiece($piece)->of($piece->id()) as $key => $units) {
            $this->book->move($piece, new Move($piece->id(), $units, Place::ofKey($key), Place::of(PlaceKind::Parted)), $by, 'returned');
        }
        $piece->remove($this->clock->now());
    }
}
