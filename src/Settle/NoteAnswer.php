<?php

declare(strict_types=1);

namespace App\Settle;

use App\Entity\Note;

final readonly class NoteAnswer
{
    private function __construct(public string $id, public ?string $spot, public string $text, public string $at, public string $by) {}

    public static function of(Note $note): self
    {
        return new self($note->id(), $note->spot()?->id(), $note->text(), $note->at()->format(\DATE_ATOM), $note->by());
    }
}
