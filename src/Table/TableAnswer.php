<?php

declare(strict_types=1);

namespace App\Table;

final readonly class TableAnswer
{
    /**
     * @param int                  $total how many pieces are owned
     * @param list<TableRowAnswer> $rows  of the window, in order of name; what has left the home is left out
     */
    public function __construct(public int $total, public array $rows) {}
}
