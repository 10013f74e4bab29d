<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach\Place;

use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Surface\Form;
use BrightCupboard\Core\Surface\Layer;
use BrightCupboard\Core\Surface\SeenFrom;
use BrightCupboard\Core\Surface\Stance;

/** On ledges, boards of tiers, table tops and the floor: in its own layer, along the whole width. */
final readonly class OnBoard implements Places
{
    private const AIR = Length::TENTHS_PER_INCH;
    private const STEPS = 12;
    private const TALL_SHARE = 0.6;
    private const LOW_SHARE = 0.35;

    public function of(Dressing $dressing, PlacedPiece $piece): array
    {
        $stances = [];
        for ($tier = 0; $tier < $dressing->spot->tierCount(); ++$tier) {
            $there = array_values(array_filter(
                $dressing->placed,
                static fn(PlacedPiece $one): bool => $one->tier === $tier && Posture::Hangs !== $one->posture,
            ));
            $lefts = $this->lefts($dressing, $piece, $there);
            foreach ($this->layers($dressing, $piece, $there) as $layer) {
                foreach ($lefts as $left) {
                    $stances[] = new Stance($left, $layer, 0, $tier, $piece->posture);
                }
            }
        }

        return $stances;
    }

    /**
     * @param list<PlacedPiece> $there on the same board
     *
     * @return list<Layer> its own first
     */
    private function layers(Dressing $dressing, PlacedPiece $piece, array $there): array
    {
        if (Posture::Leans === $piece->posture) {
            return [Layer::Back];
        }
        if (\in_array($piece->posture, [Posture::Drapes, Posture::Hangs], true)) {
            return [Layer::Front];
        }
        if (Posture::Lies === $piece->posture) {
            return [Layer::Middle];
        }
        $clear = $dressing->spot->clearHeight?->tenths() ?? \PHP_INT_MAX;
        $tallest = max([0, ...array_map(static fn(PlacedPiece $one): int => $one->top, $there)]);
        $own = match (true) {
            Form::Table === $dressing->spot->form() && SeenFrom::Front !== $dressing->spot->seenFrom => Layer::Middle, // for both sides alike
            $piece->height > self::TALL_SHARE * $clear => Layer::Back,
            $tallest > 0 && $piece->height < self::LOW_SHARE * $tallest => Layer::Front,
            default => Layer::Middle,
        };

        return [$own, ...array_values(array_filter([Layer::Middle, Layer::Front, Layer::Back], static fn(Layer $layer): bool => $layer !== $own))];
    }

    /**
     * @param list<PlacedPiece> $there
     *
     * @return list<int>
     */
    private function lefts(Dressing $dressing, PlacedPiece $piece, array $there): array
    {
        $spot = $dressing->spot;
        $free = $spot->width->tenths() - $piece->width;
        if ($free <= 0 || PieceKind::Runner === $piece->piece->kind) {
            return [intdiv($free, 2)];
        }
        $last = $spot->to - $piece->width;
        $lefts = [(int) round($spot->middle() - $piece->width / 2) => true, $spot->from => true, $last => true];
        for ($i = 1; $i < self::STEPS; ++$i) {
            $lefts[$spot->from + intdiv(($last - $spot->from) * $i, self::STEPS)] = true;
        }
        foreach ($there as $one) {
            $lefts[$one->right + self::AIR] = true;
            $lefts[$one->left - self::AIR - $piece->width] = true;
        }

        return array_keys(array_filter($lefts, static fn(int $left): bool => $left >= 0 && $left <= $free, \ARRAY_FILTER_USE_KEY));
    }
}
