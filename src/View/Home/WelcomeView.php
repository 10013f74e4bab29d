<?php

declare(strict_types=1);

namespace App\View\Home;

/** What the sign-in page may show to anyone: in a demo, its sign-in. */
final readonly class WelcomeView
{
    public function __construct(public bool $isDemo, public string $email, public string $password) {}
}
