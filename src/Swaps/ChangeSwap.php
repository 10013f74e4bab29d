<?php

declare(strict_types=1);

namespace App\Swaps;

use App\Entity\Swap;
use App\Http\Body;
use App\Http\SameVersion;
use App\Journal\Journal;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class ChangeSwap
{
    public function __construct(private EntityManagerInterface $entities, private Journal $journal, private SwapReader $read) {}

    #[Route('/api/homes/{home}/swaps/{swap}', methods: ['PUT'])]
    public function __invoke(Swap $swap, #[Body] SwapInput $input): SwapAnswer
    {
        SameVersion::check($input->version, $swap->version(), 'This swap', SwapAnswer::of($swap));
        [$dates, $budget, $card] = ($this->read)($input);
        $swap->describe(trim($input->name), $input->season, $dates, $budget, $card);
        $this->journal->say(sprintf('%s is changed', $swap->name()));
        $this->entities->flush();

        return SwapAnswer::of($swap);
    }
}
