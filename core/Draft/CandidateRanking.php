<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Draft;

use BrightCupboard\Core\Coach\Check;
use BrightCupboard\Core\Coach\Coach;
use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\Finding;
use BrightCupboard\Core\Coach\Judgement;
use BrightCupboard\Core\Coach\Objection;
use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Coach\PlaceFinder;
use BrightCupboard\Core\Coach\PlaceSought;
use BrightCupboard\Core\Coach\Surroundings;
use BrightCupboard\Core\Coach\Verdict;
use BrightCupboard\Core\Look\FitVerdict;
use BrightCupboard\Core\Look\PieceFit;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Stock\Season;
use BrightCupboard\Core\Surface\Stance;

/**
 * Ranks owned pieces for a spot: what the spot still lacks 30, fit to the look 30, size for the role 20, season 10 (out of season
 * three times as much against it), not where it stood last year 5, nearness 5 of 100; then tries the best of them: what the whole
 * gains or loses counts half, and what would have to be mended or looked at again afterwards counts against it. Of roles that are lacking
 * the one that is dressed earlier comes first where all else is alike.
 *
 * What does not go there, or would break a rule of safety, is left out and counted by reason. Trying is done only for the
 * best by score, so that thousands of pieces stay quick: O(n log n) and a fixed number of tries.
 */
