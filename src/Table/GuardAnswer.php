<?php

declare(strict_types=1);

namespace App\Table;

use BrightCupboard\Core\Table\Guard;

/** A classic mistake about to be made. */
final readonly class GuardAnswer
{
    /** @param list<string> $pieces ids */
    private function __construct(public string $code, public string $sentence, public array $pieces) {}

    public static function of(Guard $guard): self
    {
        return new self($guard->code, $guard->sentence, $guard->pieces);
    }
}
