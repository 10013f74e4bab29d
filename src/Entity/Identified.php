<?php

declare(strict_types=1);

namespace App\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Ulid;

/** An identity made when the thing is made: sortable by time, the same before and after it is stored. */
trait Identified
{
    #[ORM\Id]
    #[ORM\Column(type: Types::STRING, length: 26)]
    private string $id;

    public function id(): string
    {
        return $this->id;
    }

    private function identify(): void
    {
        $this->id = (string) new Ulid();
    }
}
