<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Sizing;

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
     */
    public function __construct(
        public array $figures,
        public array $working,
        public Sketch $sketch,
        public array $supplies = [],
        public array $cautions = [],
        public array $cuts = [],
        public array $tasks = [],
    ) {}
}
