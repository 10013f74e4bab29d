<?php

declare(strict_types=1);

namespace App\View\Haul;

final readonly class NeedAnswersView
{
    /** @param list<AnswerView> $answers best first */
    public function __construct(public NeedView $need, public array $answers) {}
}
