<?php

declare(strict_types=1);

namespace App\Day;

use App\Entity\Swap;
use App\Http\Body;
use App\Journal\Journal;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Gives a swap another day: its spots are done then and not on the swap day. */
#[AsController]
final readonly class AddDay
{
    public function __construct(private EntityManagerInterface $entities, private WriteWorkDay $write, private ReadDay $read, private Journal $journal) {}

    #[Route('/api/homes/{home}/swaps/{swap}/days', methods: ['POST'], defaults: ['_status' => 201])]
    public function __invoke(Swap $swap, #[Body] WorkDayInput $input): DayAnswer
    {
        $day = $this->write->describe($swap, null, $input);
        $this->write->working($swap, $day->working(), $input);
        $this->journal->say(sprintf('%s is a day of %s now', $day->name(), $swap->name()));
        $this->entities->flush();

        return ($this->read)($swap, $day);
    }
}
