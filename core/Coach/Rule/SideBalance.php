<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach\Rule;

use BrightCupboard\Core\Coach\Band;
use BrightCupboard\Core\Coach\CoachRule;
use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\Finding;
use BrightCupboard\Core\Coach\Judgement;
use BrightCupboard\Core\Coach\Verdict;
use BrightCupboard\Core\Look\BalanceSchool;

/** Left against right by visual weight times distance from the middle (docs/rules.md, rule 3). */
final readonly class SideBalance implements CoachRule
{
    public const CODE = 'balance.sides';
    private const CENTRED_MOST = 0.12;
    private const OFF_CENTRE_LEAST = 0.10;
    private const OFF_CENTRE_MOST = 0.40;
    private const NEARLY = 0.15;

    public function check(Dressing $dressing, Judgement $by): ?Finding
    {
        if ([] === $dressing->placed) {
            return null;
        }
        $moments = $dressing->moments();
        $imbalance = $moments->imbalance();
        $isCentred = BalanceSchool::Centred === $by->look->balance;
        $band = $isCentred ? new Band($imbalance, 0.0, self::CENTRED_MOST) : new Band($imbalance, self::OFF_CENTRE_LEAST, self::OFF_CENTRE_MOST);
        $verdict = $band->verdict(self::NEARLY);
        $percent = (int) round($imbalance * 100);
        $side = $moments->lighterSide();

        return new Finding(
            self::CODE,
            'Balance',
            $verdict,
            $percent < 1 ? 'both sides pull alike' : sprintf('%s side %d %% lighter', $side, $percent),
            $isCentred ? 'within 12 %' : '10 to 40 %, with a counterweight',
            match (true) {
                Verdict::Good === $verdict => $isCentred ? 'The two sides hold each other.' : 'Off-centre, and held.',
                $imbalance < $band->low => 'Off-centre is wanted and it stands dead centre: shift the group to one side.',
                default => sprintf('Add to the %s, move something there, or draw the heavy side in towards the middle.', $side),
            },
            $band,
        );
    }
}
