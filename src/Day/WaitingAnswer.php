<?php

declare(strict_types=1);

namespace App\Day;

/** What a tradition holds back longer than any day of the swap. */
final readonly class WaitingAnswer
{
    /**
     * @param string       $what    in the words of the tradition
     * @param list<string> $pieces  names
     * @param bool         $isNever whether the swap is struck before
     */
    public function __construct(public string $what, public string $until, public array $pieces, public bool $isNever) {}
}
