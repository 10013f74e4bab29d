<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake;

/** Something in a line that could mean more than one thing, or is missing. */
final readonly class Question
{
    /**
     * @param list<Reply> $replies empty when it must be typed
     * @param string      $assumed what is taken for granted where nobody answers; empty when that would be wrong
     */
    public function __construct(public string $field, public string $sentence, public array $replies = [], public string $assumed = '') {}
}
