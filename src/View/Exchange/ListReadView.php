<?php

declare(strict_types=1);

namespace App\View\Exchange;

/** A list that was looked through, and what of it was kept. */
final readonly class ListReadView
{
    /**
     * @param list<ListRowView> $rows
     * @param list<string>      $ignored headings nothing is kept of
     * @param list<string>      $kept    ids of what was stored
     */
    public function __construct(public array $rows, public int $good, public int $known, public int $bad, public array $ignored, public array $kept) {}
}
