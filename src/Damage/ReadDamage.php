<?php

declare(strict_types=1);

namespace App\Damage;

use App\Entity\FoundDamage;
use App\Entity\Home;
use App\Entity\Swap;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** What was found wrong with pieces of a home and is not put right yet. */
#[AsController]
final readonly class ReadDamage
{
    public function __construct(private EntityManagerInterface $entities) {}

    #[Route('/api/homes/{home}/damages', methods: ['GET'])]
    public function __invoke(Home $home): FoundDamagesAnswer
    {
        return new FoundDamagesAnswer(array_map(FoundDamageAnswer::of(...), $this->ofHome($home)));
    }

    /** @return list<FoundDamage> of pieces that a swap of this season could use, and that no line of a haul puts right yet */
    public function unansweredFor(Swap $swap): array
    {
        return array_values(array_filter(
            $this->ofHome($swap->home()),
            static fn(FoundDamage $damage): bool => null === $damage->line() && $damage->piece()->isFor($swap->season()),
        ));
    }

    /** @return list<FoundDamage> */
    public function ofHome(Home $home): array
    {
        /** @var list<FoundDamage> $damages */
        $damages = $this->entities->createQuery(
            'SELECT f, p, s FROM App\Entity\FoundDamage f JOIN f.piece p JOIN f.swap s WHERE p.home = :home ORDER BY f.id',
        )->setParameter('home', $home)->getResult();

        return $damages;
    }
}
