<?php

declare(strict_types=1);

namespace App\Day;

use App\Entity\Swap;
use App\Entity\WorkDay;
use App\Http\Body;
use App\Http\SameVersion;
use App\Journal\Journal;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Changes who works on a day, from when to when, and which spots are done on it. */
#[AsController]
final readonly class KeepDay
{
    public function __construct(private EntityManagerInterface $entities, private WriteWorkDay $write, private ReadDay $read, private Journal $journal) {}

    #[Route('/api/homes/{home}/swaps/{swap}/day', methods: ['PUT'])]
    #[Route('/api/homes/{home}/swaps/{swap}/days/{day}', name: 'keepOtherDay', methods: ['PUT'])]
    public function __invoke(Swap $swap, ?WorkDay $day, #[Body] WorkDayInput $input): DayAnswer
    {
        SameVersion::check($input->version, ($day ?? $swap)->version(), 'This day', ($this->read)($swap, $day));
        if (null !== $day) {
            $this->write->describe($swap, $day, $input);
        }
        $this->write->working($swap, WorkDays::working($swap, $day), $input);
        $this->journal->say(sprintf('%s is arranged', $day?->name() ?? 'The swap day'));
        $this->entities->flush();

        return ($this->read)($swap, $day);
    }
}
