<?php

declare(strict_types=1);

namespace App\Intake;

use App\Cupboard\Places;
use App\Cupboard\ReadPiece;
use App\Entity\Home;
use App\Entity\Person;
use App\Entity\Piece;
use App\Http\Body;
use App\Http\InvalidInput;
use App\Journal\Journal;
use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Intake\IntakeLine;
use BrightCupboard\Core\Stock\PlaceKind;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** Takes the pieces of several lines in as one act; with anything left to ask in one of them, none is taken. */
#[AsController]
final readonly class TakeLines
{
    public function __construct(
        private KnownPlaces $known,
        private Places $places,
        private KeepReading $keep,
        private ColourNames $names,
        private ReadPiece $read,
        private EntityManagerInterface $entities,
        private Journal $journal,
    ) {}

    #[Route('/api/homes/{home}/intake/lines', methods: ['POST'], defaults: ['_status' => 201])]
    public function __invoke(Home $home, #[Body] TakeLinesInput $input, #[CurrentUser] Person $by): LinesTakenAnswer
    {
        $reader = new IntakeLine($home->unit(), $home->currency(), $this->known->of($home), $this->names);
        $pieces = [];
        foreach ($input->lines as $i => $one) {
            $reading = $reader->read($one->line);
            foreach ($reading->questions as $question) {
                throw InvalidInput::at("lines[{$i}]", sprintf('“%s”: %s', mb_strimwidth($one->line, 0, 60, '…'), $question->sentence));
            }
            $place = $this->places->read($home, "lines[{$i}]", $reading->place ?? ('' === $one->otherwise ? PlaceKind::Loose->value : $one->otherwise));
            $pieces[] = $this->keep->asPiece($home, $reading, $reading->colours, [['place' => $place, 'units' => $reading->count]], $by->name());
        }
        $this->journal->say(1 === \count($pieces)
            ? sprintf('%s is in the cupboard', $pieces[0]->name())
            : sprintf('%d pieces are in the cupboard', \count($pieces)));
        $this->entities->flush();

        return new LinesTakenAnswer(array_map(fn(Piece $piece) => ($this->read)($piece), $pieces));
    }
}
