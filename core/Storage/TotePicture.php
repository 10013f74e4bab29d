<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Storage;

use BrightCupboard\Core\Storage\Internal\Filling;
use BrightCupboard\Core\Storage\Internal\Laying;

/**
 * Lays the content of a tote out to be drawn from the front at scale, as it would be packed: what is heavy first,
 * what breaks last, each as low as it goes. What goes in nowhere stands over the rim.
 */
final readonly class TotePicture
{
    /**
     * @param list<Stored> $content
     *
     * @return list<Lying> in the order they are laid in, layer by layer
     */
    public function of(StoredTote $tote, array $content): array
    {
        $filling = Filling::of($tote, $content);
        $lying = [];
        foreach ($filling->lying as [$pile, $way, $left, $behind, $bottom]) {
            $each = intdiv($way->height, $pile->units);
            for ($i = 0; $i < $pile->units; ++$i) {
                $lying[] = new Lying($pile->piece->id, $left, $bottom + $i * $each, $behind, $way->width, $way->depth, $each, $way->isOnSide, false);
            }
        }
        usort($lying, static fn(Lying $a, Lying $b): int => [$a->bottom, $a->behind, $a->left] <=> [$b->bottom, $b->behind, $b->left]);
        $rim = $tote->inside->height->tenths();
        foreach ($filling->over as $pile) {
            $way = Laying::anyway($pile->piece, $tote->inside);
            for ($i = 0; $i < $pile->units; ++$i) {
                $lying[] = new Lying(
                    $pile->piece->id,
                    0,
                    $rim,
                    0,
                    min($way->width, $tote->inside->width->tenths()),
                    $way->depth,
                    $way->height,
                    $way->isOnSide,
                    true,
                );
                $rim += $way->height;
            }
        }

        return $lying;
    }
}
