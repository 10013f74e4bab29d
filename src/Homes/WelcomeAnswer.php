<?php

declare(strict_types=1);

namespace App\Homes;

/** What the sign-in page may show to anyone: in a demo, its sign-in. */
final readonly class WelcomeAnswer
{
    public function __construct(public bool $isDemo, public string $email, public string $password) {}
}
