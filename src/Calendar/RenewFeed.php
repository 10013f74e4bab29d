<?php

declare(strict_types=1);

namespace App\Calendar;

use App\Entity\CalendarFeed;
use App\Entity\Home;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Gives the calendar of a home a private address, or a new one: the one before is dead from then on. */
#[AsController]
final readonly class RenewFeed
{
    public function __construct(private EntityManagerInterface $entities, private Calendars $calendars) {}

    #[Route('/api/homes/{home}/calendar/feed', methods: ['POST'])]
    public function __invoke(Home $home): FeedAnswer
    {
        $feed = $this->calendars->feed($home);
        $feed?->renew();
        $feed ??= new CalendarFeed($home);
        $this->entities->persist($feed);
        $this->entities->flush();

        return new FeedAnswer('/feeds/' . $feed->key() . '.ics');
    }
}
