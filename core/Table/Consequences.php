<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Table;

use BrightCupboard\Core\Look\FitMeter;
use BrightCupboard\Core\Look\Look;
use BrightCupboard\Core\Look\RibbonShares;
use BrightCupboard\Core\Plan\Choice;
use BrightCupboard\Core\Plan\Fate;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\PieceSet;

/** What each decision on one piece would change: the shares of the ribbons, the spot it stands at, the set it belongs to. */
final readonly class Consequences
{
    /** A share that moves by less than this is not worth a word, in percent of all that is seen. */
    private const WORTH_SAYING = 1.0;

    public function __construct(private Look $look, private FitMeter $meter) {}

    /**
     * @param array<string, Fate>     $fates by piece id, the piece among them
     * @param array<string, PieceSet> $sets  by piece id
     * @param array<string, string>   $spots names by id
     *
     * @return array<string, list<string>> what is decided => sentences
     */
    public function of(Fate $fate, array $fates, array $sets, array $spots): array
    {
        $others = array_filter($fates, static fn(Fate $other): bool => $other->piece->id !== $fate->piece->id);
        $without = $this->shares($others, null);
        $with = $this->shares($others, $fate->piece);
        $said = [];
        foreach (Choice::cases() as $choice) {
            $isOut = \in_array($choice, [Choice::Stay, Choice::Move, Choice::Bring], true);
            $said[$choice->value] = [
                ...($isOut ? $this->moved($without, $with) : $this->moved($with, $without)),
                ...(Choice::Stay === $choice ? [] : $this->leaves($fate, $others, $spots)),
                ...$this->tears($fate, $others, $sets, $isOut),
            ];
        }

        return $said;
    }

    /**
     * @param array<string, Fate> $others
     *
     * @return list<float> percent by ribbon
     */
    private function shares(array $others, ?Piece $piece): array
    {
        $seen = [];
        foreach ($others as $other) {
            if ($other->willBeOut()) {
                $seen[] = [$other->piece, max(1, array_sum($other->placed))];
            }
        }
        if (null !== $piece) {
            $seen[] = [$piece, 1];
        }

        return array_map(
            static fn(float $share): float => 100 * $share,
            \array_slice((new RibbonShares($this->look, $this->meter))->of($seen), 0, \count($this->look->ribbons)),
        );
    }

    /**
     * @param list<float> $before
     * @param list<float> $after
     *
     * @return list<string>
     */
    private function moved(array $before, array $after): array
    {
        $said = [];
        foreach ($this->look->ribbons as $i => $ribbon) {
            if (abs($after[$i] - $before[$i]) >= self::WORTH_SAYING) {
                $said[] = sprintf(
                    '%s %s from %d to %d %% of what is seen, %d wanted.',
                    $ribbon->name,
                    $after[$i] > $before[$i] ? 'rises' : 'falls',
                    round($before[$i]),
                    round($after[$i]),
                    $ribbon->percent,
                );
            }
        }

        return $said;
    }

    /**
     * @param array<string, Fate>   $others
     * @param array<string, string> $spots
     *
     * @return list<string>
     */
    private function leaves(Fate $fate, array $others, array $spots): array
    {
        $said = [];
        foreach ($fate->spotsNow as $spot) {
            $left = array_filter(
                $others,
                static fn(Fate $other): bool => isset($other->placed[$spot]) || (
                    \in_array($spot, $other->spotsNow, true)
                    && \in_array($other->choice, [null, Choice::Stay], true)
                ),
            );
            $tallest = max([0, ...array_map(static fn(Fate $other): int => $other->piece->size->height->tenths(), array_values($left))]);
            $said[] = match (true) {
                [] === $left => sprintf('%s would stand bare.', $spots[$spot] ?? 'Its spot'),
                $fate->piece->size->height->tenths() > $tallest => sprintf(
                    '%s loses its tallest; %d %s left there.',
                    $spots[$spot] ?? 'Its spot',
                    \count($left),
                    1 === \count($left) ? 'is' : 'are',
                ),
                default => sprintf('%s keeps %d.', $spots[$spot] ?? 'Its spot', \count($left)),
            };
        }

        return $said;
    }

    /**
     * @param array<string, Fate>     $others
     * @param array<string, PieceSet> $sets
     *
     * @return list<string>
     */
    private function tears(Fate $fate, array $others, array $sets, bool $isOut): array
    {
        $set = $sets[$fate->piece->id] ?? null;
        if (null === $set) {
            return [];
        }
        foreach ($others as $id => $other) {
            $isMember = isset($sets[$id]) && mb_strtolower($sets[$id]->name) === mb_strtolower($set->name);
            if ($isMember && null !== $other->choice && $other->willBeOut() !== $isOut) {
                return [sprintf('The set “%s” would be torn apart: %s is %s.', $set->name, $other->piece->name, $other->willBeOut() ? 'out' : 'not out')];
            }
        }

        return [];
    }
}
