<?php

declare(strict_types=1);

namespace App\Rooms;

use App\Entity\SpotVersion;
use App\Entity\Swap;
use App\Journal\Journal;
use App\Swaps\Plans;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class DropVersion
{
    public function __construct(private Plans $plans, private VersionReadings $readings, private EntityManagerInterface $entities, private Journal $journal) {}

    #[Route('/api/homes/{home}/swaps/{swap}/versions/{version}', methods: ['DELETE'])]
    public function __invoke(Swap $swap, SpotVersion $version): VersionsAnswer
    {
        $spot = $version->spot();
        $this->journal->say(sprintf('Version %s of %s is dropped', $version->label(), $spot->name()));
        $this->entities->remove($version);
        $this->entities->flush();

        return $this->readings->answer($this->plans->of($swap), $spot);
    }
}
