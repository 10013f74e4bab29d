<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Draft;

use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Surface\Form;
use BrightCupboard\Core\Surface\SpotKind;

/** How many of each role a kind of spot usually has (common practice; docs/rules.md, recipes). */
final readonly class Recipe
{
    private const BY_KIND = [
        'mantel' => ['backdrop' => 1, 'garland' => 1, 'greenery' => 1, 'light' => 2, 'mid-high one' => 1, 'low one' => 1, 'tall one' => 1],
        'dining table' => ['ground' => 1, 'greenery' => 1, 'low one' => 2, 'light' => 2],
        'wall' => ['piece to hang' => 3],
        'door' => ['wreath' => 1, 'piece to hang' => 1],
        'window' => ['wreath' => 1, 'piece to hang' => 1],
        'bed' => ['cushion' => 3, 'throw' => 1, 'ground' => 1],
        'chair' => ['cushion' => 1, 'throw' => 1],
        'bench' => ['cushion' => 2, 'throw' => 1, 'low one' => 1],
    ];
    private const BY_FORM = [
        'ledge' => ['backdrop' => 1, 'greenery' => 1, 'tall one' => 1, 'mid-high one' => 1, 'low one' => 1, 'light' => 1],
        'tiers' => ['backdrop' => 1, 'greenery' => 1, 'tall one' => 1, 'mid-high one' => 2, 'low one' => 2],
        'table' => ['ground' => 1, 'mid-high one' => 1, 'low one' => 1, 'light' => 1, 'greenery' => 1],
        'panel' => ['piece to hang' => 1],
        'run' => ['garland' => 3, 'light' => 2, 'trimming' => 3],
        'seat' => ['cushion' => 4, 'throw' => 1],
        'floor' => ['tall one' => 1, 'light' => 1, 'greenery' => 1, 'low one' => 1],
        'cone' => ['tree' => 1, 'ground' => 1, 'light' => 2, 'garland' => 2, 'trimming' => 40],
    ];
    /** What takes the place of a wreath where there is none. */
    private const INSTEAD = 0.7;
    /** What a role counts that the recipe knows and has enough of, and one that it does not know. */
    private const ENOUGH = 0.3;

    /** @param array<string, int> $wanted by role */
    private function __construct(private array $wanted) {}

    public static function of(SpotKind $kind, Form $form): self
    {
        return new self(self::BY_KIND[$kind->value] ?? self::BY_FORM[$form->value]);
    }

    /** 1 for what is still lacking, less for what there is enough of, nothing for what does not belong. */
    public function lacks(Role $role, Dressing $dressing): float
    {
        $wanted = $this->wanted[$role->value] ?? 0;
        if (0 === $wanted) {
            return 0.0;
        }
        if (Role::Tree !== $role && isset($this->wanted[Role::Tree->value]) && 0 === $this->there(Role::Tree, $dressing)) {
            return self::ENOUGH; // first the tree, then what is on it
        }
        if (isset($this->wanted[Role::Wreath->value])) { // a wreath, or one piece instead of it
            $isHung = $this->there(Role::Wreath, $dressing) + $this->there(Role::Hung, $dressing) > 0;

            return $isHung ? self::ENOUGH : (Role::Wreath === $role ? 1.0 : self::INSTEAD);
        }
        if (Role::Garland !== $role && Form::Run === $dressing->spot->form() && 0 === $this->there(Role::Garland, $dressing)) {
            return self::ENOUGH; // first the garland
        }

        return $this->there($role, $dressing) < $wanted ? 1.0 : self::ENOUGH;
    }

    /** Whether what a role counts says that it is lacking. */
    public static function isLacking(float $lack): bool
    {
        return $lack > self::ENOUGH;
    }

    private function there(Role $role, Dressing $dressing): int
    {
        $there = 0;
        foreach ($dressing->placed as $placed) {
            $there += Role::of($placed, $dressing->spot) === $role ? $placed->count : 0;
        }

        return $there;
    }
}
