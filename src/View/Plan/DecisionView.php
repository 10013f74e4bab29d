<?php

declare(strict_types=1);

namespace App\View\Plan;

use App\Entity\Decision;
use BrightCupboard\Core\Swap\Choice;

final readonly class DecisionView
{
    public function __construct(public string $piece, public ?Choice $choice, public string $by, public int $version) {}

    public static function of(Decision $decision): self
    {
        return new self($decision->piece()->id(), $decision->choice(), $decision->by(), $decision->version());
    }
}
