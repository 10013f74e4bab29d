<?php

declare(strict_types=1);

namespace App\Rooms;

use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Draft\Recipe;
use BrightCupboard\Core\Draft\SpotRole;

/** How many of a role a spot is to have, and how many it has. */
final readonly class RecipePartAnswer
{
    public function __construct(public SpotRole $role, public int $wanted, public int $there) {}

    /** @return list<self> all that the form of a spot can have */
    public static function each(Recipe $recipe, Dressing $dressing): array
    {
        return array_map(
            static fn(SpotRole $role): self => new self($role, $recipe->wanted[$role->value] ?? 0, Recipe::there($role, $dressing)),
            Recipe::rolesOf($dressing->spot->form()),
        );
    }
}
