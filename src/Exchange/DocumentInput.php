<?php

declare(strict_types=1);

namespace App\Exchange;

/** The text of a home document. */
final readonly class DocumentInput
{
    public function __construct(public string $document) {}
}
