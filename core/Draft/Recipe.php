<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Draft;

use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Stock\Hazard;
use BrightCupboard\Core\Surface\Form;
use BrightCupboard\Core\Surface\SpotKind;

/**
 * How many of each role a spot has: as a home wants it, or what is usual of its kind (common practice; docs/rules.md, recipes), in an airy
 * mood a little less, in a layered one a little more.
 */
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
        'doorway' => ['garland' => 1, 'light' => 1, 'trimming' => 3],
        'post' => ['garland' => 1, 'light' => 1, 'trimming' => 1],
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
    /** Roles that things have on a form: what a recipe can ask for there. */
    private const ON = [
        'panel' => [SpotRole::Wreath, SpotRole::Hung],
        'run' => [SpotRole::Garland, SpotRole::Light, SpotRole::Trim, SpotRole::Hung],
        'seat' => [SpotRole::Cushion, SpotRole::Throw, SpotRole::Ground, SpotRole::Low],
        'cone' => [SpotRole::Tree, SpotRole::Ground, SpotRole::Light, SpotRole::Garland, SpotRole::Trim],
    ];
    private const STANDING = [
        SpotRole::Backdrop, SpotRole::Ground, SpotRole::Garland, SpotRole::Greenery, SpotRole::Tall, SpotRole::Middle, SpotRole::Low, SpotRole::Light,
    ];
    /** Moods in percent: below is airy, from there on layered. */
    private const AIRY = 34;
    private const LAYERED = 67;
    private const BY_MOOD = [Form::Ledge, Form::Tiers, Form::Table, Form::Seat, Form::Floor];
    /** What a layered spot has one more of, where it has any. */
    private const MORE = ['greenery' => true, 'light' => true, 'mid-high one' => true, 'low one' => true, 'cushion' => true];
    /** A tree that came with lights has as many strings as a tree usually has. */
    private const OWN_LIGHTS = 2;
    /** What takes the place of a wreath where there is none. */
    private const INSTEAD = 0.7;
    /** What a role counts that the recipe knows and has enough of, and one that it does not know. */
    private const ENOUGH = 0.3;

    /**
     * @param array<string, int> $wanted by role
     * @param bool               $isOwn  whether it is a home's own, and not the usual
     */
    private function __construct(public array $wanted, public bool $isOwn = false) {}

    /** @param int $mood 0 airy to 100 layered */
    public static function usual(SpotKind $kind, int $mood = 50): self
    {
        $usual = self::BY_KIND[$kind->value] ?? self::BY_FORM[$kind->form()->value];
        if (!\in_array($kind->form(), self::BY_MOOD, true) || ($mood >= self::AIRY && $mood < self::LAYERED)) {
            return new self($usual);
        }
        $isAiry = $mood < self::AIRY;
        foreach ($usual as $role => $count) {
            $usual[$role] = $isAiry ? max(1, $count - 1) : $count + (isset(self::MORE[$role]) ? 1 : 0);
        }

        return new self($usual);
    }

    /** @param array<string, int> $wanted by role, as a home wants it of every spot of a kind */
    public static function own(array $wanted): self
    {
        return new self(array_filter($wanted, static fn(int $count): bool => $count > 0), true);
    }

    /** @return list<SpotRole> what it can ask for, in the order in which a spot is dressed */
    public static function rolesOf(Form $form): array
    {
        return self::ON[$form->value] ?? self::STANDING;
    }

    /** 1 for what is still lacking, less for what there is enough of, nothing for what does not belong. */
    public function lacks(SpotRole $role, Dressing $dressing): float
    {
        $wanted = $this->wanted[$role->value] ?? 0;
        if (0 === $wanted) {
            return 0.0;
        }
        if (SpotRole::Tree !== $role && isset($this->wanted[SpotRole::Tree->value]) && 0 === self::there(SpotRole::Tree, $dressing)) {
            return self::ENOUGH; // first the tree, then what is on it
        }
        if (isset($this->wanted[SpotRole::Wreath->value])) { // a wreath, or one piece instead of it
            $isHung = self::there(SpotRole::Wreath, $dressing) + self::there(SpotRole::Hung, $dressing) > 0;

            return $isHung ? self::ENOUGH : (SpotRole::Wreath === $role ? 1.0 : self::INSTEAD);
        }
        if (SpotRole::Garland !== $role && Form::Run === $dressing->spot->form() && 0 === self::there(SpotRole::Garland, $dressing)) {
            return self::ENOUGH; // first the garland
        }

        return self::there($role, $dressing) < $wanted ? 1.0 : self::ENOUGH;
    }

    private static function isLit(?PlacedPiece $tree): bool
    {
        return null !== $tree && \in_array(Hazard::Mains, $tree->piece->hazards, true);
    }

    /** How many other roles are dressed before it on such a form: what is behind before what is in front, large before small (common practice). */
    public static function turnOf(SpotRole $role, Form $form): int
    {
        return (int) array_search($role, self::rolesOf($form), true);
    }

    /** Whether what a role counts says that it is lacking. */
    public static function isLacking(float $lack): bool
    {
        return $lack > self::ENOUGH;
    }

    /** How many units of what is there do that. */
    public static function there(SpotRole $role, Dressing $dressing): int
    {
        $there = SpotRole::Light === $role && self::isLit($dressing->tree()) ? self::OWN_LIGHTS : 0;
        foreach ($dressing->placed as $placed) {
            $there += SpotRole::of($placed, $dressing->spot) === $role ? $placed->count : 0;
        }

        return $there;
    }
}
