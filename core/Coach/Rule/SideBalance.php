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
use BrightCupboard\Core\Coach\Moments;
use BrightCupboard\Core\Coach\Verdict;
use BrightCupboard\Core\Look\BalanceSchool;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Surface\Form;

/**
 * Left against right by visual weight times distance from the middle (docs/rules.md, rule 3). One thing alone is measured by
 * how far from the middle it stands, two by where both together are heaviest; a seat may be mirrored or gathered at one side.
 */
final readonly class SideBalance implements CoachRule
{
    private const CENTRED_MOST = 0.12;
    private const OFF_CENTRE_LEAST = 0.10;
    private const OFF_CENTRE_MOST = 0.40;
    private const GROUP_MOST = 0.25;
    private const MIRRORED_MOST = 0.2;
    private const GATHERED_LEAST = 0.45;
    private const NEARLY = 0.15;
    /** As long as fewer stand there one cannot answer the other from any distance. */
    private const ANSWERED_FROM = 3;

    public function isAbout(): Check
    {
        return Check::Balance;
    }

    public function check(Dressing $dressing, Judgement $by): ?Finding
    {
        if (Form::Panel === $dressing->spot->form()) {
            return $this->aboutItsOwnMiddle($dressing, $by);
        }
        $isCentred = BalanceSchool::Centred === $by->look->balance;
        $statement = $dressing->statement();
        if ([] === $dressing->shown() || (null !== $statement && !$isCentred)) {
            return null;
        }
        $moments = $dressing->moments();
        $isPair = !$isCentred && $moments->imbalance() < self::OFF_CENTRE_LEAST; // dead centre, as few as there are
        $isBegun = null === $statement && !$isPair && Form::Seat !== $dressing->spot->form() && \count($dressing->shown()) < self::ANSWERED_FROM;
        $imbalance = match (true) {
            null !== $statement => abs($statement->centre - $dressing->axisOf($statement)) / $dressing->spot->half(),
            $isBegun => self::offTheMiddle($dressing),
            default => $moments->imbalance(),
        };
        $isGathered = Form::Seat === $dressing->spot->form() && $imbalance >= self::GATHERED_LEAST;
        [$low, $high] = match (true) {
            $isGathered => [self::GATHERED_LEAST, 1.0],
            Form::Seat === $dressing->spot->form() => [0.0, self::MIRRORED_MOST],
            $isCentred => [0.0, self::CENTRED_MOST],
            default => [$isBegun ? 0.0 : self::OFF_CENTRE_LEAST, self::OFF_CENTRE_MOST],
        };
        $band = new Band($imbalance, $low, $high);

        return new Finding(
            Check::Balance,
            $band->verdict(self::NEARLY),
            [
                'percent' => (int) round($imbalance * 100),
                'lighter' => $moments->lighterSide(),
                'low' => (int) round($low * 100),
                'high' => (int) round($high * 100),
                'alone' => null === $statement && !$isBegun ? 0 : 1,
            ],
            $band->miss() < 1e-9 ? [] : [Fault::of($imbalance < $low ? 'dead centre' : 'lopsided', ['side' => $moments->lighterSide()])],
            $band,
        );
    }

    /** What hangs on a wall is one picture: from three on its halves pull alike about its own middle, gathered off-centre less so. */
    private function aboutItsOwnMiddle(Dressing $dressing, Judgement $by): ?Finding
    {
        $hung = $dressing->hung();
        if (\count($hung) < self::ANSWERED_FROM) {
            return null;
        }
        $middle = (min(array_column($hung, 'left')) + max(array_column($hung, 'right'))) / 2;
        $moments = new Moments(0.0, 0.0);
        foreach ($hung as $one) {
            $moments = $moments->and($one->visualWeight() * ($one->centre - $middle) / Length::TENTHS_PER_INCH);
        }
        $most = BalanceSchool::Centred === $by->look->balance ? self::GROUP_MOST : self::OFF_CENTRE_MOST;
        $band = new Band($moments->imbalance(), 0.0, $most);

        return new Finding(
            Check::Balance,
            $band->miss() < 1e-9 ? Verdict::Good : Verdict::LookAgain, // a wall may be gathered: never wrong, only lopsided
            [
                'percent' => (int) round($moments->imbalance() * 100),
                'lighter' => $moments->lighterSide(),
                'low' => 0,
                'high' => (int) round($most * 100),
                'alone' => 0,
            ],
            $band->miss() < 1e-9 ? [] : [Fault::of('lopsided', ['side' => $moments->lighterSide()])],
            $band,
        );
    }

    /** How far from the middle all of it together is heaviest, as a share of half the width. */
    private static function offTheMiddle(Dressing $dressing): float
    {
        $moments = $dressing->moments();
        $weight = $dressing->visualWeight();
        $half = $dressing->spot->half() / Length::TENTHS_PER_INCH;

        return $weight > 0.0 && $half > 0.0 ? abs($moments->right - $moments->left) / ($weight * $half) : 0.0;
    }
}
