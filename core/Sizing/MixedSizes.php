<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Sizing;

/** A count shared among large, medium and small as 1 : 2 : 3 (common practice: few large ones deep in, many small ones outside). */
final readonly class MixedSizes
{
    public static function of(int $count): Said
    {
        $large = (int) round($count / 6);
        $medium = (int) round($count / 3);

        return new Said('mixed sizes', ['large' => $large, 'medium' => $medium, 'small' => max(0, $count - $large - $medium)]);
    }
}
