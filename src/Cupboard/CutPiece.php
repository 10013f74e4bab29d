<?php

declare(strict_types=1);

namespace App\Cupboard;

use App\Entity\Person;
use App\Entity\Piece;
use App\Http\Body;
use App\Http\Fields;
use App\Journal\Journal;
use BrightCupboard\Core\Measure\Length;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** Cuts one unit of garland, ribbon, runner or beads: what is left is kept as stock, and so is the cut length unless it is used up. */
#[AsController]
final readonly class CutPiece
{
    public function __construct(
        private EntityManagerInterface $entities,
        private Cutting $cutting,
        private Places $places,
        private ReadPiece $read,
        private Journal $journal,
    ) {}

    #[Route('/api/homes/{home}/pieces/{piece}/cut', methods: ['POST'])]
    public function __invoke(Piece $piece, #[Body] CutInput $input, #[CurrentUser] Person $by): PiecesAnswer
    {
        $place = $this->places->read($piece->home(), 'place', $input->place);
        $lengths = $piece->home()->lengths();
        $fields = new Fields();
        $length = $fields->read('length', static fn(): Length => $lengths->read($input->length), Length::zero());
        $made = $fields->read('length', fn(): array => $this->cutting->off($piece, $place, $length, $input->isUsedUp, $by), []);
        $fields->complete();
        $left = $made[\count($made) - 1] ?? throw new \LogicException('A cut leaves something.');
        $this->journal->say($input->isUsedUp
            ? sprintf('%s is cut off %s and used up; left: %s', $lengths->writeRun($length), $piece->name(), $left->name())
            : sprintf('%s is cut: %s and %s', $piece->name(), $made[0]->name(), $left->name()));
        $this->entities->flush();

        return new PiecesAnswer(array_map($this->read->__invoke(...), [$piece, ...$made]));
    }
}
