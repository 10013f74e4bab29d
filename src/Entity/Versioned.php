<?php

declare(strict_types=1);

namespace App\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** Counts changes, so that two people who change the same thing notice (409 with both sides). */
trait Versioned
{
    #[ORM\Version]
    #[ORM\Column(type: Types::INTEGER)]
    private int $version = 1;

    public function version(): int
    {
        return $this->version;
    }
}
