<?php

declare(strict_types=1);

namespace App\House;

use App\Intake\QuestionAnswer;
use App\Totes\ToteAnswer;

/** What a line is read as, drawn as it would be; or what came of it once it is taken in. */
final readonly class HouseLineAnswer
{
    /**
     * @param string               $room      that it is in; empty for a tote
     * @param list<QuestionAnswer> $questions what must be answered before it can be taken in
     * @param list<string>         $remarks   what was made of it beyond its words
     */
    public function __construct(
        public string $room,
        public bool $isNewRoom,
        public ?SpotAnswer $spot,
        public ?ToteAnswer $tote,
        public array $questions,
        public array $remarks,
    ) {}
}
