<?php

declare(strict_types=1);

namespace App\Intake;

use App\Entity\Home;
use App\Entity\Role;
use App\Http\Allowed;
use App\Http\Body;
use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Intake\IntakeLine;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Reads a line about a piece without keeping anything. */
#[AsController]
#[Allowed(Role::Guest)]
final readonly class ReadLine
{
    public function __construct(private KnownPlaces $places, private ColourNames $names) {}

    #[Route('/api/homes/{home}/intake/reading', methods: ['POST'])]
    public function __invoke(Home $home, #[Body] IntakeInput $input): IntakeAnswer
    {
        return IntakeAnswer::of((new IntakeLine($home->unit(), $home->currency(), $this->places->of($home), $this->names))->read($input->line), $this->names);
    }
}
