<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Draft;

use BrightCupboard\Core\Coach\Check;
use BrightCupboard\Core\Coach\Coach;
use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\Finding;
use BrightCupboard\Core\Coach\Judgement;
use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Coach\PlaceFinder;
use BrightCupboard\Core\Coach\PlaceSought;
use BrightCupboard\Core\Stock\Face;

/**
 * Up to three acts for each finding that is not good, found by trying: add an owned free piece, shift one that is there, turn
 * another side of it to the front, stand it on something, let two swap places, take one off. Kept only when the finding gets
 * better, the score of the whole rises and no fault of room or safety is added.
 *
 * Cost: for n pieces at the spot, at most 4 n tries, 15 swaps, a dozen risers and one try for each candidate and each side, each a whole look-over.
 */
final readonly class Remedies
{
    private const EACH = 3;
    private const PLACES = 3;
    private const MOST_SHIFTED = 14;
    private const MOST_SWAPPED = 6;
    private const MOST_RAISED = 4;
    private const RISERS_EACH = 3;
    /** Less than half a point is no remedy. */
    private const WORTH = 0.5;

    /** What asks for more of something is not answered by having less, until it is not asked any longer. */
    private const ASK_FOR_MORE = [Check::Levels, Check::Air, Check::Focal, Check::Metal, Check::Textures];

    public function __construct(
        private Coach $coach = new Coach(),
        private PlaceFinder $places = new PlaceFinder(),
        private Risers $risers = new Risers(),
    ) {}

    /**
     * @param list<Candidate>           $candidates that could be added
     * @param list<Available>           $owned      that something could be stood on
     * @param array<string, list<Face>> $faces      other sides of pieces, by piece id
     *
     * @return list<Remedy> by finding, the best first
     */
    public function find(Dressing $dressing, array $candidates, Judgement $by, array $owned = [], array $faces = []): array
    {
        $findings = $this->coach->lookOver($dressing, $by);
        $before = $this->coach->score($dressing, $findings);
        $open = array_values(array_filter($findings, static fn(Finding $finding): bool => $finding->isOpen()));
        if ([] === $open) {
            return [];
        }
        $found = [];
        $unsafe = Coach::unsafe($findings);
        $sorted = $this->mostAbout($dressing, $open);
        foreach ([...$this->tries($dressing, $sorted, $candidates, $by), ...$this->exchanges($dressing, $sorted, $owned, $faces)] as [$act, $piece, $with]) {
            $tried = Remedy::tried($dressing, $act, $piece, $with);
            // Most tries better nothing that was asked about; the whole is looked over only for the others.
            $bettered = array_filter($open, fn(Finding $one): bool => $this->coach->penalty($one->check, $tried, $by) < $one->penalty() - 1e-9);
            $after = [] === $bettered ? null : $this->coach->lookOverUnlessUnsafe($tried, $by, $unsafe);
            $score = null === $after ? 0.0 : $this->coach->score($tried, $after);
            foreach ($score >= $before + self::WORTH ? $bettered : [] as $finding) {
                if (RemedyAct::TakeOff === $act && \in_array($finding->check, self::ASK_FOR_MORE, true) && !self::isAsked($finding->check, $after ?? [])) {
                    continue;
                }
                $found[$finding->check->value][] = new Remedy($finding->check, $act, $piece, $before, $score, $with);
            }
        }

        return array_merge(...array_map(static function (array $remedies): array {
            usort($remedies, static fn(Remedy $a, Remedy $b): int => [$b->after, $a->act->value, $a->piece->id] <=> [$a->after, $b->act->value, $b->piece->id]);

            return \array_slice(self::different($remedies), 0, self::EACH);
        }, array_values($found)));
    }

    /**
     * @param list<Finding> $open
     *
     * @return list<PlacedPiece> those that most findings are about first
     */
    private function mostAbout(Dressing $dressing, array $open): array
    {
        $about = array_count_values(array_merge(...array_map(static fn(Finding $finding): array => $finding->placements(), $open)));
        $pieces = $dressing->placed;
        usort(
            $pieces,
            static fn(PlacedPiece $a, PlacedPiece $b): int => [
                $about[$b->id] ?? 0,
                $b->visualWeight(),
                $a->id,
            ] <=> [$about[$a->id] ?? 0, $a->visualWeight(), $b->id],
        );

        return $pieces;
    }

    /**
     * One piece is shifted, taken off or added.
     *
     * @param list<PlacedPiece> $pieces
     * @param list<Candidate>   $candidates
     *
     * @return iterable<array{RemedyAct, PlacedPiece, null}>
     */
    private function tries(Dressing $dressing, array $pieces, array $candidates, Judgement $by): iterable
    {
        foreach (\array_slice($pieces, 0, self::MOST_SHIFTED) as $piece) {
            $rest = $dressing->without($piece->id);
            // What is on a hook is hung elsewhere; what stands may be put as it goes.
            $sought = new PlaceSought($by->look->balance, $dressing->isOnWall($piece) ? $piece->posture : null);
            foreach ($this->places->best($rest, $piece->piece, $sought, self::PLACES, $piece->count) as $stance) {
                yield [RemedyAct::Shift, $piece->put($stance->turnedTo($piece->stance->face)), null];
            }
            if ([] !== $rest->placed) {
                yield [RemedyAct::TakeOff, $piece, null];
            }
        }
        foreach ($candidates as $candidate) {
            yield [RemedyAct::Add, new PlacedPiece('new ' . $candidate->available->piece->id, $candidate->available->piece, 1, $candidate->stance), null];
        }
    }

    /**
     * Two swap places, one shows another side or is stood on something.
     *
     * @param list<PlacedPiece>         $pieces
     * @param list<Available>           $owned
     * @param array<string, list<Face>> $faces
     *
     * @return iterable<array{RemedyAct, PlacedPiece, ?PlacedPiece}>
     */
    private function exchanges(Dressing $dressing, array $pieces, array $owned, array $faces): iterable
    {
        foreach ($pieces as $piece) {
            foreach ($faces[$piece->piece->id] ?? [] as $face) {
                yield [
                    RemedyAct::Turn,
                    new PlacedPiece($piece->id, $piece->piece->withColours($face->colours), $piece->count, $piece->stance->turnedTo($face->name)),
                    null,
                ];
            }
        }
        $carrying = $dressing->carrying();
        $standing = array_values(array_filter(
            $pieces,
            static fn(PlacedPiece $one): bool => $one->isSolid() && 0 === $one->raise && !$carrying->isRiser($one),
        ));
        foreach (\array_slice($standing, 0, self::MOST_SWAPPED) as $i => $one) {
            foreach (\array_slice($standing, $i + 1, self::MOST_SWAPPED - $i - 1) as $other) {
                if ($one->piece->id !== $other->piece->id && $one->posture === $other->posture) {
                    yield [RemedyAct::Swap, self::inPlaceOf($one, $other), self::inPlaceOf($other, $one)];
                }
            }
        }
        foreach (\array_slice($standing, 0, self::MOST_RAISED) as $one) {
            foreach (\array_slice($this->risers->under($dressing, $one, $owned), 0, self::RISERS_EACH) as [$raised, $riser]) {
                yield [RemedyAct::Raise, $raised, $riser];
            }
        }
    }

    /** @param list<Finding> $findings */
    private static function isAsked(Check $check, array $findings): bool
    {
        return [] !== array_filter($findings, static fn(Finding $one): bool => $one->check === $check);
    }

    private static function inPlaceOf(PlacedPiece $one, PlacedPiece $other): PlacedPiece
    {
        return $one->put($one->stanceAt((int) round($other->centre - $one->width / 2), $other->layer, 0, $other->tier));
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
            $seen[$remedy->act->value . $remedy->piece->id . (RemedyAct::Swap === $remedy->act ? $remedy->with?->id : '')] ??= $remedy;
        }

        return array_values($seen);
    }
}
