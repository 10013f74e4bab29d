<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Calendar;

/** When a swap is done, by when it has to stand, and when it comes down again. */
final readonly class SwapDates
{
    private function __construct(
        public \DateTimeImmutable $swapDay,
        public ?\DateTimeImmutable $dressBy,
        public ?\DateTimeImmutable $strikeOn,
    ) {}

    /**
     * @param \DateTimeImmutable|null $swapDay  null: as late as is wise before it has to stand
     * @param \DateTimeImmutable|null $dressBy  null: nobody waits for it
     * @param \DateTimeImmutable|null $strikeOn null: nobody knows yet
     *
     * @throws InvalidDates that says which of them does not go
     */
    public static function of(?\DateTimeImmutable $swapDay, ?\DateTimeImmutable $dressBy, ?\DateTimeImmutable $strikeOn): self
    {
        $swapDay ??= null === $dressBy ? throw InvalidDates::none() : Backwards::swapDay($dressBy);

        return match (true) {
            null !== $dressBy && $dressBy < $swapDay => throw InvalidDates::dressedTooLate($dressBy),
            null !== $strikeOn && $strikeOn <= $swapDay => throw InvalidDates::struckTooEarly(),
            null !== $strikeOn && $strikeOn <= $dressBy => throw InvalidDates::neverStood($dressBy),
            default => new self($swapDay, $dressBy, $strikeOn),
        };
    }
}
