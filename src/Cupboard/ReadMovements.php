<?php

declare(strict_types=1);

namespace App\Cupboard;

use App\Entity\Movement;
use App\Entity\Piece;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class ReadMovements
{
    private const MOST = 100;

    public function __construct(private EntityManagerInterface $entities) {}

    #[Route('/api/homes/{home}/pieces/{piece}/movements', methods: ['GET'])]
    public function __invoke(Piece $piece): MovementsAnswer
    {
        $movements = $this->entities->getRepository(Movement::class)->findBy(['piece' => $piece], ['at' => 'DESC', 'id' => 'DESC'], self::MOST);

        return new MovementsAnswer(array_map(MovementAnswer::of(...), array_values($movements)));
    }
}
