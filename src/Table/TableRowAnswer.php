<?php

declare(strict_types=1);

namespace App\Table;

use BrightCupboard\Core\Look\FitVerdict;
use BrightCupboard\Core\Plan\Choice;
use BrightCupboard\Core\Table\Confidence;

final readonly class TableRowAnswer
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
