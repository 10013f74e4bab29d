<?php

declare(strict_types=1);

namespace App\UseCase\Plan;

use App\Entity\Swap;
use App\Http\Fields;
use App\Input\SwapInput;
use App\UseCase\SameVersion;
use App\View\Plan\SwapView;
use BrightCupboard\Core\Money\Money;
use Doctrine\ORM\EntityManagerInterface;

final readonly class ChangeSwap
{
    public function __construct(private EntityManagerInterface $entities) {}

    public function __invoke(Swap $swap, SwapInput $input): SwapView
    {
        OpenSwap::require($swap);
        SameVersion::check($input->version, $swap->version(), 'This swap', SwapView::of($swap));
        $fields = new Fields();
        $budget = $fields->read('budget', static fn(): Money => Money::read($input->budget), Money::zero());
        $card = $fields->read('giftCard', static fn(): Money => '' === trim($input->giftCard) ? Money::zero() : Money::read($input->giftCard), Money::zero());
        $fields->complete();
        $swap->describe(trim($input->name), $input->season, new \DateTimeImmutable($input->swapDay), $budget, $card);
        $this->entities->flush();

        return SwapView::of($swap);
    }
}
