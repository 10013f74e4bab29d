<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Colour;

/** One colour of a piece and how much of what is seen of it, in whole percent. */
final readonly class ColourShare
{
    private const MOST_COLOURS = 5;

    public function __construct(public Srgb $colour, public int $percent)
    {
        if ($percent < 1 || $percent > 100) {
            throw InvalidColour::shareOutOfRange($percent);
        }
    }

    /**
     * Refuses a set that is empty, has more than five colours or does not sum to 100 %.
     *
     * @param list<self> $shares
     *
     * @return list<self>
     */
    public static function complete(array $shares): array
    {
        if ([] === $shares || \count($shares) > self::MOST_COLOURS) {
            throw InvalidColour::wrongNumber(\count($shares), self::MOST_COLOURS);
        }
        $sum = 0;
        foreach ($shares as $share) {
            $sum += $share->percent;
        }

        return 100 === $sum ? $shares : throw InvalidColour::sharesDoNotSum($sum);
    }
}
