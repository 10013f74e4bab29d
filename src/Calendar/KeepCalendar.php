<?php

declare(strict_types=1);

namespace App\Calendar;

use App\Entity\Home;
use App\Http\Body;
use App\Http\Fields;
use App\Http\SameVersion;
use App\Journal\Journal;
use BrightCupboard\Core\Calendar\Feasts;
use BrightCupboard\Core\Calendar\InvalidFeast;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Writes down the feasts and traditions of a home. */
#[AsController]
final readonly class KeepCalendar
{
    public function __construct(
        private EntityManagerInterface $entities,
        private Calendars $calendars,
        private ReadCalendar $read,
        private Journal $journal,
        private KnownThings $things,
    ) {}

    #[Route('/api/homes/{home}/calendar', methods: ['PUT'])]
    public function __invoke(Home $home, #[Body] CalendarInput $input): CalendarAnswer
    {
        $calendar = $this->calendars->of($home);
        SameVersion::check($input->version, $calendar->version(), 'This calendar', ($this->read)($home));
        $fields = new Fields();
        $fields->read('feasts', fn(): Feasts => $this->known($home, Feasts::read($input->feasts)), null);
        $fields->complete();
        $calendar->describe(trim($input->feasts), $input->hemisphere);
        $this->entities->persist($calendar);
        $this->journal->say('The feasts of the home are written down');
        $this->entities->flush();

        return ($this->read)($home);
    }

    /** @throws InvalidFeast that names what is not here and would wait for nothing */
    private function known(Home $home, Feasts $feasts): Feasts
    {
        foreach ($feasts->traditions as $tradition) {
            if (null === $this->things->called($home, $tradition->what)) {
                throw InvalidFeast::unknownThing($tradition->what);
            }
        }

        return $feasts;
    }
}
