<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake;

/** A place a line may name: a tote by its code, a spot by its name. */
final readonly class KnownPlace
{
    /**
     * @param string $key    such as "tote:…" or "spot:…"
     * @param string $name   that names it alone: "A2", "Stove shelf"
     * @param string $within where it is: "attic", "Parlour"
     */
    public function __construct(public string $key, public string $name, public string $within) {}

    public function inWords(): string
    {
        return '' === $this->within ? $this->name : $this->name . ', ' . $this->within;
    }
}
