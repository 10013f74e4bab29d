<?php

declare(strict_types=1);

namespace App\Journal;

/** Where an act says what it did, in the words of the person who did it. What it changed is seen without its help. */
final readonly class Journal
{
    private const LONGEST = 200;

    public function __construct(private RunningAct $act) {}

    /** A whole sentence without its full stop, such as "3 brass candlesticks stand on the stove shelf". */
    public function say(string $sentence): void
    {
        $this->act->say(mb_strimwidth($sentence, 0, self::LONGEST, '…'));
    }

    /** Nothing was done after all: what was tried has been taken back by the act itself, as when a file is only looked through. */
    public function forget(): void
    {
        $this->act->reset();
    }
}
