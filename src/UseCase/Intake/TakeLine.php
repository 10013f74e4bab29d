<?php

declare(strict_types=1);

namespace App\UseCase\Intake;

use App\Entity\Home;
use App\Entity\Person;
use App\Http\Fields;
use App\Http\InvalidInput;
use App\Input\ColourInput;
use App\Input\TakeLineInput;
use App\UseCase\Cupboard\Places;
use App\UseCase\Cupboard\ReadPiece;
use App\View\Cupboard\PieceView;
use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Intake\IntakeLine;
use BrightCupboard\Core\Intake\Question;
use BrightCupboard\Core\Stock\PlaceKind;
use Doctrine\ORM\EntityManagerInterface;

/** Takes the piece of a line into the cupboard; a line with anything left to ask is refused with the question. */
final readonly class TakeLine
{
    public function __construct(private KnownPlaces $known, private Places $places, private KeepReading $keep, private ColourNames $names, private ReadPiece $read, private EntityManagerInterface $entities) {}

    public function __invoke(Home $home, TakeLineInput $input, Person $by): PieceView
    {
        $reading = (new IntakeLine($home->unit(), $home->currency(), $this->known->of($home), $this->names))->read($input->line);
        $open = array_filter($reading->questions, static fn(Question $question): bool => 'colours' !== $question->field || [] === $input->colours);
        foreach ($open as $question) {
            throw InvalidInput::at($question->field, $question->sentence);
        }
        $fields = new Fields();
        $colours = [] === $input->colours ? $reading->colours : $fields->read('colours', static fn(): array => ColourShare::complete(array_map(static fn(ColourInput $c): ColourShare => new ColourShare(Srgb::ofHex($c->hex), $c->percent), $input->colours)), []);
        $fields->complete();
        $place = $this->places->read($home, 'otherwise', $reading->place ?? ('' === $input->otherwise ? PlaceKind::Loose->value : $input->otherwise));
        $piece = $this->entities->wrapInTransaction(fn() => $this->keep->asPiece($home, $reading, $colours, [['place' => $place, 'units' => $reading->count]], $by->name()));

        return ($this->read)($piece);
    }
}
