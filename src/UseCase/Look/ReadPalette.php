<?php

declare(strict_types=1);

namespace App\UseCase\Look;

use App\Http\Fields;
use App\Input\PaletteInput;
use App\View\Look\NamedColourView;
use App\View\Look\PaletteView;
use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Colour\GimpPalette;

/** Reads a palette file; a colour without a name is given the nearest plain word. */
final readonly class ReadPalette
{
    public function __construct(private ColourNames $names) {}

    public function __invoke(PaletteInput $input): PaletteView
    {
        $fields = new Fields();
        $palette = $fields->read('text', static fn(): GimpPalette => GimpPalette::read($input->text), new GimpPalette('', []));
        $fields->complete();

        return new PaletteView($palette->name, array_map(fn(array $entry): NamedColourView => new NamedColourView($entry['colour']->hex(), '' === $entry['name'] ? $this->names->of($entry['colour']) : $entry['name']), $palette->entries));
    }
}
