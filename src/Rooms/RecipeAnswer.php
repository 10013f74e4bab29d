<?php

declare(strict_types=1);

namespace App\Rooms;

/** What every spot of a kind is made of. */
final readonly class RecipeAnswer
{
    /**
     * @param bool                   $isOwn whether it is this home's own, and not the usual
     * @param list<RecipePartAnswer> $parts
     */
    public function __construct(public bool $isOwn, public array $parts) {}
}
