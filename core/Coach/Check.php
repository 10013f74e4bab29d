<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach;

use BrightCupboard\Core\Surface\Form;

/** What the coach looks at, in the order in which it is said: what cannot be, what is unsafe, then taste (docs/rules.md). */
enum Check: string
{
    case Room = 'fit.physical';
    case Flame = 'safety.flame';
    case Surroundings = 'safety.place';
    case Posture = 'posture';
    case Sight = 'sight.table';
    case Settings = 'use.settings';
    case Lift = 'use.lift';
    case Mirror = 'use.mirror';
    case Cords = 'use.cords';
    case Hooks = 'hang.load';
    case HangingHeight = 'hang.height';
    case Balance = 'balance.sides';
    case BothSides = 'balance.across';
    case Levels = 'heights.levels';
    case Neighbours = 'heights.neighbours';
    case Rows = 'heights.rows';
    case Groups = 'groups.odd';
    case Air = 'width.used';
    case Hidden = 'layers.hidden';
    case Contrast = 'contrast.wall';
    case Focal = 'focal.lead';
    case Echo = 'echo.sides';
    case Metal = 'echo.metal';
    case Bands = 'bands.even';
    case Look = 'look.fit';
    case Textures = 'textures.mix';

    /** What cannot be or is unsafe is no matter of taste. */
    public function isTaste(): bool
    {
        return !\in_array($this, [self::Room, self::Flame, self::Surroundings], true);
    }

    /**
     * What each check counts on a form, 0 where it is not made; asked at every place that is tried.
     *
     * @return array<string, int> by value of the check
     */
    public static function weights(Form $form): array
    {
        /** @var array<string, array<string, int>> $known */
        static $known = [];
        if (!isset($known[$form->value])) {
            foreach (self::cases() as $check) {
                $known[$form->value][$check->value] = $check->weight($form);
            }
        }

        return $known[$form->value];
    }

    /**
     * Which checks are made on which form, and what each counts in the score of a whole dressing; one table, so that
     * versions, remedies and drafts compare by the same figure. The weights are this application's own.
     */
    public function weight(Form $form): int
    {
        $isShelf = \in_array($form, [Form::Ledge, Form::Tiers, Form::Floor], true);

        return match ($this) {
            self::Room => 30,
            self::Flame => 25,
            self::Surroundings => 20,
            self::Posture => 15,
            self::Sight, self::Settings => Form::Table === $form ? 10 : 0,
            self::Lift => Form::Table === $form ? 5 : 0,
            self::Mirror => Form::Ledge === $form || Form::Panel === $form ? 5 : 0,
            self::Cords => $isShelf || Form::Table === $form ? 4 : 0,
            self::Hooks => Form::Ledge === $form || Form::Panel === $form ? 6 : 0,
            self::HangingHeight => Form::Ledge === $form || Form::Panel === $form ? 12 : 0,
            self::Balance => match (true) {
                $isShelf, Form::Table === $form, Form::Seat === $form => 12,
                Form::Panel === $form => 6,
                default => 0,
            },
            self::BothSides => Form::Table === $form ? 6 : 0,
            self::Rows => Form::Seat === $form ? 6 : 0,
            self::Levels => $isShelf ? 8 : 0,
            self::Neighbours => $isShelf ? 6 : 0,
            self::Hidden => $isShelf || Form::Seat === $form ? 6 : 0,
            self::Groups => Form::Cone === $form ? 0 : 5,
            self::Air => Form::Cone === $form ? 0 : 8,
            self::Contrast => Form::Run === $form ? 0 : 5,
            self::Focal => $isShelf || Form::Table === $form || Form::Panel === $form || Form::Cone === $form ? 5 : 0,
            self::Echo => \in_array($form, [Form::Ledge, Form::Tiers, Form::Table, Form::Run, Form::Cone], true) ? 4 : 0,
            self::Metal => Form::Tiers === $form ? 4 : 0,
            self::Bands => Form::Cone === $form ? 8 : 0,
            self::Look => 12,
            self::Textures => Form::Panel === $form || Form::Run === $form || Form::Cone === $form ? 0 : 4,
        };
    }
}
