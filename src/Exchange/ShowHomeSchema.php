<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Http\FileAnswer;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** The published schema of home documents. */
#[AsController]
final readonly class ShowHomeSchema
{
    #[Route('/api/home-schema', methods: ['GET'])]
    public function __invoke(): FileAnswer
    {
        return FileAnswer::shown(
            json_encode(HomeSchema::schema(), \JSON_THROW_ON_ERROR | \JSON_PRETTY_PRINT | \JSON_UNESCAPED_SLASHES) . "\n",
            'application/schema+json',
            'home.schema.json',
        );
    }
}
