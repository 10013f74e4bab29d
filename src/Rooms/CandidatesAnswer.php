<?php

declare(strict_types=1);

namespace App\Rooms;

/** Who else could stand at a spot. */
final readonly class CandidatesAnswer
{
    /**
     * @param list<CandidateAnswer> $candidates the best first
     * @param int                   $suitable   how many owned pieces would go
     * @param list<LeftOutAnswer>   $leftOut
     */
    public function __construct(public array $candidates, public int $suitable, public array $leftOut, public RecipeAnswer $recipe) {}
}
