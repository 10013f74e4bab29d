<?php

declare(strict_types=1);

namespace App\Calendar;

use App\Entity\Home;
use App\Http\Body;
use App\Http\Fields;
use App\Http\SameVersion;
use App\Journal\Journal;
use BrightCupboard\Core\Calendar\Feasts;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Writes down the feasts and traditions of a home. */
#[AsController]
final readonly class KeepCalendar
{
    public function __construct(private EntityManagerInterface $entities, private Calendars $calendars, private ReadCalendar $read, private Journal $journal) {}

    #[Route('/api/homes/{home}/calendar', methods: ['PUT'])]
    public function __invoke(Home $home, #[Body] CalendarInput $input): CalendarAnswer
    {
        $calendar = $this->calendars->of($home);
        SameVersion::check($input->version, $calendar->version(), 'This calendar', ($this->read)($home));
        $fields = new Fields();
        $fields->read('feasts', static fn(): Feasts => Feasts::read($input->feasts), null);
        $fields->complete();
        $calendar->describe(trim($input->feasts), $input->hemisphere);
        $this->entities->persist($calendar);
        $this->journal->say('The feasts of the home are written down');
        $this->entities->flush();

        return ($this->read)($home);
    }
}
