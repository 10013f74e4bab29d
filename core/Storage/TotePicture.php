<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Storage;

use BrightCupboard\Core\Storage\Internal\PackedFront;
use BrightCupboard\Core\Storage\Internal\Posture;

/** Lays the content of a tote out to be drawn from the front at scale: what is heavy first, what breaks last, each as low as it goes. A picture, not the tightest packing. */
final readonly class TotePicture
{
    /**
     * @param list<Stored> $content
     *
     * @return list<Lying> in the order they are laid in
     */
    public function of(StoredTote $tote, array $content): array
    {
        usort($content, static fn(Stored $a, Stored $b): int => [$a->piece->isBreakable(), -$a->piece->weight->grams(), $a->piece->id] <=> [$b->piece->isBreakable(), -$b->piece->weight->grams(), $b->piece->id]);
        $front = new PackedFront($tote->inside->width->tenths(), $tote->inside->depth->tenths());
        $lying = [];
        foreach ($content as $stored) {
            $unit = Posture::of($stored->piece, $tote->inside);
            for ($i = 0; $i < $stored->units; ++$i) {
                [$left, $bottom, $behind] = $front->place($unit);
                $lying[] = new Lying($stored->piece->id, $left, $bottom, $behind, $unit->width, $unit->height, $unit->isOnSide, $bottom + $unit->height > $tote->inside->height->tenths());
            }
        }

        return $lying;
    }
}
