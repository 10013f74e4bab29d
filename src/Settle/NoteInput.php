<?php

declare(strict_types=1);

namespace App\Settle;

use Symfony\Component\Validator\Constraints as Assert;

final readonly class NoteInput
{
    public function __construct(
        public ?string $spot,
        #[Assert\NotBlank(message: 'Write the note first.', normalizer: 'trim')]
        #[Assert\Length(max: 2000, maxMessage: 'A note has at most {{ limit }} characters; this one has {{ value_length }}.')]
        public string $text,
    ) {}
}
