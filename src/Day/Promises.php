<?php

declare(strict_types=1);

namespace App\Day;

use App\Entity\SheetTask;
use App\Http\Conflict;
use App\Swaps\Differences;
use App\Swaps\Plans;

/** What an earlier swap that is still open has been promised cannot be ticked away by a later one. */
final readonly class Promises
{
    public function __construct(private Plans $plans, private Differences $differences) {}

    /** @throws Conflict that names the piece and the swap that it is promised to */
    public function require(SheetTask $task): void
    {
        for ($from = $task->swap()->follows(); null !== $from; $from = $from->follows()) {
            $mine = [];
            foreach ($task->task()->moves as $move) {
                $mine[$move->pieceId] = true;
            }
            foreach ($this->differences->of($from, $this->plans->of($from)->plan)->moves as $move) {
                if (isset($mine[$move->piece->id])) {
                    throw new Conflict(sprintf(
                        '%s is promised to %s first: tick it on the day sheet there, or close %s.',
                        $move->piece->name,
                        $from->name(),
                        $from->name(),
                    ));
                }
            }
        }
    }
}
