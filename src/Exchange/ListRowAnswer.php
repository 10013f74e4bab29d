<?php

declare(strict_types=1);

namespace App\Exchange;

/** One row of a list, and what would come of it. */
final readonly class ListRowAnswer
{
    /**
     * @param int          $line     in the file
     * @param string       $known    what is there already and stays as it is; empty for a new one
     * @param list<string> $problems sentences; empty when it can be taken in
     */
    public function __construct(public int $line, public string $title, public string $detail, public string $known, public array $problems) {}
}
