<?php

declare(strict_types=1);

namespace App\Entity;

/** Something that is taken away softly, so that taking away can be undone. */
interface Removable extends OfHome
{
    public function remove(\DateTimeImmutable $at): void;

    public function restore(): void;

    public function isRemoved(): bool;
}
