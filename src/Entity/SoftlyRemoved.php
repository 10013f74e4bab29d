<?php

declare(strict_types=1);

namespace App\Entity;

use Doctrine\ORM\Mapping as ORM;

trait SoftlyRemoved
{
    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $removedAt = null;

    public function remove(\DateTimeImmutable $at): void
    {
        $this->removedAt = $at;
    }

    public function restore(): void
    {
        $this->removedAt = null;
    }

    public function isRemoved(): bool
    {
        return null !== $this->removedAt;
    }
}
