<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Draft;

use BrightCupboard\Core\Coach\Surroundings;
use BrightCupboard\Core\Colour\Ciede2000;
use BrightCupboard\Core\Colour\Lab;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\LengthText;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Surface\Spot;

/**
 * Answers a need from the home before anything is bought: what meets it, then what comes nearest.
 *
 * Each thing asked for that a piece misses costs points: another kind 40, each inch off in height 6,
 * each inch too wide 8, colour 1 per CIEDE2000 beyond 10, another texture 20, too few free units 15.
 */
final readonly class NeedAnswers
{
    /** What misses more is no answer. */
    private const MOST_MISSED = 60.0;

    public function __construct(private LengthText $lengths, private Surroundings $surroundings = new Surroundings()) {}

    /**
     * @param list<Available> $available
     *
     * @return list<NeedAnswer> best first; ties by name, then id
     */
    public function find(Wanted $wanted, Spot $spot, array $available, int $most): array
    {
        $answers = [];
        $colour = null === $wanted->colour ? null : Lab::of($wanted->colour);
        foreach ($available as $offer) {
            $misses = [...$this->kindMisses($wanted, $offer->piece), ...$this->sizeMisses($wanted, $offer->piece)];
            $others = $this->otherMisses($wanted, $offer);
            // Most of a stock is another thing altogether: what takes longer is asked of the rest only.
            if (self::points([...$misses, ...$others]) > self::MOST_MISSED || !$this->goesTo($spot, $offer->piece)) {
                continue;
            }
            $all = [...$misses, ...(null === $colour ? [] : $this->colourMisses($colour, $offer->piece)), ...$others];
            $points = self::points($all);
            if ($points <= self::MOST_MISSED) {
                $said = array_values(array_filter(array_column($all, 1), static fn(string $words): bool => '' !== $words));
                $answers[] = new NeedAnswer($offer, (int) round(100 - $points), $said);
            }
        }
        usort(
            $answers,
            static fn(NeedAnswer $a, NeedAnswer $b): int => [
                $b->score,
                $a->available->piece->name,
                $a->available->piece->id,
            ] <=> [$a->score, $b->available->piece->name, $b->available->piece->id],
        );

        return \array_slice($answers, 0, $most);
    }

    private function goesTo(Spot $spot, Piece $piece): bool
    {
        return null === $this->surroundings->objection($piece, $spot) && null === $this->surroundings->sizeObjection($piece, $spot);
    }

    /** @param list<array{float, string}> $misses */
    private static function points(array $misses): float
    {
        return array_sum(array_column($misses, 0));
    }

    /** @return list<array{float, string}> points and the sentence, as of the others below */
    private function kindMisses(Wanted $wanted, Piece $piece): array
    {
        return null === $wanted->kind || $piece->kind === $wanted->kind
            ? []
            : [[40.0, sprintf('a %s, not a %s', $piece->kind->value, $wanted->kind->value)]];
    }

    /** @return list<array{float, string}> */
    private function otherMisses(Wanted $wanted, Available $offer): array
    {
        $misses = [];
        if (null !== $wanted->texture && !\in_array($wanted->texture, $offer->piece->textures(), true)) {
            $misses[] = [20.0, 'not ' . $wanted->texture->value];
        }
        if ($offer->free < $wanted->count) {
            $misses[] = [15.0, sprintf('only %d free of %d', $offer->free, $wanted->count)];
        }

        return $misses;
    }

    /** @return list<array{float, string}> how far its colours are beyond CIEDE2000 10 from the one wanted, weighed by their shares; under 1 it is not said */
    private function colourMisses(Lab $wanted, Piece $piece): array
    {
        $difference = new Ciede2000();
        $off = 0.0;
        foreach ($piece->colours as $share) {
            $off += $share->percent / 100 * max(0.0, $difference->between($wanted, Lab::of($share->colour)) - 10);
        }

        return [[$off, $off < 1 ? '' : sprintf('colour %d off', (int) round($off))]];
    }

    /** @return list<array{float, string}> */
    private function sizeMisses(Wanted $wanted, Piece $piece): array
    {
        $misses = [];
        $height = $piece->size->height->tenths();
        if (null !== $wanted->leastHeight && $height < $wanted->leastHeight->tenths()) {
            $misses[] = $this->off($wanted->leastHeight->tenths() - $height, 6, '%s short');
        }
        if (null !== $wanted->mostHeight && $height > $wanted->mostHeight->tenths()) {
            $misses[] = $this->off($height - $wanted->mostHeight->tenths(), 6, '%s too tall');
        }
        if (null !== $wanted->mostWidth && $piece->size->width->tenths() > $wanted->mostWidth->tenths()) {
            $misses[] = $this->off($piece->size->width->tenths() - $wanted->mostWidth->tenths(), 8, '%s too wide');
        }

        return $misses;
    }

    /** @return array{float, string} */
    private function off(int $tenths, int $pointsAnInch, string $sentence): array
    {
        $length = Length::ofTenths($tenths);

        return [$length->inInches() * $pointsAnInch, sprintf($sentence, $this->lengths->write($length))];
    }
}
