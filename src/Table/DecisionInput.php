<?php

declare(strict_types=1);

namespace App\Table;

use BrightCupboard\Core\Plan\Choice;

/** One decision; the version is that of the decision the page was showing, 0 when there was none. */
final readonly class DecisionInput
{
    public function __construct(public string $piece, public ?Choice $choice, public int $version) {}
}
