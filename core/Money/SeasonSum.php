<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Money;

/**
 * What a season came to: money spent, and how much of what stood there was already owned.
 *
 * A piece counts as newly bought when it came in during this swap; everything else that stood
 * somewhere was reused. Value is what replacing it would cost today, where no value is known, what it cost.
 */
final readonly class SeasonSum
{
    public int $reusedUnits;
    public int $newUnits;
    public Money $reusedValue;
    public Money $newValue;
    /** Units among them of which no price is known; they are not in the value. */
    public int $reusedUnpriced;
    public int $newUnpriced;

    /** @param list<UsedPiece> $used */
    public function __construct(public Money $budget, public Money $spent, public array $used)
    {
        $this->reusedUnits = self::units($used, false);
        $this->newUnits = self::units($used, true);
        $this->reusedValue = self::value($used, false);
        $this->newValue = self::value($used, true);
        $unpriced = array_values(array_filter($used, static fn(UsedPiece $piece): bool => 0 === $piece->replacementEach->minor));
        [$this->reusedUnpriced, $this->newUnpriced] = [self::units($unpriced, false), self::units($unpriced, true)];
    }

    /** Share of the units that stood and were owned before, 0 to 1; null when nothing stood. */
    public function reuseShare(): ?float
    {
        $all = $this->reusedUnits + $this->newUnits;

        return 0 === $all ? null : $this->reusedUnits / $all;
    }

    /** @param list<UsedPiece> $used */
    private static function units(array $used, bool $isNew): int
    {
        return array_sum(array_map(static fn(UsedPiece $piece): int => $piece->isNew === $isNew ? $piece->units : 0, $used));
    }

    /** @param list<UsedPiece> $used */
    private static function value(array $used, bool $isNew): Money
    {
        return Money::sum(array_map(
            static fn(UsedPiece $piece): Money => $piece->isNew === $isNew ? $piece->replacementEach->times($piece->units) : Money::zero(),
            $used,
        ));
    }
}
