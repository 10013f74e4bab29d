<?php

declare(strict_types=1);

namespace App\Rooms;

use App\Entity\Home;
use App\Entity\HomeRecipe;
use BrightCupboard\Core\Draft\Recipe;
use BrightCupboard\Core\Surface\SpotKind;
use Doctrine\ORM\EntityManagerInterface;

/** What spots are made of in a home. */
final readonly class Recipes
{
    public function __construct(private EntityManagerInterface $entities) {}

    /** @return HomeRecipe|null null where the usual holds */
    public function own(Home $home, SpotKind $kind): ?HomeRecipe
    {
        return $this->entities->getRepository(HomeRecipe::class)->findOneBy(['home' => $home, 'kind' => $kind]);
    }

    /** @param int $mood 0 airy to 100 layered, by which the usual is a little less or more */
    public function of(Home $home, SpotKind $kind, int $mood): Recipe
    {
        return $this->own($home, $kind)?->recipe() ?? Recipe::usual($kind, $mood);
    }
}
