<?php

declare(strict_types=1);

namespace App\Look;

use App\Entity\Role;
use App\Http\Allowed;
use App\Http\Body;
use App\Http\Fields;
use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Colour\GimpPalette;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Reads a palette file; a colour without a name is given the nearest plain word. */
#[AsController]
#[Allowed(Role::Guest)]
final readonly class ReadPalette
{
    public function __construct(private ColourNames $names) {}

    #[Route('/api/homes/{home}/colours/palette', methods: ['POST'])]
    public function __invoke(#[Body] PaletteInput $input): PaletteAnswer
    {
        $fields = new Fields();
        $palette = $fields->read('text', static fn(): GimpPalette => GimpPalette::read($input->text), new GimpPalette('', []));
        $fields->complete();

        return new PaletteAnswer(
            $palette->name,
            array_map(
                fn(array $entry): NamedColourAnswer => new NamedColourAnswer(
                    $entry['colour']->hex(),
                    '' === $entry['name'] ? $this->names->of($entry['colour']) : $entry['name'],
                ),
                $palette->entries,
            ),
        );
    }
}
