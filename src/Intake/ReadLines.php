<?php

declare(strict_types=1);

namespace App\Intake;

use App\Entity\Home;
use App\Entity\Role;
use App\Http\Allowed;
use App\Http\Body;
use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Intake\IntakeLine;
use BrightCupboard\Core\Intake\IntakeLines;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Reads several lines about pieces without keeping anything. */
#[AsController]
#[Allowed(Role::Guest)]
final readonly class ReadLines
{
    public function __construct(private KnownPlaces $places, private ColourNames $names) {}

    #[Route('/api/homes/{home}/intake/readings', methods: ['POST'])]
    public function __invoke(Home $home, #[Body] LinesInput $input): LinesReadAnswer
    {
        $lines = (new IntakeLines(new IntakeLine($home->unit(), $home->currency(), $this->places->of($home), $this->names)))->read($input->text);

        return new LinesReadAnswer(array_map(
            fn(array $one): LineReadAnswer => new LineReadAnswer($one['line'], IntakeAnswer::of($one['reading'], $this->names), $one['under']),
            $lines,
        ));
    }
}
