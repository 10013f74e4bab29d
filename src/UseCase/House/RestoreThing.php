<?php

declare(strict_types=1);

namespace App\UseCase\House;

use App\Entity\Removable;
use Doctrine\ORM\EntityManagerInterface;

final readonly class RestoreThing
{
    public function __construct(private EntityManagerInterface $entities) {}

    public function __invoke(Removable $thing): void
    {
        $thing->restore();
        $this->entities->flush();
    }
}
