<?php

declare(strict_types=1);

namespace App\View\Plan;

final readonly class TableView
{
    /**
     * @param list<TableRowView> $rows   in order of name
     * @param list<GuardView>    $guards
     */
    public function __construct(public int $decided, public array $rows, public array $guards) {}
}
