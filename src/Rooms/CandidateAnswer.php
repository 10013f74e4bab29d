<?php

declare(strict_types=1);

namespace App\Rooms;

use BrightCupboard\Core\Draft\Candidate;
use BrightCupboard\Core\Surface\Layer;

final readonly class CandidateAnswer
{
    /** @param list<string> $reasons */
    private function __construct(
        public string $piece,
        public int $score,
        public int $fit,
        public int $ribbon,
        public string $where,
        public int $free,
        public array $reasons,
        public int $left,
        public Layer $layer,
        public int $imbalanceBefore,
        public int $imbalanceAfter,
    ) {}

    public static function of(Candidate $c): self
    {
        return new self(
            $c->available->piece->id,
            $c->score,
            $c->fit->score,
            $c->fit->ribbon,
            $c->available->where,
            $c->available->free,
            $c->reasons,
            $c->place->left,
            $c->place->layer,
            (int) round($c->imbalanceBefore * 100),
            (int) round($c->imbalanceAfter * 100),
        );
    }
}
