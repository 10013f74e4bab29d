<?php

declare(strict_types=1);

namespace App\Swaps;

use App\Entity\Swap;
use App\Http\Body;
use App\Http\Fields;
use App\Http\SameVersion;
use App\Journal\Journal;
use BrightCupboard\Core\Measure\DayText;
use BrightCupboard\Core\Money\Money;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class ChangeSwap
{
    public function __construct(private EntityManagerInterface $entities, private Journal $journal, private StrikeDay $strike) {}

    #[Route('/api/homes/{home}/swaps/{swap}', methods: ['PUT'])]
    public function __invoke(Swap $swap, #[Body] SwapInput $input): SwapAnswer
    {
        SameVersion::check($input->version, $swap->version(), 'This swap', SwapAnswer::of($swap));
        $fields = new Fields();
        $budget = '' === trim($input->budget) ? null : $fields->read('budget', static fn(): Money => Money::read($input->budget), null);
        $card = $fields->read('giftCard', static fn(): Money => '' === trim($input->giftCard) ? Money::zero() : Money::read($input->giftCard), Money::zero());
        $strikeOn = $this->strike->read($fields, $input);
        $fields->complete();
        $swap->describe(trim($input->name), $input->season, DayText::read($input->swapDay), $budget, $card, $strikeOn);
        $this->journal->say(sprintf('%s is changed', $swap->name()));
        $this->entities->flush();

        return SwapAnswer::of($swap);
    }
}
