<?php

declare(strict_types=1);

namespace App\Swaps;

use App\Entity\Home;
use App\Entity\Look;
use App\Entity\Person;
use App\Entity\Swap;
use App\Http\Body;
use App\Http\Conflict;
use App\Http\InvalidInput;
use App\Journal\Journal;
use App\Repository\PlanRepository;
use BrightCupboard\Core\Calendar\InvalidDates;
use BrightCupboard\Core\Calendar\SwapDates;
use BrightCupboard\Core\Measure\DayText;
use BrightCupboard\Core\Money\Money;
use BrightCupboard\Core\Plan\WayBack;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Uid\Ulid;

/** Begins the swap that takes a season or feast down again: back to what stood before it, everything else rests. */
#[AsController]
final readonly class StrikeSwap
{
    public function __construct(
        private EntityManagerInterface $entities,
        private OpenSwaps $open,
        private Plans $plans,
        private PlanRepository $placed,
        private Journal $journal,
    ) {}

    #[Route('/api/homes/{home}/strikes', methods: ['POST'], defaults: ['_status' => 201])]
    public function __invoke(Home $home, #[Body] StrikeInput $input, #[CurrentUser] Person $by): SwapAnswer
    {
        $struck = $this->entities->find(Swap::class, $input->swap);
        if (null === $struck || $struck->home() !== $home) {
            throw InvalidInput::at('swap', 'That season is not there any more. Reload to see how things are.');
        }
        if ($this->open->last($home) !== $struck) {
            throw new Conflict(sprintf('%s is not the last of the seasons any more: what came after it is struck first.', $struck->name()));
        }
        $day = DayText::read($input->swapDay);
        if ($day <= $struck->swapDay()) {
            throw InvalidInput::at(
                'swapDay',
                sprintf('%s is dressed on %s only. Strike it on a later day.', $struck->name(), $struck->swapDay()->format('j F')),
            );
        }
        if (null !== $struck->dressBy() && $day <= $struck->dressBy()) {
            throw InvalidInput::at('swapDay', InvalidDates::neverStood($struck->dressBy())->getMessage());
        }
        $before = $struck->from();
        $look = new Look($home, ($before ?? $struck)->look()->look());
        $swap = new Swap($home, mb_strimwidth('After ' . $struck->name(), 0, 80, '…'), ($before ?? $struck)->season(), $day, $look, $struck);
        $swap->describe($swap->name(), $swap->season(), SwapDates::of($day, null, null), null, Money::zero());
        if (null === $struck->closedAt()) {
            $dates = SwapDates::of($struck->swapDay(), $struck->dressBy(), $day);
            $struck->describe($struck->name(), $struck->season(), $dates, $struck->budget(), $struck->giftCard());
        }
        $this->open->allow($home, $swap);
        $this->entities->persist($look);
        $this->entities->persist($swap);
        $this->entities->flush();
        $state = $this->plans->of($swap);
        $places = null === $before ? [] : array_values($this->placed->places($before));
        $this->plans->store($state, WayBack::of($state->plan, $places, static fn(): string => (string) new Ulid()), $by->name());
        $this->journal->say(sprintf('%s is to be struck: %s is begun', $struck->name(), $swap->name()));
        $this->entities->flush();

        return SwapAnswer::of($swap);
    }
}
