<?php

declare(strict_types=1);

namespace App\View\Plan;

use BrightCupboard\Core\Look\FitVerdict;
use BrightCupboard\Core\Swap\Choice;
use BrightCupboard\Core\Swap\Confidence;

final readonly class TableRowView
{
    public function __construct(
        public string $piece,
        public bool $isOut,
        public ?Choice $choice,
        public string $by,
        public int $version,
        public Choice $suggestion,
        public string $reason,
        public Confidence $confidence,
        public int $score,
        public FitVerdict $verdict,
        public int $ribbon,
        public int $placed,
    ) {}
}
