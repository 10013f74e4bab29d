<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach\Rule;

use BrightCupboard\Core\Coach\Band;
use BrightCupboard\Core\Coach\Check;
use BrightCupboard\Core\Coach\CoachRule;
use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\Fault;
use BrightCupboard\Core\Coach\Finding;
use BrightCupboard\Core\Coach\Judgement;
use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Coach\Verdict;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Surface\Form;
use BrightCupboard\Core\Surface\Spot;
use BrightCupboard\Core\Surface\SpotKind;

/**
 * How much of the spot is taken, by its form (docs/rules.md, rule 7): a ledge or tiers by the mood; a table up to two thirds;
 * a group on a wall ⅔ to ¾ of the furniture below (common practice); a garland most of its rail; of a sofa half stays free to sit.
 */
final readonly class Air implements CoachRule
{
    private const AIRY = [0.35, 0.60];
    private const LAYERED = [0.55, 0.85];
    private const TABLE = [0.12, 0.67];
    private const OVER_FURNITURE = [0.66, 0.76];
    private const RAIL = [0.5, 1.0];
    private const SEAT_MOST = 0.5;
    private const FLOOR_MOST = 0.97;
    private const NEARLY = 0.12;
    /** The widest distance between bows against the narrowest (own). */
    private const UNEVEN = 2.0;

    public function isAbout(): Check
    {
        return Check::Air;
    }

    public function check(Dressing $dressing, Judgement $by): ?Finding
    {
        $spot = $dressing->spot;
        $bounds = $this->bounds($spot, $by->look->mood / 100);
        $isRun = Form::Run === $spot->form();
        $pieces = $isRun ? $dressing->placed : array_values(array_filter($dressing->standing(), static fn(PlacedPiece $piece): bool => $piece->isSolid()));
        if (null === $bounds || [] === $pieces || (null !== $dressing->statement() && Form::Panel !== $spot->form())) {
            return null;
        }
        $whole = $spot->layout->belowWidth?->tenths() ?? ($spot->to - $spot->from) * (Form::Tiers === $spot->form() ? $spot->tierCount() : 1);
        $band = new Band($this->used($pieces, $spot->width->tenths(), Form::Panel === $spot->form()) / $whole, ...$bounds);
        $verdict = $band->verdict(self::NEARLY);
        $isUneven = $isRun && self::areUneven($pieces);

        return new Finding(
            Check::Air,
            match (true) {
                $band->value < $band->low && Verdict::Fix === $verdict => Verdict::LookAgain, // sparse is never wrong, only bare
                $isUneven && Verdict::Good === $verdict => Verdict::LookAgain,
                default => $verdict,
            },
            [
                'form' => $spot->form()->value,
                'surface' => $spot->kind->surface(),
                'percent' => (int) round($band->value * 100),
                'low' => (int) round($band->low * 100),
                'high' => (int) round($band->high * 100),
            ],
            [
                ...(Verdict::Good === $verdict ? [] : [Fault::of($band->value < $band->low ? 'sparse' : 'full', [])]),
                ...($isUneven ? [Fault::of('uneven', [])] : []),
            ],
            $band,
        );
    }

    /**
     * Whether bows along a rail are at uneven distances.
     *
     * @param list<PlacedPiece> $pieces
     */
    private static function areUneven(array $pieces): bool
    {
        $at = [];
        foreach ($pieces as $piece) {
            if (Posture::Trims === $piece->posture && PieceKind::Ribbon === $piece->piece->kind) {
                $at[] = $piece->centre;
            }
        }
        sort($at);
        $gaps = [];
        for ($i = 1; $i < \count($at); ++$i) {
            $gaps[] = $at[$i] - $at[$i - 1];
        }

        return \count($gaps) > 1 && max($gaps) > self::UNEVEN * min($gaps);
    }

    /** @return array{float, float}|null null where it is not judged */
    private function bounds(Spot $spot, float $mood): ?array
    {
        return match ($spot->form()) {
            Form::Ledge, Form::Tiers => [
                self::AIRY[0] + $mood * (self::LAYERED[0] - self::AIRY[0]),
                self::AIRY[1] + $mood * (self::LAYERED[1] - self::AIRY[1]),
            ],
            Form::Table => self::TABLE,
            Form::Panel => null === $spot->layout->belowWidth ? null : self::OVER_FURNITURE,
            Form::Run => self::RAIL,
            Form::Seat => SpotKind::Sofa === $spot->kind || SpotKind::Chair === $spot->kind ? [0.0, self::SEAT_MOST] : null,
            Form::Floor => [0.0, self::FLOOR_MOST],
            Form::Cone => null,
        };
    }

    /**
     * Tenths of a millimetre that are under something, each stretch of each board once; of a group its whole width.
     *
     * @param non-empty-list<PlacedPiece> $pieces
     */
    private function used(array $pieces, int $end, bool $asGroup): int
    {
        if ($asGroup) {
            return max(array_map(
                static fn(PlacedPiece $piece): int => $piece->right,
                $pieces,
            )) - min(array_map(static fn(PlacedPiece $piece): int => $piece->left, $pieces));
        }
        usort($pieces, static fn(PlacedPiece $a, PlacedPiece $b): int => [$a->tier, $a->left] <=> [$b->tier, $b->left]);
        $used = $reach = 0;
        $tier = null;
        foreach ($pieces as $piece) {
            $reach = $piece->tier === $tier ? $reach : 0;
            $tier = $piece->tier;
            $from = max($piece->left, $reach);
            $to = min($piece->right, $end);
            if ($to > $from) {
                $used += $to - $from;
                $reach = $to;
            }
        }

        return $used;
    }
}
