<?php

declare(strict_types=1);

namespace App\Intake;

use App\Cupboard\ColourInput;
use App\Cupboard\PieceAnswer;
use App\Cupboard\Places;
use App\Cupboard\ReadPiece;
use App\Entity\Home;
use App\Entity\Person;
use App\Http\Body;
use App\Http\Fields;
use App\Http\InvalidInput;
use App\Journal\Journal;
use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Intake\IntakeLine;
use BrightCupboard\Core\Intake\Question;
use BrightCupboard\Core\Stock\PlaceKind;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** Takes the piece of a line into the cupboard; a line with anything left to ask is refused with the question. */
#[AsController]
final readonly class TakeLine
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

    #[Route('/api/homes/{home}/intake', methods: ['POST'], defaults: ['_status' => 201])]
    public function __invoke(Home $home, #[Body] TakeLineInput $input, #[CurrentUser] Person $by): PieceAnswer
    {
        $reading = (new IntakeLine($home->unit(), $home->currency(), $this->known->of($home), $this->names))->read($input->line);
        $open = array_filter($reading->questions, static fn(Question $question): bool => 'colours' !== $question->field || [] === $input->colours);
        foreach ($open as $question) {
            throw InvalidInput::at($question->field, $question->sentence);
        }
        $fields = new Fields();
        $colours = [] === $input->colours
            ? $reading->colours
            : $fields->read(
                'colours',
                static fn(): array => ColourShare::complete(array_map(
                    static fn(ColourInput $c): ColourShare => new ColourShare(Srgb::ofHex($c->hex), $c->percent),
                    $input->colours,
                )),
                [],
            );
        $fields->complete();
        $place = $this->places->read($home, 'otherwise', $reading->place ?? ('' === $input->otherwise ? PlaceKind::Loose->value : $input->otherwise));
        $piece = $this->keep->asPiece($home, $reading, $colours, [['place' => $place, 'units' => $reading->count]], $by->name());
        $this->journal->say(sprintf('%s is in the cupboard', $piece->name()));
        $this->entities->flush();

        return ($this->read)($piece);
    }
}
