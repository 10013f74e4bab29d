<?php

declare(strict_types=1);

namespace App\Swaps;

use App\Entity\Home;
use App\Entity\Look;
use App\Entity\Swap;
use App\Http\Body;
use App\Http\InvalidInput;
use App\Journal\Journal;
use BrightCupboard\Core\Look\Look as CoreLook;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Begins a swap, with its own copy of a look: from the last one that is open, as things will be then, else from the last closed one. */
#[AsController]
final readonly class BeginSwap
{
    public function __construct(private EntityManagerInterface $entities, private OpenSwaps $open, private Journal $journal, private SwapReader $read) {}

    #[Route('/api/homes/{home}/swaps', methods: ['POST'], defaults: ['_status' => 201])]
    public function __invoke(Home $home, #[Body] SwapInput $input): SwapAnswer
    {
        [$dates, $budget, $card] = ($this->read)($input);
        $look = new Look($home, $this->copied($home, $input));
        $swap = new Swap($home, trim($input->name), $input->season, $dates->swapDay, $look, $this->open->last($home));
        $this->open->allow($home, $swap);
        $swap->describe(trim($input->name), $input->season, $dates, $budget, $card);
        $this->entities->persist($look);
        $this->entities->persist($swap);
        $this->journal->say(sprintf('%s is begun', $swap->name()));
        $this->entities->flush();

        return SwapAnswer::of($swap);
    }

    private function copied(Home $home, SwapInput $input): CoreLook
    {
        if ('' === $input->look) {
            return CoreLook::notChosen(trim($input->name) . ' look');
        }
        $source = $this->entities->find(Look::class, $input->look);
        if (null === $source || $source->home() !== $home) {
            throw InvalidInput::at('look', 'That look is not there any more.');
        }

        return $source->look();
    }
}
