<?php

declare(strict_types=1);

namespace App\Intake;

/** A sheet looked through before anything is stored. Of many rows the troubled ones come first; the others are counted. */
final readonly class TableReadAnswer
{
    /**
     * @param int                      $assumed how many of the good ones have a size or a colour that nobody said
     * @param list<SheetColumnAnswer>  $columns
     * @param list<SheetAsideAnswer>   $asides  rows that are no things
     * @param list<TableRowReadAnswer> $shown
     */
    public function __construct(
        public string $id,
        public int $rows,
        public int $good,
        public int $bad,
        public int $doubles,
        public int $leftOut,
        public int $assumed,
        public array $columns,
        public array $asides,
        public array $shown,
    ) {}
}
