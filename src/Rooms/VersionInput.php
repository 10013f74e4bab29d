<?php

declare(strict_types=1);

namespace App\Rooms;

/** From what a version is made; with a spot, the version is one of that spot, made from how this one stands. */
final readonly class VersionInput
{
    public function __construct(public VersionFrom $from, public ?string $onto = null) {}
}
