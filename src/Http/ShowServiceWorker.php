<?php

declare(strict_types=1);

namespace App\Http;

use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;

/** The worker that keeps the page on a device; it stands at the root, since it may only serve what lies below it. */
#[AsController]
final readonly class ShowServiceWorker
{
    public function __construct(private string $projectDir) {}

    #[Route('/sw.js', name: 'show_service_worker', methods: ['GET'], priority: 10)]
    public function __invoke(): Response
    {
        $script = @file_get_contents($this->projectDir . '/public/build/sw.js');

        return false === $script
            ? throw new NotFoundHttpException('The pages are not built yet: run bin/demo.')
            : new Response($script, headers: ['Content-Type' => 'text/javascript; charset=UTF-8', 'Cache-Control' => 'no-cache']);
    }
}
