<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Table;

use BrightCupboard\Core\Look\FitVerdict;
use BrightCupboard\Core\Look\PieceFit;
use BrightCupboard\Core\Plan\Choice;
use BrightCupboard\Core\Plan\History;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\Season;

/** Suggests stay, move, bring, rest or part for a piece, from season, fit, where it is and how it was used (docs/rules.md, table). */
final readonly class SuggestChoice
{
    private const STAYS_FROM = 60;
    private const COMES_FROM = 70;
    private const PARTS_BELOW = 40;
    private const PARTS_AFTER_SEASONS = 4;
    private const NEAR_THE_LINE = 7;
    private const CLEAR_OF_THE_LINE = 15;
    private const OUT_OF_SEASON_MARGIN = 30;

    public function __construct(private Season $season) {}

    /** @param string|null $spot id of the spot where it stands now, null when it is in store */
    public function suggest(Piece $piece, PieceFit $fit, ?string $spot, History $history): Suggestion
    {
        [$choice, $reason, $margin] = match (true) {
            FitVerdict::NotJudged === $fit->verdict => $this->withoutLook($piece, $spot),
            null === $spot => $this->inStore($piece, $fit, $history),
            default => $this->out($piece, $fit, $spot, $history),
        };
        if (null !== $history->note) {
            $reason .= sprintf(' Noted last time: “%s”', $history->note);
        }

        return new Suggestion($choice, $reason . $this->lastTime($choice, $history), $this->confidence($choice, $margin, $history));
    }

    /** @return array{Choice, string, int} */
    private function withoutLook(Piece $piece, ?string $spot): array
    {
        return match (true) {
            !$piece->serves($this->season) => [Choice::Rest, sprintf('Not a piece for %s.', $this->season->value), self::OUT_OF_SEASON_MARGIN],
            null !== $spot => [Choice::Stay, sprintf('%s. No look is chosen yet.', $piece->isStaple() ? 'A staple' : 'A piece for ' . $this->season->value), 0],
            $piece->isStaple() => [Choice::Rest, 'A staple in store. No look is chosen yet.', 0],
            default => [Choice::Bring, sprintf('A piece for %s. No look is chosen yet.', $this->season->value), 0],
        };
    }

    /** @return array{Choice, string, int} the choice, why, and the points of fit to the next other choice */
    private function out(Piece $piece, PieceFit $fit, string $spot, History $history): array
    {
        if (!$piece->serves($this->season)) {
            return [Choice::Rest, sprintf('Not a piece for %s.', $this->season->value), self::OUT_OF_SEASON_MARGIN];
        }
        if ($fit->score < self::STAYS_FROM) {
            return [Choice::Rest, sprintf('Fit %d: outside the look.', $fit->score), self::STAYS_FROM - $fit->score];
        }
        if (null !== $history->lastSpotInThisSeason && $history->lastSpotInThisSeason !== $spot) {
            return [Choice::Move, sprintf('Fit %d, and last %s it stood elsewhere.', $fit->score, $this->season->value), $fit->score - self::STAYS_FROM];
        }

        return [
            Choice::Stay,
            sprintf('Fit %d, %s.', $fit->score, $piece->isStaple() ? 'a staple' : 'a piece for ' . $this->season->value),
            $fit->score - self::STAYS_FROM,
        ];
    }

    /** @return array{Choice, string, int} */
    private function inStore(Piece $piece, PieceFit $fit, History $history): array
    {
        $idle = $history->seasonsIdle ?? 0;
        if ($idle >= self::PARTS_AFTER_SEASONS && $fit->score < self::PARTS_BELOW && $piece->serves($this->season)) {
            return [Choice::Part, sprintf('Idle for %d seasons and fit %d.', $idle, $fit->score), 0];
        }
        if (!$piece->serves($this->season)) {
            return [Choice::Rest, sprintf('Not a piece for %s.', $this->season->value), self::OUT_OF_SEASON_MARGIN];
        }
        if ($fit->score < self::COMES_FROM) {
            return [Choice::Rest, sprintf('Fit %d: not close enough to fetch.', $fit->score), self::COMES_FROM - $fit->score];
        }

        return [
            Choice::Bring,
            sprintf(
                'Fit %d%s.',
                $fit->score,
                $idle > 0 ? sprintf(', rested %d %s', $idle, 1 === $idle ? 'season' : 'seasons') : ', for ' . $this->season->value,
            ),
            $fit->score - self::COMES_FROM,
        ];
    }

    private function lastTime(Choice $choice, History $history): string
    {
        return null === $history->lastChoice || $history->lastChoice === $choice
            ? ''
            : sprintf(' Last %s you decided %s.', $this->season->value, $history->lastChoice->value);
    }

    /** Sure when the fit is well clear of the line and last time agrees; unsure near the line, against last time, or when it is to leave. */
    private function confidence(Choice $choice, int $margin, History $history): Confidence
    {
        $isAgainst = null !== $history->lastChoice && $history->lastChoice !== $choice;

        return match (true) {
            Choice::Part === $choice, $isAgainst, $margin < self::NEAR_THE_LINE => Confidence::Unsure,
            $margin >= self::CLEAR_OF_THE_LINE => Confidence::Sure,
            default => Confidence::Likely,
        };
    }
}
