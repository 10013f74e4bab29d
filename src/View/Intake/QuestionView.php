<?php

declare(strict_types=1);

namespace App\View\Intake;

use BrightCupboard\Core\Intake\Question;
use BrightCupboard\Core\Intake\Reply;

final readonly class QuestionView
{
    /** @param list<ReplyView> $replies */
    private function __construct(public string $field, public string $sentence, public array $replies) {}

    public static function of(Question $question): self
    {
        return new self($question->field, $question->sentence, array_map(static fn(Reply $reply): ReplyView => new ReplyView($reply->label, $reply->line), $question->replies));
    }
}
