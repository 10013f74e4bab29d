<?php

declare(strict_types=1);

namespace App\Intake;

use BrightCupboard\Core\Intake\PieceRow;
use BrightCupboard\Core\Stock\Makeup;

/** A row of a table that was looked through. */
final readonly class ReadRow
{
    /** @param list<string> $problems */
    public function __construct(public int $line, public PieceRow $row, public array $problems, public Makeup $makeup, public string $like) {}
}
