<?php

declare(strict_types=1);

namespace App\Http;

/** Input that was read and refused; each violation names the field in the words of the page. */
final class InvalidInput extends \RuntimeException
{
    /** @param non-empty-list<Violation> $violations */
    public function __construct(public readonly array $violations)
    {
        parent::__construct($violations[0]->message);
    }

    public static function at(string $field, string $message): self
    {
        return new self([new Violation($field, $message)]);
    }
}
