<?php

declare(strict_types=1);

namespace App\Calendar;

use App\Entity\CareDone;
use App\Entity\Home;
use App\Entity\Person;
use App\Entity\Piece;
use App\Entity\Role;
use App\Http\Allowed;
use App\Http\Body;
use App\Http\InvalidInput;
use App\Journal\Journal;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** Care that was given today; the next time counts from now. */
#[AsController]
#[Allowed(Role::Helper)]
final readonly class TickCare
{
    public function __construct(private EntityManagerInterface $entities, private ClockInterface $clock, private Journal $journal) {}

    #[Route('/api/homes/{home}/care', methods: ['PUT'])]
    public function __invoke(Home $home, #[Body] CareInput $input, #[CurrentUser] Person $by): void
    {
        $piece = $this->entities->find(Piece::class, $input->piece);
        if (null === $piece || $piece->home() !== $home || $piece->isRemoved()) {
            throw InvalidInput::at('piece', 'This piece is not there any more. Reload to see how things are.');
        }
        $done = $this->entities->getRepository(CareDone::class)->findOneBy(['piece' => $piece, 'job' => $input->job]);
        $done?->again($this->clock->now()->setTime(0, 0), $by->name());
        $this->entities->persist($done ?? new CareDone($piece, $input->job, $this->clock->now()->setTime(0, 0), $by->name()));
        $this->journal->say(sprintf('%s: %s, done', $piece->name(), $input->job->value));
        $this->entities->flush();
    }
}
