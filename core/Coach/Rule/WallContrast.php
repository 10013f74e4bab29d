<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach\Rule;

use BrightCupboard\Core\Coach\Check;
use BrightCupboard\Core\Coach\CoachRule;
use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\Fault;
use BrightCupboard\Core\Coach\Finding;
use BrightCupboard\Core\Coach\Judgement;
use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Coach\Verdict;
use BrightCupboard\Core\Colour\Ciede2000;
use BrightCupboard\Core\Colour\Lab;
use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Surface\Form;

/**
 * Each thing stands out from the wall behind it, on a tree from its green, on a seat or table from its cover or top where its colour is
 * known, by 15 in lightness or by CIEDE2000 20 (docs/rules.md, rule 16).
 * Said when it goes for a third of what is seen.
 */
final class WallContrast implements CoachRule
{
    private const LIGHTNESS = 15.0;
    private const DIFFERENCE = 20.0;
    private const MOST = 1 / 3;
    /** Less of a piece than this, in percent, is no part that stands out. */
    private const PART = 20;

    /** @var \WeakMap<Piece, array<int, bool>> by number of the wall's colour */
    private \WeakMap $known;

    public function __construct()
    {
        $this->known = new \WeakMap();
    }

    public function isAbout(): Check
    {
        return Check::Contrast;
    }

    public function check(Dressing $dressing, Judgement $by): ?Finding
    {
        $faults = [];
        $all = $lost = 0.0;
        $form = $dressing->spot->form();
        $tree = $dressing->tree();
        $isOnCover = Form::Table === $form || Form::Seat === $form;
        $ground = $tree?->piece->colours[0]->colour ?? ($isOnCover ? $dressing->spot->cover : $dressing->spot->wall);
        if (null === $ground) {
            return null;
        }
        foreach (Form::Cone === $form ? $this->onTree($dressing) : $dressing->shown() as $placed) {
            $area = (float) $placed->width * $placed->height * (null === $tree ? 1 : $placed->count);
            $all += $area;
            if (!$this->standsOut($placed->piece, $ground)) {
                $lost += $area;
                $faults[] = Fault::of('lost', [], $placed);
            }
        }
        if ($all <= 0.0) {
            return null;
        }
        $isGood = $lost / $all <= self::MOST;

        return new Finding(
            Check::Contrast,
            $isGood ? Verdict::Good : Verdict::LookAgain,
            ['percent' => (int) round(100 * $lost / $all), 'behind' => null !== $tree ? 'tree' : ($isOnCover ? $dressing->spot->kind->surface() : 'wall')],
            $isGood ? [] : $faults,
        );
    }

    /** @return list<PlacedPiece> what is to be seen on a tree: lights are seen when they are lit */
    private function onTree(Dressing $dressing): array
    {
        return null === $dressing->tree() ? [] : array_values(array_filter(
            $dressing->heights()->trimmings(),
            static fn(PlacedPiece $one): bool => PieceKind::Lights !== $one->piece->kind,
        ));
    }

    /** Whether part of it does; what shows others, a mirror or glass, is no colour of its own. */
    private function standsOut(Piece $piece, Srgb $wall): bool
    {
        $known = $this->known[$piece][$wall->number()] ?? null;
        if (null !== $known) {
            return $known;
        }
        $ground = Lab::of($wall);
        $difference = new Ciede2000();
        $isClear = PieceKind::Mirror === $piece->kind || $piece->kind->facts()->isSeeThrough();
        foreach ($isClear ? [] : $piece->colours as $share) {
            $lab = Lab::of($share->colour);
            $isClear = $isClear || (
                $share->percent >= self::PART
                && (abs($lab->lightness - $ground->lightness) >= self::LIGHTNESS || $difference->between($lab, $ground) >= self::DIFFERENCE)
            );
        }
        $this->known[$piece] = [$wall->number() => $isClear] + ($this->known[$piece] ?? []);

        return $isClear;
    }
}
