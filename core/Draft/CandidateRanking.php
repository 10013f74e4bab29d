<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Draft;

use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\Judgement;
use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Coach\PlaceFinder;
use BrightCupboard\Core\Look\FitVerdict;
use BrightCupboard\Core\Look\PieceFit;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\Season;
use BrightCupboard\Core\Surface\Spot;

/**
 * Ranks owned pieces for a spot: fit to the look 60, size for the spot 25, season 15 of 100.
 *
 * What does not fit or must not stand here is left out and counted by reason. Places and balance are
 * worked out only for the best by score, so that thousands of pieces stay quick: O(n log n) and m placings.
 */
final readonly class CandidateRanking
{
    private const FIT_WEIGHT = 0.60;
    private const SIZE_POINTS = 25.0;
    private const SEASON_POINTS = 15.0;

    public function __construct(private Suitability $suitability = new Suitability(), private PlaceFinder $places = new PlaceFinder()) {}

    /**
     * @param list<Available> $available
     */
    public function rank(Dressing $dressing, array $available, Judgement $by, Season $season, int $most): Ranking
    {
        $scored = $scores = $names = $ids = [];
        $leftOut = [];
        $tops = array_map(static fn(PlacedPiece $placed): int => $placed->top, $dressing->standing());
        $imbalance = $dressing->moments()->imbalance();
        foreach ($available as $offer) {
            $objection = $this->suitability->objection($offer->piece, $dressing->spot) ?? $this->suitability->sizeObjection($offer->piece, $dressing->spot);
            if (null !== $objection) {
                $leftOut[$objection] = ($leftOut[$objection] ?? 0) + 1;
                continue;
            }
            $fit = $by->meter->fit($offer->piece);
            $size = $this->sizeScore($offer->piece, $dressing->spot, $tops);
            $score = (int) round(self::FIT_WEIGHT * $fit->score + self::SIZE_POINTS * $size + self::SEASON_POINTS * $this->seasonScore($offer->piece, $season));
            $scored[] = [$score, $offer, $fit, $size];
            [$scores[], $names[], $ids[]] = [$score, $offer->piece->name, $offer->piece->id];
        }
        array_multisort($scores, \SORT_DESC, \SORT_NUMERIC, $names, \SORT_ASC, \SORT_STRING, $ids, \SORT_ASC, \SORT_STRING, $scored);
        $candidates = [];
        foreach ($scored as [$score, $offer, $fit, $size]) {
            if (\count($candidates) === $most) {
                break;
            }
            $place = $this->places->find($dressing, $offer->piece);
            if (null === $place) {
                $leftOut['no stretch wide enough is free'] = ($leftOut['no stretch wide enough is free'] ?? 0) + 1;
                continue;
            }
            $after = $dressing->with(new PlacedPiece('try', $offer->piece, 1, $place->left, $place->layer));
            $candidates[] = new Candidate($offer, $score, $fit, $this->reasons($offer->piece, $fit, $size, [] === $tops, $season, $by), $place, $imbalance, $after->moments()->imbalance());
        }
        ksort($leftOut);

        return new Ranking($candidates, $leftOut, \count($scored));
    }

    /**
     * 1 when the height adds a new level of at least a sixth of the tallest, or on a bare spot is 40 to 80 % of the clear height.
     *
     * @param list<int> $tops of what stands there, in tenths of a millimetre
     */
    private function sizeScore(Piece $piece, Spot $spot, array $tops): float
    {
        $height = $piece->size->height->tenths();
        if ([] === $tops) {
            $clear = $spot->clearHeight?->tenths() ?? 36 * Length::TENTHS_PER_INCH;
            $share = $height / max(1, $clear);

            return max(0.0, 1 - max(0.0, 0.4 - $share, $share - 0.8) / 0.4);
        }
        $apart = 1.0;
        foreach ($tops as $top) {
            $apart = min($apart, abs($top - $height) / max($top, $height));
        }
        $among = min(1.0, $height / (0.25 * max($tops)));

        return min(1.0, 0.4 + $apart / 0.15 * 0.6) * $among;
    }

    private function seasonScore(Piece $piece, Season $season): float
    {
        return match (true) {
            $piece->isStaple() => 0.8,
            $piece->serves($season) => 1.0,
            default => 0.0,
        };
    }

    /** @return list<string> */
    private function reasons(Piece $piece, PieceFit $fit, float $size, bool $isBare, Season $season, Judgement $by): array
    {
        return [
            FitVerdict::NotJudged === $fit->verdict ? 'no look is chosen yet' : sprintf('Fit %d: %s off %s', $fit->score, round($fit->distance, 1), $by->look->ribbons[$fit->ribbon]->name ?? 'the look'),
            $by->lengths->write($piece->size->height) . ($isBare ? ($size >= 0.8 ? ' high, a good size here' : ' high') : ($size >= 0.8 ? ' high, a level of its own' : ' high, level with another')),
            $piece->isStaple() ? 'all year' : ($piece->serves($season) ? 'for ' . $season->value : 'not for ' . $season->value),
        ];
    }
}
