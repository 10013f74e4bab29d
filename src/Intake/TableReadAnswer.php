<?php

declare(strict_types=1);

namespace App\Intake;

/** A table looked through before anything is stored. Of many rows the troubled ones come first; the others are counted. */
final readonly class TableReadAnswer
{
    /**
     * @param list<string>           $ignored headings that are not kept
     * @param list<TableRowReadAnswer> $shown
     */
    public function __construct(public string $id, public int $rows, public int $good, public int $bad, public int $doubles, public array $ignored, public array $shown) {}
}
