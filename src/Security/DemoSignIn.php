<?php

declare(strict_types=1);

namespace App\Security;

/** The sign-in of the demo, which is printed by bin/demo and filled in on the sign-in page. Never used outside it. */
final class DemoSignIn
{
    public const EMAIL = 'stylist@ferry-house.example';
    public const PASSWORD = 'first-thaw';
}
