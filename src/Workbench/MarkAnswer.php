<?php

declare(strict_types=1);

namespace App\Workbench;

use App\Workbench\Words\SumWords;
use BrightCupboard\Core\Sizing\Mark;
use BrightCupboard\Core\Sizing\MarkRole;

/** One mark of a picture: a line, an area, a box or a round, see the core's Mark. */
final readonly class MarkAnswer
{
    /** @param list<int> $at */
    private function __construct(public MarkRole $role, public string $form, public array $at, public ?string $label, public ?string $piece) {}

    public static function of(Mark $mark, SumWords $words): self
    {
        return new self($mark->role, $mark->form, $mark->at, null === $mark->label ? null : $words->line($mark->label), $mark->piece);
    }
}
