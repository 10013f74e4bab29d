<?php

declare(strict_types=1);

namespace App\Intake;

use BrightCupboard\Core\Stock\PieceKind;

/** What would happen with one row: taken in, suspected to be owned already, or refused with the reasons. */
final readonly class TableRowReadAnswer
{
    /**
     * @param list<string> $problems
     * @param string       $like     the piece it looks like, and why; empty when none
     * @param string       $places   in words
     */
    public function __construct(public int $line, public string $name, public ?PieceKind $kind, public int $count, public string $places, public array $problems, public string $like) {}
}
