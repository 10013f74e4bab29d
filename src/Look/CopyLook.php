<?php

declare(strict_types=1);

namespace App\Look;

use App\Entity\Look;
use App\Entity\Swap;
use App\Http\Body;
use App\Http\InvalidInput;
use App\Journal\Journal;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Gives a swap a copy of another look; the look it had stays among the looks of the home. */
#[AsController]
final readonly class CopyLook
{
    public function __construct(private EntityManagerInterface $entities, private Journal $journal) {}

    #[Route('/api/homes/{home}/swaps/{swap}/look', methods: ['PUT'])]
    public function __invoke(Swap $swap, #[Body] CopyLookInput $input): LookAnswer
    {
        $source = $this->entities->find(Look::class, $input->look);
        if (null === $source || $source->home() !== $swap->home()) {
            throw InvalidInput::at('look', 'That look is not there any more.');
        }
        $copy = new Look($swap->home(), $source->look());
        $this->entities->persist($copy);
        $swap->wear($copy);
        $this->journal->say(sprintf('%s looks like %s', $swap->name(), $source->look()->name));
        $this->entities->flush();

        return LookAnswer::of($copy);
    }
}
