<?php

declare(strict_types=1);

namespace App\Controller;

use App\Http\OpenApi\ApiDescription;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class OpenApiController
{
    public function __construct(private ApiDescription $description) {}

    #[Route('/api/openapi.json', methods: ['GET'])]
    public function __invoke(): Response
    {
        return new Response($this->description->json(), headers: ['Content-Type' => 'application/json']);
    }
}
