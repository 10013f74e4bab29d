<?php

declare(strict_types=1);

namespace App\Calendar;

use App\Entity\CalendarFeed;
use App\Http\FileAnswer;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;

/** The calendar under its private address, for programs that ask now and then; nobody signs in there, so the address is the key. */
#[AsController]
final readonly class ShowFeed
{
    public function __construct(private EntityManagerInterface $entities, private WriteCalendar $write) {}

    #[Route('/feeds/{key}.ics', name: 'show_feed', requirements: ['key' => '[0-9a-f]{40}'], methods: ['GET'], priority: 10)]
    public function __invoke(string $key): FileAnswer
    {
        $feed = $this->entities->getRepository(CalendarFeed::class)->findOneBy(['key' => $key])
            ?? throw new NotFoundHttpException('There is no calendar at this address. It may have been renewed.');

        return FileAnswer::shown($this->write->of($feed->home()), 'text/calendar; charset=utf-8', 'calendar.ics');
    }
}
