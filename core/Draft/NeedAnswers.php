<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Draft;

use BrightCupboard\Core\Coach\Surroundings;
use BrightCupboard\Core\Colour\Ciede2000;
use BrightCupboard\Core\Colour\Lab;
use BrightCupboard\Core\Colour\Srgb;
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
    private const PRESENTABLE = 40;

    public function __construct(private LengthText $lengths, private Surroundings $surroundings = new Surroundings()) {}

    /**
     * @param list<Available> $available
     *
     * @return list<NeedAnswer> best first; ties by name, then id
     */
    public function find(Wanted $wanted, Spot $spot, array $available, int $most): array
    {
        $answers = [];
        foreach ($available as $offer) {
            if (null !== $this->surroundings->objection($offer->piece, $spot) || null !== $this->surroundings->sizeObjection($offer->piece, $spot)) {
                continue;
            }
            [$points, $misses] = $this->misses($wanted, $offer);
            if ($points <= 100 - self::PRESENTABLE) {
                $answers[] = new NeedAnswer($offer, (int) round(100 - $points), $misses);
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

    /** @return array{float, list<string>} */
    private function misses(Wanted $wanted, Available $offer): array
    {
        $piece = $offer->piece;
        $points = 0.0;
        $said = [];
        if (null !== $wanted->kind && $piece->kind !== $wanted->kind) {
            $points += 40;
            $said[] = sprintf('a %s, not a %s', $piece->kind->value, $wanted->kind->value);
        }
        foreach ($this->sizeMisses($wanted, $piece) as [$inches, $cost, $sentence]) {
            $points += $inches * $cost;
            $said[] = $sentence;
        }
        if (null !== $wanted->colour) {
            $off = $this->colourOff($wanted->colour, $piece);
            $points += $off;
            if ($off >= 1) {
                $said[] = sprintf('colour %d off', (int) round($off));
            }
        }
        if (null !== $wanted->texture && !\in_array($wanted->texture, $piece->textures(), true)) {
            $points += 20;
            $said[] = 'not ' . $wanted->texture->value;
        }
        if ($offer->free < $wanted->count) {
            $points += 15;
            $said[] = sprintf('only %d free of %d', $offer->free, $wanted->count);
        }

        return [$points, $said];
    }

    /** How far the colours of a piece are beyond CIEDE2000 10 from the one wanted, weighed by their shares. */
    private function colourOff(Srgb $wanted, Piece $piece): float
    {
        $difference = new Ciede2000();
        $off = 0.0;
        foreach ($piece->colours as $share) {
            $off += $share->percent / 100 * max(0.0, $difference->between(Lab::of($wanted), Lab::of($share->colour)) - 10);
        }

        return $off;
    }

    /** @return list<array{float, int, string}> inches off, points an inch, the sentence */
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

    /** @return array{float, int, string} */
    private function off(int $tenths, int $cost, string $sentence): array
    {
        $length = Length::ofTenths($tenths);

        return [$length->inInches(), $cost, sprintf($sentence, $this->lengths->write($length))];
    }
}
