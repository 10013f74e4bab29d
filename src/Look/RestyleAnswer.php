<?php

declare(strict_types=1);

namespace App\Look;

use App\Cupboard\ColourAnswer;
use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Look\Restyle;
use BrightCupboard\Core\Look\RestyleWay;

/** A change that would bring a piece into the look; cost for one unit in minor units. */
final readonly class RestyleAnswer
{
    /** @param list<ColourAnswer> $colours of the piece afterwards */
    private function __construct(
        public RestyleWay $way,
        public string $sentence,
        public array $colours,
        public int $scoreBefore,
        public int $scoreAfter,
        public int $cost,
        public int $minutes,
        public ?string $caution,
        public ?string $face,
    ) {}

    public static function of(Restyle $idea): self
    {
        return new self(
            $idea->way,
            $idea->sentence,
            array_map(static fn(ColourShare $share): ColourAnswer => new ColourAnswer($share->colour->hex(), $share->percent), $idea->colours),
            $idea->scoreBefore,
            $idea->scoreAfter,
            $idea->costMinor,
            $idea->minutes,
            $idea->way->caution(),
            $idea->face,
        );
    }
}
