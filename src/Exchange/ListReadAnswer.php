<?php

declare(strict_types=1);

namespace App\Exchange;

/** A list that was looked through, and what of it was kept. */
final readonly class ListReadAnswer
{
    /**
     * @param list<ListRowAnswer> $rows
     * @param list<string>      $ignored headings nothing is kept of
     * @param list<string>      $kept    ids of what was stored
     */
    public function __construct(public array $rows, public int $good, public int $known, public int $bad, public array $ignored, public array $kept) {}
}
