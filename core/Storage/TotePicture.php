<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Storage;

use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Swap\StoredTote;

/**
 * Lays the content of a tote in rows, to be drawn from the front at scale: what is heavy first, what breaks last, soft
 * things pressed together. Shelf packing (next fit); as many units stand behind one another as the depth takes.
 */
final readonly class TotePicture
{
    /**
     * @param list<Stored> $content
     *
     * @return list<Lying> from the bottom up; those that stand behind another are not drawn again
     */
    public function of(StoredTote $tote, array $content): array
    {
        usort($content, static fn(Stored $a, Stored $b): int => [$a->piece->isBreakable(), -$a->piece->weight->grams(), $a->piece->id] <=> [$b->piece->isBreakable(), -$b->piece->weight->grams(), $b->piece->id]);
        [$inWidth, $inDepth, $inHeight] = [$tote->inside->width->tenths(), $tote->inside->depth->tenths(), $tote->inside->height->tenths()];
        $lying = [];
        [$left, $bottom, $row] = [0, 0, 0];
        foreach ($content as $stored) {
            [$width, $depth, $height] = $this->box($stored->piece, $inWidth);
            $fronts = (int) ceil($stored->units / max(1, intdiv($inDepth, max(1, $depth))));
            for ($i = 0; $i < $fronts; ++$i) {
                if ($left > 0 && $left + $width > $inWidth) {
                    [$left, $bottom, $row] = [0, $bottom + $row, 0];
                }
                $lying[] = new Lying($stored->piece->id, $left, $bottom, $width, $height, $bottom + $height > $inHeight);
                $left += $width;
                $row = max($row, $height);
            }
        }

        return $lying;
    }

    /** @return array{int, int, int} width, depth and height as it lies: turned so that it goes in by its width, soft things flattened */
    private function box(Piece $piece, int $inWidth): array
    {
        [$width, $depth, $height] = [$piece->size->width->tenths(), $piece->size->depth->tenths(), $piece->size->height->tenths()];
        $soft = $piece->packedLitres() / max(1e-9, $piece->size->litres());
        if ($width > $inWidth) {
            [$width, $height] = $height <= $inWidth ? [$height, $width] : [$inWidth, $height];
        }

        return [$width, $depth, max(1, (int) round($height * $soft))];
    }
}
