<?php

declare(strict_types=1);

namespace App\UseCase\Intake;

use App\Entity\Home;
use App\Input\IntakeInput;
use App\View\Intake\IntakeView;
use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Intake\IntakeLine;

/** Reads a line about a piece without keeping anything. */
final readonly class ReadLine
{
    public function __construct(private KnownPlaces $places, private ColourNames $names) {}

    public function __invoke(Home $home, IntakeInput $input): IntakeView
    {
        return IntakeView::of((new IntakeLine($home->unit(), $home->currency(), $this->places->of($home), $this->names))->read($input->line));
    }
}
