<?php

declare(strict_types=1);

namespace App\Entity;

use BrightCupboard\Core\Draft\Recipe;
use BrightCupboard\Core\Surface\SpotKind;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** What every spot of a kind is made of in this home, where that is not the usual. */
#[ORM\Entity]
#[ORM\UniqueConstraint(name: 'one_recipe', columns: ['home_id', 'kind'])]
class HomeRecipe implements OfHome
{
    use Identified;

    /** @var list<array{role: string, count: int}> */
    #[ORM\Column(type: Types::JSON)]
    private array $wanted = [];

    /** @param array<string, int> $wanted by role */
    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false)]
        private Home $home,
        #[ORM\Column(length: 20)]
        private SpotKind $kind,
        array $wanted,
    ) {
        $this->identify();
        $this->want($wanted);
    }

    /** @param array<string, int> $wanted by role */
    public function want(array $wanted): void
    {
        $this->wanted = array_map(static fn(string $role, int $count): array => ['role' => $role, 'count' => $count], array_keys($wanted), $wanted);
    }

    public function recipe(): Recipe
    {
        // A document that was read in may hold anything in its lists.
        return Recipe::own(array_filter(array_column($this->wanted, 'count', 'role'), \is_int(...)));
    }

    public function home(): Home
    {
        return $this->home;
    }
}
