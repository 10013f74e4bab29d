<?php

declare(strict_types=1);

namespace App\Day;

use App\Entity\Swap;
use App\Entity\WorkDay;
use App\Http\Body;
use App\Journal\Journal;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Works a day out from where everything is now. What is ticked already stays; everything else is laid out anew. */
#[AsController]
final readonly class BuildDaySheet
{
    public function __construct(
        private SheetBases $bases,
        private LayOutSheet $layOut,
        private ReadDay $read,
        private Journal $journal,
    ) {}

    #[Route('/api/homes/{home}/swaps/{swap}/day', methods: ['POST'], defaults: ['_status' => 201])]
    #[Route('/api/homes/{home}/swaps/{swap}/days/{day}', name: 'buildOtherDaySheet', methods: ['POST'], defaults: ['_status' => 201])]
    public function __invoke(Swap $swap, ?WorkDay $day, #[Body] BuildDayInput $input): DayAnswer
    {
        WorkDays::working($swap, $day)->shareAmong($input->people);
        $basis = $this->bases->of($swap);
        $sheet = ($this->layOut)($basis, $day);
        $this->journal->say(null === $day ? 'The day sheet is worked out' : sprintf('The sheet of %s is worked out', $day->name()));

        return $this->read->of($basis, $day, $sheet, false);
    }
}
