<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Search;

use BrightCupboard\Core\Colour\ColourShare;

/** What a search looks at of one piece. */
final readonly class SearchCard
{
    /**
     * @param string                      $name    lower case
     * @param string                      $text    all else written of it, in lower case: kind, materials, finish, seasons, cautions, origin, care, set, places
     * @param list<ColourShare>           $colours
     * @param int                         $width   tenths of a millimetre, as the others
     * @param int|null                    $idle    closed swaps since it last stood; null when it never did
     * @param int                         $cost    of one, minor units; 0 when nobody wrote it down
     * @param int                         $worth   to replace one, the same
     * @param int                         $grams   one weighs; 0 when nobody weighed it
     * @param string                      $kind    the word for what it is; '' where nobody asks
     * @param int                         $run     how long one is laid out, for what is kept rolled, coiled or folded; 0 for what is not
     * @param string                      $came    when it came, such as 2024-11-05; '' where nobody knows
     * @param list<string>                $places  kinds of the places it is at: "spot", "tote", "lent"
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $text,
        public array $colours,
        public int $width,
        public int $depth,
        public int $height,
        public ?int $idle,
        public array $places,
        public int $cost = 0,
        public int $worth = 0,
        public int $grams = 0,
        public int $count = 1,
        public string $kind = '',
        public int $run = 0,
        public string $came = '',
    ) {}
}
