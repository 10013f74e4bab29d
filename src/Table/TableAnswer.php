<?php

declare(strict_types=1);

namespace App\Table;

final readonly class TableAnswer
{
    /**
     * @param list<TableRowAnswer> $rows   in order of name
     * @param list<GuardAnswer>    $guards
     */
    public function __construct(public int $decided, public array $rows, public array $guards) {}
}
