<?php

declare(strict_types=1);

namespace App\Cupboard;

use Symfony\Component\Validator\Constraints as Assert;

/** What a word means in this home, in words that are known; empty to forget it. */
final readonly class WordInput
{
    public function __construct(
        #[Assert\Length(min: 2, max: 40, minMessage: 'A word has at least {{ limit }} letters.', maxMessage: 'A word has at most {{ limit }} letters.')]
        public string $word,
        #[Assert\Length(max: 200, maxMessage: 'A meaning has at most {{ limit }} characters.')]
        public string $means,
    ) {}
}
