<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal;

use BrightCupboard\Core\Intake\Question;

/**
 * Leaves at most one question that has an answer to choose: the one that matters most. The others are assumed, which is said.
 * A question without answers is a mistake that has to be mended, and stays.
 *
 * @internal
 */
final readonly class OneQuestion
{
    /** What matters most comes first. */
    private const ORDER = ['kind', 'height', 'width', 'count', 'costEach', 'place', 'line', 'colours', 'name'];

    public static function leave(Draft $draft): void
    {
        $open = $draft->questions;
        usort(
            $open,
            static fn(Question $a, Question $b): int => (int) array_search($a->field, self::ORDER, true) <=> (int) array_search($b->field, self::ORDER, true),
        );
        $draft->questions = [];
        $hasOne = false;
        foreach ($open as $question) {
            if ([] === $question->replies || !$hasOne) {
                $draft->questions[] = $question;
                $hasOne = $hasOne || [] !== $question->replies;
                continue;
            }
            if ('' !== $question->assumed) {
                $draft->assumed[] = $question; // what cannot be assumed is asked next
            }
        }
    }
}
