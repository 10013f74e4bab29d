<?php

declare(strict_types=1);

namespace App\Intake;

/** A row that is no thing: a title, a heading between the rows, a total. */
final readonly class SheetAsideAnswer
{
    public function __construct(public int $line, public string $what, public string $text) {}
}
