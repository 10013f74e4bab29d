<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake;

/** A row of a sheet that is no thing: a title above the heads, a heading between the rows, a total below them. Said, never cut silently. */
final readonly class SheetAside
{
    /** @param 'title'|'heading'|'total' $what */
    public function __construct(public int $line, public string $what, public string $text) {}
}
