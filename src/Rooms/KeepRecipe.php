<?php

declare(strict_types=1);

namespace App\Rooms;

use App\Entity\Home;
use App\Entity\HomeRecipe;
use App\Http\Body;
use App\Http\InvalidInput;
use App\Journal\Journal;
use BrightCupboard\Core\Draft\Recipe;
use BrightCupboard\Core\Surface\SpotKind;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Keeps what every spot of a kind is made of in this home: what belongs there goes by it from then on. */
#[AsController]
final readonly class KeepRecipe
{
    public function __construct(private Recipes $recipes, private EntityManagerInterface $entities, private Journal $journal) {}

    #[Route('/api/homes/{home}/recipes/{kind}', methods: ['PUT'])]
    public function __invoke(Home $home, SpotKind $kind, #[Body] RecipeInput $input): KeptRecipeAnswer
    {
        $wanted = [];
        foreach ($input->parts as $part) {
            if (!\in_array($part->role, Recipe::rolesOf($kind->form()), true)) {
                throw InvalidInput::at('parts', sprintf('A %s has no %s.', $kind->value, $part->role->value));
            }
            $wanted[$part->role->value] = $part->count;
        }
        $own = $this->recipes->own($home, $kind);
        if ([] === $input->parts) {
            null === $own ? null : $this->entities->remove($own);
            $this->journal->say(sprintf('A %s has what is usual again', $kind->value));
        } elseif (0 === array_sum($wanted)) {
            throw InvalidInput::at('parts', 'Something has to be on it. Leave at least one in, or take the usual.');
        } else {
            $own?->want($wanted);
            null === $own ? $this->entities->persist(new HomeRecipe($home, $kind, $wanted)) : null;
            $this->journal->say(sprintf('A %s has %s here', $kind->value, self::inWords($wanted)));
        }
        $this->entities->flush();

        return new KeptRecipeAnswer($kind, [] !== $input->parts);
    }

    /** @param array<string, int> $wanted by role */
    private static function inWords(array $wanted): string
    {
        $wanted = array_filter($wanted, static fn(int $count): bool => $count > 0);

        return implode(', ', array_map(static fn(string $role, int $count): string => "{$count} {$role}", array_keys($wanted), $wanted));
    }
}