final readonly class CandidateRanking
{
    private const ROLE = 30.0;
    /** For each role that is dressed before a lacking one. */
    private const TURN = 0.5;
    private const FIT = 30.0;
    private const SIZE = 20.0;
    private const SEASON = 10.0;
    private const FRESH = 5.0;
    private const NEAR = 5.0;
    /** Where no look is chosen, fit is not judged: every piece gets half. */
    private const NOT_JUDGED = 0.5;
    private const STAPLE = 0.8;
    /** What is of other seasons alone counts three times as much against it: it is offered when hardly anything else is there. */
    private const OUT_OF_SEASON = -3.0;
    /** So many times the pieces wanted are tried, each at its best place, or at the next where that would bring up something to mend. */
    private const TRIED = 1.25;
    private const TRIED_AS = 'try';
    private const PLACES = 2;
    /** On a full spot hardly anything finds a place: after so many it is left at that. */
    private const MOST_TRIES = 30;
    /** A point of the whole counts half a point of the piece. */
    private const WHOLE = 0.5;
    /** What the coach would want mended afterwards and does not now costs so much, each. */
    private const NEW_FIX = 30.0;
    /** And so much what it would want looked at again about the piece itself, such as that it is lost against the sofa. */
    private const LOOK_AGAIN = 5.0;

    public function __construct(
        private Surroundings $surroundings = new Surroundings(),
        private PlaceFinder $places = new PlaceFinder(),
        private Coach $coach = new Coach(),
    ) {}

    /** @param list<Available> $available */
    public function rank(Dressing $dressing, array $available, Judgement $by, Season $season, int $most, ?Recipe $recipe = null): Ranking
    {
        [$scored, $leftOut, $going] = $this->scored($dressing, $available, $by, $season, $recipe);
        $candidates = $this->tried($dressing, $scored, $by, $most, $leftOut);
        ksort($leftOut);

        return new Ranking($candidates, $leftOut, $going);
    }

    /**
     * Those that come first before anything is tried, each where it would go best: for who tries them anyway.
     *
     * @param list<Available> $available
     *
     * @return list<Candidate> what the whole would gain is not known of them
     */
    public function likely(Dressing $dressing, array $available, Judgement $by, Season $season, int $most, ?Recipe $recipe = null): array
    {
        $likely = [];
        $sought = new PlaceSought($by->look->balance);
        foreach ($this->scored($dressing, $available, $by, $season, $recipe)[0] as $scored) {
            $stance = $this->places->best($dressing, $scored[0]->piece, $sought, 1)[0] ?? null;
            if (null !== $stance) {
                $likely[] = self::candidate($dressing, $scored, $scored[4], $stance, 0.0);
            }
            if (\count($likely) === $most) {
                break;
            }
        }

        return $likely;
    }

    /**
     * @param list<Available> $available
     *
     * @return array{list<array{Available, PieceFit, SpotRole, bool, float}>, array<string, int>, int} the best first; how many are left out by
     *                                                                                              reason; how many would go there
     */
    private function scored(Dressing $dressing, array $available, Judgement $by, Season $season, ?Recipe $recipe): array
    {
        $tops = array_map(static fn(PlacedPiece $one): int => $one->top, $dressing->standing());
        $recipe ??= Recipe::usual($dressing->spot->kind, $by->look->mood);
        $going = $scores = $leftOut = $lacks = $postures = $stances = [];
        $spot = $dressing->spot;
        foreach ($available as $offer) {
            $kind = $offer->piece->kind;
            $posture = $postures[$kind->value] ??= self::posture($kind, $dressing);
            $objection = $put = null;
            if ($posture instanceof Objection) {
                $objection = $posture;
            } elseif (null === $objection = $this->surroundings->objection($offer->piece, $spot)) {
                // On a post it depends on each piece how it is wound; elsewhere all of a kind are put alike.
                $put = $spot->isUpright()
                    ? PlacedPiece::tried(self::TRIED_AS, $offer->piece, 1, $spot, $posture)
                    : new PlacedPiece(self::TRIED_AS, $offer->piece, 1, $stances[$kind->value] ??= Stance::tried($spot, $kind, $posture));
                $objection = $this->surroundings->sizeObjectionTo($put, $spot);
            }
            if (null === $put || null !== $objection) {
                $reason = $objection->value ?? '';
                $leftOut[$reason] = ($leftOut[$reason] ?? 0) + 1;
                continue;
            }
            $role = SpotRole::of($put, $dressing->spot);
            $lack = $lacks[$role->value] ??= $recipe->lacks($role, $dressing);
            $scores[] = self::ROLE * $lack
                - (Recipe::isLacking($lack) ? self::TURN * Recipe::turnOf($role, $spot->form()) : 0.0)
                + self::SIZE * RoleSize::score($put, $role, $dressing->spot, $tops)
                + self::SEASON * ($offer->piece->isStaple() ? self::STAPLE : ($offer->piece->serves($season) ? 1.0 : self::OUT_OF_SEASON))
                + self::FRESH * ($offer->lastSpot === $dressing->spot->id ? 0.0 : 1.0)
                + self::NEAR * $offer->nearness;
            $going[] = [$offer, $role, Recipe::isLacking($lack)];
        }

        return [$this->best($going, $scores, $by), $leftOut, \count($going)];
    }

    /** How it would be put, or why it is not. */
    private static function posture(PieceKind $kind, Dressing $dressing): Posture|Objection
    {
        return match (true) {
            PieceKind::Hooks === $kind => Objection::Hardware,
            null === $dressing->spot->postureOf($kind) => Objection::Posture,
            default => $dressing->carrying()->postureFor($kind) ?? Objection::NeedsHost,
        };
    }

    /**
     * The best by score. Fit is the dearest part of it, so it is measured from the one that has most without it, until no other can
     * come among the best even if it fits wholly.
     *
     * @param list<array{Available, SpotRole, bool}> $going
     * @param list<float>                        $scores of each without its fit
     *
     * @return list<array{Available, PieceFit, SpotRole, bool, float}> the best first, as many as are tried
     */
    private function best(array $going, array $scores, Judgement $by): array
    {
        arsort($scores, \SORT_NUMERIC);
        $best = $order = $ids = [];
        $least = -\INF;
        foreach ($scores as $i => $score) {
            if ($score + self::FIT < $least) {
                break;
            }
            [$offer, $role, $isLacking] = $going[$i];
            $fit = $by->meter->fit($offer->piece);
            $whole = $score + self::FIT * (FitVerdict::NotJudged === $fit->verdict ? self::NOT_JUDGED : $fit->score / 100);
            if ($whole < $least) {
                continue;
            }
            $best[] = [$offer, $fit, $role, $isLacking, $whole];
            [$order[], $ids[]] = [$whole, $offer->piece->id];
            if (\count($best) >= 2 * self::MOST_TRIES) {
                array_multisort($order, \SORT_DESC, \SORT_NUMERIC, $ids, \SORT_ASC, \SORT_STRING, $best);
                [$best, $order, $ids] = [
                    \array_slice($best, 0, self::MOST_TRIES),
                    \array_slice($order, 0, self::MOST_TRIES),
                    \array_slice($ids, 0, self::MOST_TRIES),
                ];
                $least = $order[self::MOST_TRIES - 1];
            }
        }
        array_multisort($order, \SORT_DESC, \SORT_NUMERIC, $ids, \SORT_ASC, \SORT_STRING, $best);

        return \array_slice($best, 0, self::MOST_TRIES);
    }

    /**
     * @param list<array{Available, PieceFit, SpotRole, bool, float}> $scored  the best first
     * @param array<string, int>                                  $leftOut by reason
     *
     * @return list<Candidate>
     */
    private function tried(Dressing $dressing, array $scored, Judgement $by, int $most, array &$leftOut): array
    {
        $before = $this->coach->lookOver($dressing, $by);
        $scoreBefore = $this->coach->score($dressing, $before);
        [$faults, $mended] = [Coach::unsafe($before), Coach::toMend($before)];
        // No piece can better the whole by more than what is missing from 100.
        $mostGain = [] === $before ? 0.0 : self::WHOLE * (100 - $scoreBefore);
        $candidates = $order = [];
        $tries = 0;
        $sought = new PlaceSought($by->look->balance);
        foreach ($scored as $one) {
            [$offer, $score] = [$one[0], $one[4]];
            if (\count($candidates) >= self::TRIED * $most || ++$tries > self::MOST_TRIES || self::isOutdone($score + $mostGain, $order, $most)) {
                break;
            }
            $best = null;
            $stances = $this->places->best($dressing, $offer->piece, $sought, self::PLACES);
            foreach ($stances as $stance) {
                if (null !== $best && [] === $best[2]) {
                    break; // nothing new to mend: the place finder’s first choice holds
                }
                $after = $dressing->with(new PlacedPiece(self::TRIED_AS, $offer->piece, 1, $stance));
                $findings = $this->coach->lookOverUnlessUnsafe($after, $by, $faults);
                if (null === $findings) {
                    continue;
                }
                $scoreAfter = $this->coach->score($after, $findings);
                if (null === $best || $scoreAfter > $best[0]) {
                    $best = [$scoreAfter, $stance, array_values(array_diff_key(Coach::toMend($findings), $mended)), self::complaintsOf($findings)];
                }
            }
            if (null === $best) {
                $reason = ([] === $stances ? Objection::NoRoom : Objection::WouldEndanger)->value;
                $leftOut[$reason] = ($leftOut[$reason] ?? 0) + 1;
                continue;
            }
            $gain = [] === $before ? 0.0 : $best[0] - $scoreBefore;
            $order[] = $whole = $score + self::WHOLE * $gain - self::NEW_FIX * \count($best[2]) - self::LOOK_AGAIN * $best[3];
            $candidates[] = self::candidate($dressing, $one, $whole, $best[1], $gain, $best[2]);
        }
        array_multisort($order, \SORT_DESC, \SORT_NUMERIC, array_keys($order), $candidates);

        return \array_slice($candidates, 0, $most);
    }

    /** @param list<Finding> $findings where the piece was tried */
    private static function complaintsOf(array $findings): int
    {
        return \count(array_filter(
            $findings,
            static fn(Finding $one): bool => Verdict::LookAgain === $one->verdict && $one->isOpen() && \in_array(self::TRIED_AS, $one->placements(), true),
        ));
    }

    /**
     * Whether so many are better already that neither this one nor any after it can come among them.
     *
     * @param list<float> $order what those that were tried came to
     */
    private static function isOutdone(float $atMost, array $order, int $most): bool
    {
        return \count(array_filter($order, static fn(float $one): bool => $one > $atMost)) >= $most;
    }

    /**
     * @param array{Available, PieceFit, SpotRole, bool, float} $scored
     * @param list<Check>                                       $mends  what would have to be mended then
     */
    private static function candidate(Dressing $dressing, array $scored, float $score, Stance $stance, float $gain, array $mends = []): Candidate
    {
        [$offer, $fit, $role, $isLacking] = $scored;
        $side = $dressing->spot->sideOf((new PlacedPiece(self::TRIED_AS, $offer->piece, 1, $stance))->centre);

        return new Candidate($offer, (int) round(max(0.0, min(100.0, $score))), $fit, $role, $isLacking, $side, $stance, $gain, $mends);
    }
}
