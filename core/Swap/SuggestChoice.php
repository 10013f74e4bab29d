<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Swap;

use BrightCupboard\Core\Look\PieceFit;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\Season;

/** Suggests stay, move, bring, rest or part for a piece, from season, fit, where it is and how it was used (docs/rules.md, table). */
final readonly class SuggestChoice
{
    private const STAYS_FROM = 60;
    private const COMES_FROM = 70;
    private const PARTS_BELOW = 40;
    private const PARTS_AFTER_SEASONS = 4;

    public function __construct(private Season $season) {}

    /** @param string|null $spot id of the spot where it stands now, null when it is in store */
    public function suggest(Piece $piece, PieceFit $fit, ?string $spot, History $history): Suggestion
    {
        return null === $spot ? $this->inStore($piece, $fit, $history) : $this->out($piece, $fit, $spot, $history);
    }

    private function out(Piece $piece, PieceFit $fit, string $spot, History $history): Suggestion
    {
        if (!$piece->serves($this->season)) {
            return new Suggestion(Choice::Rest, sprintf('Not a piece for %s.', $this->season->value));
        }
        if ($fit->score < self::STAYS_FROM) {
            return new Suggestion(Choice::Rest, sprintf('Fit %d: outside the look.', $fit->score));
        }
        if (null !== $history->lastSpotInThisSeason && $history->lastSpotInThisSeason !== $spot) {
            return new Suggestion(Choice::Move, sprintf('Fit %d, and last %s it stood elsewhere.', $fit->score, $this->season->value));
        }

        return new Suggestion(Choice::Stay, sprintf('Fit %d, %s.', $fit->score, $piece->isStaple() ? 'a staple' : 'a piece for ' . $this->season->value));
    }

    private function inStore(Piece $piece, PieceFit $fit, History $history): Suggestion
    {
        $idle = $history->seasonsIdle ?? 0;
        if ($idle >= self::PARTS_AFTER_SEASONS && $fit->score < self::PARTS_BELOW && $piece->serves($this->season)) {
            return new Suggestion(Choice::Part, sprintf('Idle for %d seasons and fit %d.', $idle, $fit->score));
        }
        if (!$piece->serves($this->season)) {
            return new Suggestion(Choice::Rest, sprintf('Not a piece for %s.', $this->season->value));
        }
        if ($fit->score < self::COMES_FROM) {
            return new Suggestion(Choice::Rest, sprintf('Fit %d: not close enough to fetch.', $fit->score));
        }

        return new Suggestion(Choice::Bring, sprintf('Fit %d%s.', $fit->score, $idle > 0 ? sprintf(', rested %d %s', $idle, 1 === $idle ? 'season' : 'seasons') : ', for ' . $this->season->value));
    }
}
