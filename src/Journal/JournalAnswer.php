<?php

declare(strict_types=1);

namespace App\Journal;

final readonly class JournalAnswer
{
    /**
     * @param list<EntryAnswer>  $entries newest first
     * @param list<WriterAnswer> $people  who have done something here
     */
    public function __construct(public array $entries, public bool $hasMore, public array $people) {}
}
