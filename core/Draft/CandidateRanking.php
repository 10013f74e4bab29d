<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Draft;

use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\Judgement;
use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Look\PieceFit;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\Season;

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
        $scored = [];
        $leftOut = [];
        foreach ($available as $offer) {
            $objection = $this->suitability->objection($offer->piece, $dressing->spot) ?? $this->suitability->sizeObjection($offer->piece, $dressing->spot);
            if (null !== $objection) {
                $leftOut[$objection] = ($leftOut[$objection] ?? 0) + 1;
                continue;
            }
            $fit = $by->meter->fit($offer->piece);
            $size = $this->sizeScore($offer->piece, $dressing);
            $score = self::FIT_WEIGHT * $fit->score + self::SIZE_POINTS * $size + self::SEASON_POINTS * $this->seasonScore($offer->piece, $season);
            $scored[] = [(int) round($score), $offer, $fit, $size];
        }
        usort($scored, static fn(array $a, array $b): int => [$b[0], $a[1]->piece->name, $a[1]->piece->id] <=> [$a[0], $b[1]->piece->name, $b[1]->piece->id]);
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
            $candidates[] = new Candidate($offer, $score, $fit, $this->reasons($offer->piece, $fit, $size, $season, $by), $place, $dressing->moments()->imbalance(), $after->moments()->imbalance());
        }
        ksort($leftOut);

        return new Ranking($candidates, $leftOut, \count($scored));
    }

    /** 1 when the height adds a new level of at least a sixth of the tallest, or on a bare spot is 40 to 80 % of the clear height. */
    private function sizeScore(Piece $piece, Dressing $dressing): float
    {
        $height = $piece->size->height->tenths();
        $standing = $dressing->standing();
        if ([] === $standing) {
            $clear = $dressing->spot->clearHeight?->tenths() ?? 36 * Length::TENTHS_PER_INCH;
            $share = $height / max(1, $clear);

            return max(0.0, 1 - max(0.0, 0.4 - $share, $share - 0.8) / 0.4);
        }
        $tops = array_map(static fn(PlacedPiece $placed): int => $placed->top, $standing);
        $apart = min(array_map(static fn(int $top): float => abs($top - $height) / max($top, $height), $tops));
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
    private function reasons(Piece $piece, PieceFit $fit, float $size, Season $season, Judgement $by): array
    {
        return [
            sprintf('Fit %d: %s off %s', $fit->score, round($fit->distance, 1), $by->look->ribbons[$fit->ribbon]->name ?? 'the look'),
            $by->lengths->write($piece->size->height) . ($size >= 0.8 ? ' high, a level of its own' : ' high, level with another'),
            $piece->isStaple() ? 'all year' : ($piece->serves($season) ? 'for ' . $season->value : 'not for ' . $season->value),
        ];
    }
}
