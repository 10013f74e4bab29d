<?php

declare(strict_types=1);

namespace App\Cupboard;

use App\Entity\Home;
use App\Entity\Person;
use App\Entity\Piece;
use App\Entity\PieceRecord;
use App\Http\Body;
use App\Http\Fields;
use App\Http\InvalidInput;
use App\Journal\Journal;
use App\Repository\Catalogue;
use App\Repository\HouseRepository;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\Size;
use BrightCupboard\Core\Money\Money;
use BrightCupboard\Core\Stock\Arrangement;
use BrightCupboard\Core\Stock\Makeup;
use BrightCupboard\Core\Stock\PartUnits;
use BrightCupboard\Core\Stock\Piece as CorePiece;
use BrightCupboard\Core\Stock\PieceKind;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** Puts units of owned pieces together into an arrangement, or says what would come of it: its parts stay owned, as parts. */
#[AsController]
final readonly class PutTogether
{
    public function __construct(
        private EntityManagerInterface $entities,
        private Catalogue $catalogue,
        private StockBook $book,
        private Places $places,
        private PartsOfArrangement $parts,
        private HouseRepository $house,
        private ReadPiece $read,
        private ClockInterface $clock,
        private Journal $journal,
    ) {}

    #[Route('/api/homes/{home}/arrangements', methods: ['POST'])]
    public function __invoke(Home $home, #[Body] TogetherInput $input, #[CurrentUser] Person $by): TogetherAnswer
    {
        $entities = $this->pieces($home, $input->parts);
        $fields = new Fields();
        $arrangement = $fields->read(
            'parts',
            fn(): Arrangement => new Arrangement(array_map(
                fn(PartUnitsInput $part): PartUnits => new PartUnits($this->core($part->piece), $part->units),
                $input->parts,
            )),
            null,
        );
        $fields->complete();
        $arrangement ??= throw new \LogicException('An arrangement that was read is complete.');
        $made = new Piece($home);
        $size = $this->size($home, $arrangement, $input);
        $piece = $arrangement->piece($made->id(), trim($input->name), $input->kind, $size);
        $place = $this->places->read($home, 'place', $input->place);
        $record = $this->record($arrangement, $input->kind, $entities);
        $sources = $this->sources($arrangement, $entities);
        if (!$input->keep) {
            return TogetherAnswer::of($piece, $record, $sources, null);
        }
        $made->describe($piece, $record);
        $this->entities->persist($made);
        foreach ($arrangement->parts as $part) {
            $this->parts->takeIn($made, $entities[$part->piece->id], $part->units, $by->name());
        }
        $this->book->bringIn($made, 1, $place, $by->name(), 'put together');
        $this->journal->say(sprintf('%s is put together', $made->name()));
        $this->entities->flush();

        return TogetherAnswer::of($piece, $record, $sources, ($this->read)($made));
    }

    /**
     * @param list<PartUnitsInput> $parts
     *
     * @return array<string, Piece> by id
     */
    private function pieces(Home $home, array $parts): array
    {
        $pieces = [];
        foreach ($parts as $part) {
            $piece = $this->entities->find(Piece::class, $part->piece);
            if (null === $piece || $piece->home() !== $home || $piece->isRemoved()) {
                throw InvalidInput::at('parts', 'One of these pieces is not in the cupboard any more.');
            }
            $pieces[$piece->id()] = $piece;
        }

        return $pieces;
    }

    /**
     * It is worth what its parts are; what has no replacement value counts at its cost.
     *
     * @param array<string, Piece> $entities
     */
    private function record(Arrangement $arrangement, PieceKind $kind, array $entities): PieceRecord
    {
        return new PieceRecord(
            PieceKind::Arrangement === $kind ? $this->shape($arrangement, $entities) : '',
            '',
            'put together',
            $this->sum($arrangement, $entities, static fn(PieceRecord $record): Money => $record->costEach),
            $this->sum(
                $arrangement,
                $entities,
                static fn(PieceRecord $record): Money => 0 === $record->replacementEach->minor ? $record->costEach : $record->replacementEach,
            ),
            $this->clock->now()->setTime(0, 0),
            '',
            new Makeup(parts: $arrangement->makeup()),
        );
    }

    /**
     * An arrangement is drawn with the stems of its bunch.
     *
     * @param array<string, Piece> $entities
     */
    private function shape(Arrangement $arrangement, array $entities): string
    {
        foreach ($arrangement->parts as $part) {
            if (PieceKind::Bunch === $part->piece->kind) {
                return $entities[$part->piece->id]->record()->shape;
            }
        }

        return '';
    }

    private function core(string $id): CorePiece
    {
        return $this->catalogue->one($id)->piece ?? throw new \LogicException('A piece that was found is in the catalogue.');
    }

    private function size(Home $home, Arrangement $arrangement, TogetherInput $input): Size
    {
        $fields = new Fields();
        $first = $arrangement->size();
        $side = static fn(string $field, string $text, Length $otherwise): Length => '' === trim($text)
            ? $otherwise
            : $fields->read($field, static fn(): Length => $home->lengths()->read($text), $otherwise);
        $size = new Size(
            $side('width', $input->width, $first->width),
            $side('depth', $input->depth, $first->depth),
            $side('height', $input->height, $first->height),
        );
        $fields->complete();

        return $size;
    }

    /**
     * @param array<string, Piece>          $entities
     * @param \Closure(PieceRecord): Money  $each
     */
    private function sum(Arrangement $arrangement, array $entities, \Closure $each): Money
    {
        return Money::sum(array_map(
            static fn(PartUnits $part): Money => $each($entities[$part->piece->id]->record())->times($part->units),
            $arrangement->parts,
        ));
    }

    /**
     * @param array<string, Piece> $entities
     *
     * @return list<SourceAnswer>
     */
    private function sources(Arrangement $arrangement, array $entities): array
    {
        $sources = [];
        foreach ($arrangement->parts as $part) {
            foreach ($this->parts->sources($entities[$part->piece->id], $part->units) as [$place, $units]) {
                $sources[] = new SourceAnswer($part->piece->name, $units, $this->house->placeName($place));
            }
        }

        return $sources;
    }
}
