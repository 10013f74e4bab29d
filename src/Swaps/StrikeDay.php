<?php

declare(strict_types=1);

namespace App\Swaps;

use App\Http\Fields;
use BrightCupboard\Core\Measure\DayText;

/** Reads the day on which a swap is struck: after its swap day, or none. */
final readonly class StrikeDay
{
    public function read(Fields $fields, SwapInput $input): ?\DateTimeImmutable
    {
        if ('' === trim($input->strikeOn)) {
            return null;
        }
        $day = $fields->read('strikeOn', static fn(): \DateTimeImmutable => DayText::read($input->strikeOn), null);
        if (null !== $day && $day <= DayText::read($input->swapDay)) {
            $fields->refuse('strikeOn', 'It is struck after its swap day. Choose a later day, or none.');
        }

        return $day;
    }
}
