<?php

declare(strict_types=1);

namespace App\Repository;

use App\Entity\Home;
use App\Entity\Loan;
use App\Entity\Piece;
use Doctrine\ORM\EntityManagerInterface;

/** What is lent out. */
final readonly class LoanRepository
{
    public function __construct(private EntityManagerInterface $entities) {}

    /** @return array<string, list<Loan>> by piece id, those due first */
    public function open(Home $home): array
    {
        /** @var list<Loan> $loans */
        $loans = $this->entities->createQuery('SELECT l, p FROM App\Entity\Loan l JOIN l.piece p WHERE p.home = :home AND l.count > 0 ORDER BY l.until, l.id')
            ->setParameter('home', $home)->getResult();
        $byPiece = [];
        foreach ($loans as $loan) {
            $byPiece[$loan->piece()->id()][] = $loan;
        }

        return $byPiece;
    }

    /** @return list<Loan> oldest first */
    public function openOf(Piece $piece): array
    {
        /** @var list<Loan> $loans */
        $loans = $this->entities->createQuery('SELECT l FROM App\Entity\Loan l WHERE l.piece = :piece AND l.count > 0 ORDER BY l.id')
            ->setParameter('piece', $piece)->getResult();

        return $loans;
    }
}
