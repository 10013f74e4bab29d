<?php

declare(strict_types=1);

namespace App\Look;

use App\Entity\Look;
use App\Http\FileAnswer;
use BrightCupboard\Core\Colour\GimpPalette;
use BrightCupboard\Core\Look\Ribbon;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** The ribbons of a look as a GIMP palette file. */
#[AsController]
final readonly class WritePalette
{
    #[Route('/api/homes/{home}/looks/{look}/palette', methods: ['GET'])]
    public function __invoke(Look $look): FileAnswer
    {
        $l = $look->look();
        $palette = new GimpPalette(
            $l->name,
            array_map(static fn(Ribbon $ribbon): array => ['colour' => $ribbon->colour, 'name' => $ribbon->name], $l->ribbons),
        );

        return new FileAnswer($palette->write(), 'text/plain; charset=utf-8', $l->name . '.gpl');
    }
}
