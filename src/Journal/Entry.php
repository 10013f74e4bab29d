<?php

declare(strict_types=1);

namespace App\Journal;

/**
 * One act as it was written down.
 *
 * @phpstan-import-type Stored from RowChange
 */
final readonly class Entry
{
    /**
     * @param string|null     $takesBack the entry that this act undid
     * @param string|null     $takenBackBy the entry of the act that undid this one
     * @param bool            $isUndoing   false for an act, and for one that undid an undoing
     * @param list<RowChange> $rows
     */
    public function __construct(
        public string $id,
        public \DateTimeImmutable $at,
        public string $by,
        public string $person,
        public ?string $swap,
        public string $sentence,
        public ?string $takesBack,
        public ?string $takenBackBy,
        public bool $isUndoing = false,
        public array $rows = [],
    ) {}
}
