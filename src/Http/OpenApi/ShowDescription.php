<?php

declare(strict_types=1);

namespace App\Http\OpenApi;

use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class ShowDescription
{
    public function __construct(private ApiDescription $description) {}

    #[Route('/api/openapi.json', methods: ['GET'])]
    public function __invoke(): Response
    {
        return new Response($this->description->json(), headers: ['Content-Type' => 'application/json']);
    }
}
