<?php

declare(strict_types=1);

namespace App\Calendar;

use App\Entity\Home;
use App\Http\FileAnswer;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** The calendar as a file to keep. */
#[AsController]
final readonly class SaveCalendar
{
    public function __construct(private WriteCalendar $write) {}

    #[Route('/api/homes/{home}/calendar.ics', methods: ['GET'])]
    public function __invoke(Home $home): FileAnswer
    {
        return new FileAnswer($this->write->of($home), 'text/calendar; charset=utf-8', $home->name() . '.ics');
    }
}
