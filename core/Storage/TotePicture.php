<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Storage;

use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Swap\StoredTote;

/**
 * Lays the content of a tote in rows, to be drawn from the front at scale: what is heavy first, what breaks last, soft
 * things pressed together. Within a row units stand behind one another as far as the depth takes them (first fit).
 */
final readonly class TotePicture
{
    /** How much narrower than what stands before it a unit must not be wider: it may look out by a tenth. */
    private const LOOKS_OUT_BY = 1.1;

    /**
     * @param list<Stored> $content
     *
     * @return list<Lying> from the bottom up, left to right, front to back
     */
    public function of(StoredTote $tote, array $content): array
    {
        usort($content, static fn(Stored $a, Stored $b): int => [$a->piece->isBreakable(), -$a->piece->weight->grams(), $a->piece->id] <=> [$b->piece->isBreakable(), -$b->piece->weight->grams(), $b->piece->id]);
        [$inWidth, $inDepth, $inHeight] = [$tote->inside->width->tenths(), $tote->inside->depth->tenths(), $tote->inside->height->tenths()];
        $lying = $slots = [];
        [$bottom, $row] = [0, 0];
        foreach ($content as $stored) {
            [$width, $depth, $height] = $this->box($stored->piece, $inWidth);
            for ($i = 0; $i < $stored->units; ++$i) {
                $slot = $this->slotFor($slots, $width, $depth, $inDepth) ?? $this->newSlot($slots, $width, $inWidth);
                if (null === $slot) {
                    [$slots, $bottom, $row, $slot] = [[], $bottom + $row, 0, ['left' => 0, 'width' => $width, 'depth' => 0]];
                }
                $lying[] = new Lying($stored->piece->id, $slot['left'], $bottom, $slot['depth'], $width, $height, $bottom + $height > $inHeight);
                $slots[$slot['left']] = ['left' => $slot['left'], 'width' => $slot['width'], 'depth' => $slot['depth'] + max(1, $depth)];
                $row = max($row, $height);
            }
        }

        return $lying;
    }

    /**
     * A place in the row with room behind what stands there.
     *
     * @param array<int, array{left: int, width: int, depth: int}> $slots
     *
     * @return array{left: int, width: int, depth: int}|null
     */
    private function slotFor(array $slots, int $width, int $depth, int $inDepth): ?array
    {
        foreach ($slots as $slot) {
            if ($width <= $slot['width'] * self::LOOKS_OUT_BY && $slot['depth'] + $depth <= $inDepth) {
                return $slot;
            }
        }

        return null;
    }

    /**
     * A place at the right end of the row; null when the row is full.
     *
     * @param array<int, array{left: int, width: int, depth: int}> $slots
     *
     * @return array{left: int, width: int, depth: int}|null
     */
    private function newSlot(array $slots, int $width, int $inWidth): ?array
    {
        $left = 0;
        foreach ($slots as $slot) {
            $left = max($left, $slot['left'] + $slot['width']);
        }

        return 0 === $left || $left + $width <= $inWidth ? ['left' => $left, 'width' => $width, 'depth' => 0] : null;
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
