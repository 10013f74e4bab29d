<?php

declare(strict_types=1);

namespace App\Repository;

use App\Entity\Piece;
use App\Entity\Placement;
use App\Entity\Spot;
use App\Entity\Swap;
use Doctrine\ORM\EntityManagerInterface;

final readonly class PlacementRepository
{
    public function __construct(private EntityManagerInterface $entities) {}

    /** @return list<Placement> left to right */
    public function atSpot(Swap $swap, Spot $spot): array
    {
        return array_values($this->entities->getRepository(Placement::class)->findBy(['swap' => $swap, 'spot' => $spot], ['left' => 'ASC', 'id' => 'ASC']));
    }

    /** @return list<Placement> by age */
    public function ofPiece(Swap $swap, Piece $piece): array
    {
        return array_values($this->entities->getRepository(Placement::class)->findBy(['swap' => $swap, 'piece' => $piece], ['id' => 'ASC']));
    }

    /** @return list<Placement> by age */
    public function ofSwap(Swap $swap): array
    {
        return array_values($this->entities->getRepository(Placement::class)->findBy(['swap' => $swap], ['id' => 'ASC']));
    }

    public function of(Swap $swap, Piece $piece, Spot $spot): ?Placement
    {
        return $this->entities->getRepository(Placement::class)->findOneBy(['swap' => $swap, 'piece' => $piece, 'spot' => $spot], ['id' => 'ASC']);
    }

    /** How many places open swaps have planned at a spot. */
    public function openAtSpot(Spot $spot): int
    {
        return (int) $this->entities->createQuery(
            'SELECT COUNT(p.id) FROM App\Entity\Placement p JOIN p.swap s WHERE p.spot = :spot AND s.closedAt IS NULL',
        )->setParameter('spot', $spot)->getSingleScalarResult();
    }

    /** How many places open swaps have planned for a piece. */
    public function openOfPiece(Piece $piece): int
    {
        return (int) $this->entities->createQuery(
            'SELECT COUNT(p.id) FROM App\Entity\Placement p JOIN p.swap s WHERE p.piece = :piece AND s.closedAt IS NULL',
        )->setParameter('piece', $piece)->getSingleScalarResult();
    }
}
