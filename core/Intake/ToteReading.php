<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake;

use BrightCupboard\Core\Measure\Size;
use BrightCupboard\Core\Measure\Weight;
use BrightCupboard\Core\Stock\Condition;

/** What a line says of a tote. */
final readonly class ToteReading
{
    /**
     * @param bool            $isMeasured false when its inside is that of a usual tote
     * @param list<Condition> $conditions
     * @param list<Question>  $questions  what must be answered before it can be taken in
     */
    public function __construct(
        public string $code,
        public string $place,
        public Size $inside,
        public bool $isMeasured,
        public array $conditions,
        public ?Weight $mostWeight,
        public array $questions,
    ) {}
}
