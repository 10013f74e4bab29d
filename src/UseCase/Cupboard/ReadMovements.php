<?php

declare(strict_types=1);

namespace App\UseCase\Cupboard;

use App\Entity\Movement;
use App\Entity\Piece;
use App\View\Cupboard\MovementsView;
use App\View\Cupboard\MovementView;
use Doctrine\ORM\EntityManagerInterface;

final readonly class ReadMovements
{
    private const MOST = 100;

    public function __construct(private EntityManagerInterface $entities) {}

    public function __invoke(Piece $piece): MovementsView
    {
        $movements = $this->entities->getRepository(Movement::class)->findBy(['piece' => $piece], ['at' => 'DESC', 'id' => 'DESC'], self::MOST);

        return new MovementsView(array_map(MovementView::of(...), array_values($movements)));
    }
}
