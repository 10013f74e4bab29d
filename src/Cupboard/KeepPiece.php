<?php

declare(strict_types=1);

namespace App\Cupboard;

use App\Calendar\RenamedThings;
use App\Entity\Home;
use App\Entity\Person;
use App\Entity\Piece;
use App\Http\Body;
use App\Http\InvalidInput;
use App\Http\SameVersion;
use App\Journal\Journal;
use BrightCupboard\Core\Stock\PlaceKind;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** Takes a piece into the cupboard or changes one; a changed count is put right in the stock. */
#[AsController]
final readonly class KeepPiece
{
    public function __construct(
        private EntityManagerInterface $entities,
        private StockBook $book,
        private CorrectCount $correct,
        private Places $places,
        private ReadPiece $read,
        private RenamedThings $renamed,
        private Journal $journal,
    ) {}

    #[Route('/api/homes/{home}/pieces', name: 'addPiece', methods: ['POST'], defaults: ['_status' => 201])]
    #[Route('/api/homes/{home}/pieces/{piece}', name: 'changePiece', methods: ['PUT'])]
    public function __invoke(Home $home, ?Piece $piece, #[Body] PieceInput $input, #[CurrentUser] Person $by): PieceAnswer
    {
        $isNew = null === $piece;
        $piece ??= new Piece($home);
        if (!$isNew) {
            SameVersion::check($input->version, $piece->version(), $piece->name(), ($this->read)($piece));
        }
        $read = (new PieceReader($home))->read($piece->id(), $input);
        $this->refuseStrangeParts($home, $piece, $input);
        $place = $this->places->read($home, 'place', '' === $input->place ? PlaceKind::Loose->value : $input->place);
        if (!$isNew) {
            ($this->correct)($piece, $read[0]->count, $place, $by->name());
            $this->renamed->follow($home, [$piece->id()], $piece->name(), $read[0]->name);
        }
        $piece->describe($read[0], $read[1]);
        $this->entities->persist($piece);
        $this->journal->say(sprintf($isNew ? '%s is in the cupboard' : '%s is changed', $piece->name()));
        if ($isNew) {
            $this->book->bringIn($piece, $read[0]->count, $place, $by->name(), 'came in');
        }

        $this->entities->flush();

        return ($this->read)($piece);
    }

    private function refuseStrangeParts(Home $home, Piece $piece, PieceInput $input): void
    {
        foreach ($input->parts as $i => $part) {
            $isOurs = null === $part->piece || ($part->piece !== $piece->id() && $this->entities->find(Piece::class, $part->piece)?->home() === $home);
            if (!$isOurs) {
                throw InvalidInput::at("parts[{$i}]", sprintf('%s is not a piece that can be part of this one.', $part->name));
            }
        }
    }
}
