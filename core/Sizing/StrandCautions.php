<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Sizing;

/**
 * What kind of light strands they are, and what to mind with them (NFPA and ESFI seasonal guidance: the maker's
 * number end to end, for incandescent strings usually three).
 */
final readonly class StrandCautions
{
    private const INCANDESCENT_CHAIN = 3;

    /** @return list<Ask> watts of a strand of 100: about 5 for LED, 40 for incandescent minis (memory) */
    public static function asks(): array
    {
        return [
            Ask::choice('power', ['plug', 'battery']),
            Ask::choice('lamp', ['LED', 'incandescent'])->when('power', 'plug'),
            Ask::number('strandWatts', 5, 0.1, 500)->when('power', 'plug'),
            Ask::optionalCount('endToEnd', 100)->when('power', 'plug'),
            Ask::yes('outdoors'),
        ];
    }

    /**
     * @param int $chain strands end to end
     *
     * @return list<Said>
     */
    public static function of(Given $given, int $chain): array
    {
        $cautions = [];
        if ($given->is('power', 'plug')) {
            $isKnown = $given->has('endToEnd');
            $most = $isKnown ? $given->count('endToEnd') : ($given->is('lamp', 'incandescent') ? self::INCANDESCENT_CHAIN : null);
            if (null !== $most && $chain > $most) {
                $cautions[] = new Said('too many end to end', ['chain' => $chain, 'most' => $most, 'leads' => intdiv($chain + $most - 1, $most)]);
            }
            if (!$isKnown) {
                $cautions[] = null === $most ? new Said('maker unknown', ['chain' => $chain]) : new Said('maker counts', ['most' => $most]);
            }
            if ($given->is('lamp', 'incandescent') && $given->number('strandWatts') < 15) {
                $cautions[] = new Said('few watts', ['watts' => $given->number('strandWatts')]);
            }
            $cautions[] = new Said('listed cords');
        }
        if ($given->yes('outdoors')) {
            $cautions[] = new Said('outdoors');
        }

        return $cautions;
    }
}
