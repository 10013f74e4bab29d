<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Sizing;

use BrightCupboard\Core\Measure\Length;

/** What a sum comes to: figures first, then line by line how, what to mind, what it takes from the cupboard, and its picture. */
final readonly class Answer
{
    /**
     * @param list<Said>   $figures
     * @param list<Said>   $working
     * @param list<Said>   $cautions
     * @param list<Supply> $supplies
     * @param list<CutRoll> $cuts   what is cut off which roll
     * @param list<Said>   $tasks    what this leaves to do on the day
     * @param Length|int|null $amount what it comes to in one figure, to be held against what was really used; null when nothing is used up
     */
    public function __construct(
        public array $figures,
        public array $working,
        public Sketch $sketch,
        public array $supplies = [],
        public array $cautions = [],
        public array $cuts = [],
        public array $tasks = [],
        public Length|int|null $amount = null,
    ) {}
}
