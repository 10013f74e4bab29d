<?php

declare(strict_types=1);

namespace App\Http;

use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Every address of the application is one page; the script in it draws the rest. */
#[AsController]
final readonly class ShowPage
{
    public function __construct(private string $projectDir) {}

    #[Route('/{path}', requirements: ['path' => '(?!api/|build/).*'], methods: ['GET'], priority: -100)]
    public function __invoke(): Response
    {
        $page = @file_get_contents($this->projectDir . '/public/build/index.html');

        return false === $page
            ? new Response('The pages are not built yet: run bin/demo.', Response::HTTP_SERVICE_UNAVAILABLE, ['Content-Type' => 'text/plain; charset=UTF-8'])
            : new Response($page, headers: ['Content-Type' => 'text/html; charset=UTF-8', 'Cache-Control' => 'no-cache']);
    }
}
