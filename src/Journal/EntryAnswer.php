<?php

declare(strict_types=1);

namespace App\Journal;

/** A line of what was done. */
final readonly class EntryAnswer
{
    public function __construct(
        public string $id,
        public string $at,
        public string $by,
        public string $sentence,
        public bool $isUndone,
        public bool $canBeUndone,
    ) {}
}
