<?php

declare(strict_types=1);

namespace App\Cupboard;

/** Something that is no piece and goes by the words asked. */
final readonly class ElsewhereAnswer
{
    /**
     * @param string      $what "tote", "spot", "look", "note", "line" or "swap"
     * @param string|null $swap the swap it belongs to, for notes and lines
     */
    public function __construct(public string $what, public string $id, public string $title, public string $detail, public ?string $swap = null) {}
}
