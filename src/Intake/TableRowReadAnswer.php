<?php

declare(strict_types=1);

namespace App\Intake;

use BrightCupboard\Core\Stock\PieceKind;

/** What would happen with one row: taken in, suspected to be owned already, or refused with the reasons. Lengths in tenths of a millimetre. */
final readonly class TableRowReadAnswer
{
    /**
     * @param list<RowProblemAnswer> $problems
     * @param string                 $like      the piece it looks like, and why; empty when none
     * @param string                 $places    in words
     * @param list<string>           $assumed   what is taken for granted, in sentences
     */
    public function __construct(
        public int $line,
        public string $name,
        public ?PieceKind $kind,
        public int $count,
        public ?int $width,
        public ?int $height,
        public string $inColours,
        public ?int $costEach,
        public string $care,
        public string $places,
        public array $problems,
        public string $like,
        public array $assumed,
        public bool $isLeftOut,
    ) {}
}
