<?php

declare(strict_types=1);

namespace App\Http;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ViewEvent;
use Symfony\Component\HttpKernel\KernelEvents;

/** Turns the view a controller returns into JSON: 204 for nothing, 201 where the route says something was made. */
#[AsEventListener(KernelEvents::VIEW)]
final readonly class ViewListener
{
    public function __invoke(ViewEvent $event): void
    {
        $view = $event->getControllerResult();
        $status = $event->getRequest()->attributes->getInt('_status', Response::HTTP_OK);
        $response = null === $view ? new Response(status: Response::HTTP_NO_CONTENT) : new JsonResponse($view, $status);
        $response->headers->set('Cache-Control', 'no-store');
        $event->setResponse($response);
    }
}
