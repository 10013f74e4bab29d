<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Draft;

use BrightCupboard\Core\Coach\Coach;
use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\Finding;
use BrightCupboard\Core\Coach\Judgement;
use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Coach\PlaceFinder;

/**
 * Up to three acts for each finding that is not good, found by trying: add an owned free piece, shift or turn one that is
 * there, take one off. Kept only when the finding gets better and the score of the whole rises.
 *
 * Cost: for n pieces at the spot, at most 4 n tries and one for each candidate, each a whole look-over.
 */
final readonly class Remedies
{
    private const EACH = 3;
    private const PLACES = 3;
    private const MOST_SHIFTED = 14;
    /** Less than half a point is no remedy. */
    private const WORTH = 0.5;

    public function __construct(private Coach $coach = new Coach(), private PlaceFinder $places = new PlaceFinder()) {}

    /**
     * @param list<Candidate> $candidates that could be added
     *
     * @return list<Remedy> by finding, the best first
     */
    public function find(Dressing $dressing, array $candidates, Judgement $by): array
    {
        $findings = $this->coach->lookOver($dressing, $by);
        $before = $this->coach->score($dressing, $findings);
        $open = array_values(array_filter($findings, static fn(Finding $finding): bool => $finding->isOpen()));
        if ([] === $open) {
            return [];
        }
        $found = [];
        foreach ($this->tries($dressing, $open, $candidates, $by) as [$act, $piece, $tried]) {
            $after = $this->coach->lookOver($tried, $by);
            $score = $this->coach->score($tried, $after);
            foreach ($score >= $before + self::WORTH ? $open : [] as $finding) {
                if ($this->penalty($finding, $after) < $finding->penalty() - 1e-9) {
                    $found[$finding->check->value][] = new Remedy($finding->check, $act, $piece, $before, $score);
                }
            }
        }

        return array_merge(...array_map(static function (array $remedies): array {
            usort($remedies, static fn(Remedy $a, Remedy $b): int => [$b->after, $a->act->value, $a->piece->id] <=> [$a->after, $b->act->value, $b->piece->id]);

            return \array_slice(self::different($remedies), 0, self::EACH);
        }, array_values($found)));
    }

    /**
     * @param list<Finding>   $open
     * @param list<Candidate> $candidates
     *
     * @return iterable<array{RemedyAct, PlacedPiece, Dressing}>
     */
    private function tries(Dressing $dressing, array $open, array $candidates, Judgement $by): iterable
    {
        $about = array_count_values(array_merge(...array_map(static fn(Finding $finding): array => $finding->placements(), $open)));
        $pieces = $dressing->placed;
        usort(
            $pieces,
            static fn(PlacedPiece $a, PlacedPiece $b): int => [$about[$b->id] ?? 0, $b->visualWeight(), $a->id] <=> [$about[$a->id] ?? 0, $a->visualWeight(), $b->id],
        );
        foreach (\array_slice($pieces, 0, self::MOST_SHIFTED) as $piece) {
            $rest = $dressing->without($piece->id);
            foreach ($this->places->best($rest, $piece->piece, $by->look->balance, self::PLACES, $piece->count) as $stance) {
                $moved = PlacedPiece::at($piece->id, $piece->piece, $piece->count, $stance);
                yield [RemedyAct::Shift, $moved, $rest->with($moved)];
            }
            if ([] !== $rest->placed) {
                yield [RemedyAct::TakeOff, $piece, $rest];
            }
        }
        foreach ($candidates as $candidate) {
            $added = PlacedPiece::at('new ' . $candidate->available->piece->id, $candidate->available->piece, 1, $candidate->stance);
            yield [RemedyAct::Add, $added, $dressing->with($added)];
        }
    }

    /** @param list<Finding> $after */
    private function penalty(Finding $before, array $after): float
    {
        foreach ($after as $finding) {
            if ($finding->check === $before->check) {
                return $finding->penalty();
            }
        }

        return 0.0;
    }

    /**
     * @param list<Remedy> $remedies best first
     *
     * @return list<Remedy> each act on each piece once
     */
    private static function different(array $remedies): array
    {
        $seen = [];
        foreach ($remedies as $remedy) {
            $seen[$remedy->act->value . $remedy->piece->id] ??= $remedy;
        }

        return array_values($seen);
    }
}
