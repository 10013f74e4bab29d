<?php

declare(strict_types=1);

namespace App\Workbench;

/** The sums that apply here, and those that were kept. */
final readonly class WorkbenchAnswer
{
    /**
     * @param list<SumAnswer>     $sums
     * @param list<KeptSumAnswer> $kept newest first
     */
    public function __construct(public array $sums, public array $kept) {}
}
