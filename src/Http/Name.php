<?php

declare(strict_types=1);

namespace App\Http;

use Symfony\Component\Validator\Constraints as Assert;
use Symfony\Component\Validator\Constraints\Compound;

/** A name people read: not empty, not endless, no control characters. Any script and emoji are welcome. */
#[\Attribute]
final class Name extends Compound
{
    /** @param array<mixed> $options */
    protected function getConstraints(array $options): array
    {
        return [
            new Assert\NotBlank(message: 'Give it a name.', normalizer: 'trim'),
            new Assert\Length(max: 80, maxMessage: 'A name can be at most {{ limit }} characters; this one has {{ value_length }}.'),
            new Assert\Regex('/^[^\x00-\x1f\x7f]*$/', message: 'A name is one line of plain text.'),
        ];
    }
}
