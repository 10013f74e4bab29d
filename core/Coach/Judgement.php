<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach;

use BrightCupboard\Core\Look\FitMeter;
use BrightCupboard\Core\Look\Look;

/** What the checks judge by: the look, the meter that measures fit to it, and what is overruled. */
final readonly class Judgement
{
    /** @param list<Check> $overruled */
    public function __construct(public Look $look, public FitMeter $meter, public array $overruled = []) {}

    /** The same for a spot with a taste of its own. */
    public function at(Taste $taste): self
    {
        $look = $this->look->judgedBy($taste->school, $taste->mood)->only($taste->ribbons);

        return new self($look, $look->ribbons === $this->look->ribbons ? $this->meter : $this->meter->to($look), $taste->overruled);
    }
}
