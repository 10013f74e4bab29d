<?php

declare(strict_types=1);

namespace App\Intake;

use BrightCupboard\Core\Intake\Question;
use BrightCupboard\Core\Intake\Reply;

/** What has to be asked, or was assumed and may be answered. */
final readonly class QuestionAnswer
{
    /**
     * @param list<ReplyAnswer> $replies
     * @param string            $assumed what is taken for granted where nobody answers
     */
    private function __construct(public string $field, public string $sentence, public array $replies, public string $assumed) {}

    public static function of(Question $question): self
    {
        return new self(
            $question->field,
            $question->sentence,
            array_map(static fn(Reply $reply): ReplyAnswer => new ReplyAnswer($reply->label, $reply->line), $question->replies),
            $question->assumed,
        );
    }
}
