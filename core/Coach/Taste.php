<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach;

use BrightCupboard\Core\Look\BalanceSchool;

/** By what one spot is judged where it differs from the look, and what its stylist has overruled. */
final readonly class Taste
{
    /**
     * @param int|null     $mood      0 airy to 100 layered
     * @param list<Check>  $overruled said, but counted for nothing
     * @param list<string> $ribbons   names of the ribbons that are meant for this spot; those the look does not have say nothing
     */
    public function __construct(public ?BalanceSchool $school = null, public ?int $mood = null, public array $overruled = [], public array $ribbons = []) {}
}
