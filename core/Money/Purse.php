<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Money;

/**
 * The budget of one swap: spent (got), committed (ordered), planned (wanted) and free, to the cent.
 *
 * A gift card is a purse of its own unless the home counts gift money against the budget; then
 * every line is charged to the budget and the card is part of it. Returned and dropped lines weigh nothing.
 */
final readonly class Purse
{
    public Money $budget;
    public bool $hasBudget;
    public Money $spent;
    public Money $committed;
    public Money $planned;
    public Money $free;
    public Money $cardUsed;
    public Money $cardFree;

    /**
     * @param Money|null      $budget null when none is set: then it is what the lines come to, and nothing is over
     * @param list<PurseLine> $lines
     */
    public function __construct(?Money $budget, public Money $giftCard, private array $lines, private GiftMoney $school = GiftMoney::Apart)
    {
        $this->spent = $this->charged(LineState::Got);
        $this->committed = $this->charged(LineState::Ordered);
        $this->planned = $this->charged(LineState::Wanted);
        $this->hasBudget = null !== $budget;
        $this->budget = $budget ?? Money::sum([$this->spent, $this->committed, $this->planned]);
        $this->free = $this->budget->minus($this->spent)->minus($this->committed)->minus($this->planned);
        $this->cardUsed = Money::sum($this->prices(static fn(PurseLine $line): bool => Tender::GiftCard === $line->tender
            && \in_array($line->state, [LineState::Got, LineState::Ordered, LineState::Wanted], true)));
        $this->cardFree = $giftCard->minus($this->cardUsed);
    }

    /** How far the lines pass the budget; nothing when they stay inside. */
    public function overrun(): Money
    {
        return Money::ofMinor(max(0, -$this->free->minor));
    }

    /**
     * The wanted lines on the budget: the only ones that can still be dropped at no loss.
     *
     * @return list<PurseLine>
     */
    public function droppable(): array
    {
        return array_values(array_filter($this->lines, fn(PurseLine $line): bool => LineState::Wanted === $line->state && $this->charges($line)));
    }

    private function charged(LineState $state): Money
    {
        return Money::sum($this->prices(fn(PurseLine $line): bool => $line->state === $state && $this->charges($line)));
    }

    private function charges(PurseLine $line): bool
    {
        return Tender::Purse === $line->tender || GiftMoney::CountsAgainstBudget === $this->school;
    }

    /**
     * @param \Closure(PurseLine): bool $wanted
     *
     * @return list<Money>
     */
    private function prices(\Closure $wanted): array
    {
        return array_map(static fn(PurseLine $line): Money => $line->price, array_values(array_filter($this->lines, $wanted)));
    }
}
