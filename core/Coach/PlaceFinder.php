<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach;

use BrightCupboard\Core\Coach\Place\InHost;
use BrightCupboard\Core\Coach\Place\OnBoard;
use BrightCupboard\Core\Coach\Place\OnCone;
use BrightCupboard\Core\Coach\Place\OnPanel;
use BrightCupboard\Core\Coach\Place\OnRun;
use BrightCupboard\Core\Coach\Place\OnSeat;
use BrightCupboard\Core\Coach\Place\Places;
use BrightCupboard\Core\Coach\Rule\PhysicalFit;
use BrightCupboard\Core\Look\BalanceSchool;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Surface\Form;
use BrightCupboard\Core\Surface\Layer;
use BrightCupboard\Core\Surface\Stance;

/**
 * Finds where on a spot a piece would go best: in a posture that the spot takes, where it is free, aiming at the balance of
 * the school, so that what is put where it is offered is not scolded afterwards.
 */
final readonly class PlaceFinder
{
    private const AIR = Length::TENTHS_PER_INCH;
    private const CROWDED = 0.05;
    /** Layers overlap by 10 to 45 % (common practice); what covers more loses the one behind. */
    private const COVERED = 0.45;
    private const COVERS = 0.3;
    private const PULL = 2.0;
    /** What a place later in the order of habit costs, against a balance that is a hundredth off. */
    private const HABIT = 0.0004;
    private const OFF_CENTRE_AIM = 0.25;
    private const WEIGHED = [Form::Ledge, Form::Tiers, Form::Table, Form::Floor, Form::Seat];
    private const ALONE_OFF_CENTRE = 0.33;

    public function __construct(private PhysicalFit $fit = new PhysicalFit()) {}

    /** Null when it goes nowhere here, or only where something is already. */
    public function find(Dressing $dressing, Piece $piece, BalanceSchool $school = BalanceSchool::Centred, int $count = 1): ?Stance
    {
        return $this->best($dressing, $piece, new PlaceSought($school), 1, $count)[0] ?? null;
    }

    /** Where it goes when it is to go here whatever the coach says: where it is free, or in the middle. */
    public function anywhere(Dressing $dressing, Piece $piece, int $count, PlaceSought $sought): Stance
    {
        return $this->best($dressing, $piece, $sought, 1, $count)[0] ?? $this->onBare($dressing, $piece, $sought, $count);
    }

    /** Where it would go were nothing there, whatever it covers. */
    private function onBare(Dressing $dressing, Piece $piece, PlaceSought $sought, int $count): Stance
    {
        $posture = $sought->as ?? $dressing->spot->postureOf($piece->kind);
        $left = (int) round(($dressing->spot->width->tenths() - $piece->size->width->tenths() * $count) / 2);
        $stance = new Stance($left, Layer::Middle, 0, 0, $posture);
        if (null === $posture || !$dressing->spot->takes($piece->kind, $posture)) {
            return $stance;
        }
        $bare = new Dressing($dressing->spot, []);
        $put = new PlacedPiece('try', $piece, $count, $stance);

        return $this->places($bare, $put)->of($bare, $put)[0] ?? $stance;
    }

    /**
     * @param int $most how many places are wanted
     *
     * @return list<Stance> best first, the further left where equal; in the first posture that finds one
     */
    public function best(Dressing $dressing, Piece $piece, PlaceSought $sought, int $most, int $count = 1): array
    {
        foreach ($dressing->spot->posturesOf($piece->kind) as $posture) {
            if (null !== $sought->as && $posture !== $sought->as) {
                continue;
            }
            $tried = PlacedPiece::tried('try', $piece, $count, $dressing->spot, $posture);
            if ($tried->isTooShortToDrape()) {
                continue;
            }
            $stances = $this->free($dressing, $tried, $sought->school, $most);
            if ([] !== $stances) {
                return $stances;
            }
        }

        return [];
    }

    /** @return list<Stance> the best, as many as are wanted */
    private function free(Dressing $dressing, PlacedPiece $tried, BalanceSchool $school, int $most): array
    {
        $isSecondTree = Posture::Stands === $tried->posture && null !== $dressing->tree();
        $stances = $isSecondTree ? [] : $this->places($dressing, $tried)->of($dressing, $tried);
        $isWeighed = self::isWeighed($tried, $dressing);
        $inOrder = static fn(array $a, array $b): int => [$a[0], $a[1], $a[2]] <=> [$b[0], $b[1], $b[2]];
        $best = $known = [];
        $worst = \INF;
        // The likeliest first: no place can cost less than what its distance from the aim does, so that few have to be tried.
        foreach (self::leastCosts($stances, $dressing, $tried, $isWeighed ? $school : null) as $order => $least) {
            if ($least > $worst) {
                break;
            }
            $stance = $stances[$order];
            // Of one place in several layers only what stands in them differs.
            $place = $stance->tier . ' ' . $stance->left . ' ' . $stance->raise;
            [$crowd, $placed, $near] = $known[$place] ??= $this->putAt($tried->put($stance), $dressing, $isWeighed);
            $cost = $least + $crowd;
            if (\INF === $cost || $cost > $worst || ([] !== $near && !$this->fit->isClearOf($placed, $stance->layer, $near, $dressing->spot))) {
                continue;
            }
            $best[] = [$cost, $stance->left, $order, $stance];
            if (\count($best) >= $most) {
                usort($best, $inOrder);
                $best = \array_slice($best, 0, $most);
                $worst = $best[$most - 1][0];
            }
        }
        usort($best, $inOrder);

        return array_column($best, 3);
    }

    /**
     * What each place costs before it is asked what stands there: how far from the balance of the school it would leave the spot, and how
     * late it comes in the order of habit.
     *
     * @param list<Stance>       $stances
     * @param BalanceSchool|null $school  null where it does not count where on the width it is
     *
     * @return array<int, float> by key of the stance, the least first
     */
    private static function leastCosts(array $stances, Dressing $dressing, PlacedPiece $tried, ?BalanceSchool $school): array
    {
        $weight = $dressing->visualWeight() + $tried->visualWeight();
        $costs = $off = [];
        foreach ($stances as $order => $stance) {
            $off[$stance->left] ??= null === $school
                ? 0.0
                : self::offBalance($stance->left + $tried->width / 2, $dressing, $tried, $school, $weight);
            $costs[$order] = $off[$stance->left] + self::HABIT * $order;
        }
        asort($costs);

        return $costs;
    }

    /**
     * @return array{float, PlacedPiece, list<PlacedPiece>} what it costs that others are close, without end where it goes not at all, how it
     *                                                           is put, and what it might stand in the way of
     */
    private function putAt(PlacedPiece $placed, Dressing $dressing, bool $isWeighed): array
    {
        return $this->fit->isWithin($placed, $dressing->spot)
            ? [$isWeighed ? $this->crowd($placed, $dressing) : 0.0, $placed, $this->fit->meeting($placed, $dressing)]
            : [\INF, $placed, []];
    }

    /** Whether it counts where on the width it is. */
    private static function isWeighed(PlacedPiece $tried, Dressing $dressing): bool
    {
        return \in_array($dressing->spot->form(), self::WEIGHED, true) && $tried->isSolid() && !$dressing->isOnWall($tried);
    }

    private function places(Dressing $dressing, PlacedPiece $tried): Places
    {
        $form = $dressing->spot->form();
        $posture = $tried->posture;

        return match (true) {
            Form::Cone === $form => new OnCone(),
            Posture::Fills === $posture || Posture::Trims === $posture => new InHost(),
            $dressing->spot->isOnWall($tried->piece->kind, $tried->posture), Form::Panel === $form => new OnPanel(),
            Form::Run === $form || Posture::Hangs === $posture => new OnRun(),
            Form::Seat === $form && Posture::Stands !== $posture => new OnSeat(),
            default => new OnBoard(),
        };
    }

    /** How far from the balance of the school it would leave the spot with its centre there. */
    private static function offBalance(float $centre, Dressing $dressing, PlacedPiece $tried, BalanceSchool $school, float $weight): float
    {
        $isSeat = Form::Seat === $dressing->spot->form();
        [$middle, $half] = [$dressing->spot->middle(), $dressing->spot->half()];
        $isCentred = BalanceSchool::Centred === $school;
        if ([] === $dressing->standing()) {
            return $isSeat ? 0.0 : abs(abs($centre - $middle) / $half - ($isCentred ? 0.0 : self::ALONE_OFF_CENTRE));
        }
        $moment = $tried->visualWeight() * ($centre - $middle) / 254;
        $after = $dressing->moments()->and($moment);

        // Towards the middle the pull is measured against all weight: the first pair about a centre piece cannot balance at once.
        return $isCentred || $isSeat
            ? self::PULL * abs($after->right - $after->left) / max(1e-9, $weight * $half / 254)
            : abs($after->imbalance() - self::OFF_CENTRE_AIM);
    }

    /** What being close to others on its board costs, and more where it covers one of them. */
    private function crowd(PlacedPiece $placed, Dressing $dressing): float
    {
        $crowd = 0.0;
        $nearLeft = $placed->left - self::AIR;
        $nearRight = $placed->right + self::AIR;
        foreach ($dressing->solid() as $one) {
            if ($one->tier !== $placed->tier || $one->left >= $nearRight || $one->right <= $nearLeft || Posture::Hangs === $one->posture) {
                continue;
            }
            $across = min($placed->right, $one->right) - max($placed->left, $one->left);
            $crowd += $across > self::COVERED * min($placed->width, $one->width) ? self::COVERS : self::CROWDED;
        }

        return $crowd;
    }
}
