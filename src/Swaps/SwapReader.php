<?php

declare(strict_types=1);

namespace App\Swaps;

use App\Http\Fields;
use BrightCupboard\Core\Calendar\InvalidDates;
use BrightCupboard\Core\Calendar\SwapDates;
use BrightCupboard\Core\Measure\DayText;
use BrightCupboard\Core\Money\Money;

/** Reads the days and the money of a swap; everything that does not go is said at once. */
final readonly class SwapReader
{
    /** @return array{SwapDates, ?Money, Money} its days, its budget and its gift card */
    public function __invoke(SwapInput $input): array
    {
        $fields = new Fields();
        $budget = '' === trim($input->budget) ? null : $fields->read('budget', static fn(): Money => Money::read($input->budget), null);
        $card = $fields->read('giftCard', static fn(): Money => '' === trim($input->giftCard) ? Money::zero() : Money::read($input->giftCard), Money::zero());
        $days = [];
        foreach (['swapDay', 'dressBy', 'strikeOn'] as $field) {
            $text = $input->{$field};
            $days[$field] = '' === trim($text) ? null : $fields->read($field, static fn(): \DateTimeImmutable => DayText::read($text), false);
        }
        $dates = null;
        if (!\in_array(false, $days, true)) {
            try {
                $dates = SwapDates::of(...$days);
            } catch (InvalidDates $refusal) {
                $fields->refuse($refusal->date, $refusal->getMessage());
            }
        }
        $fields->complete();

        return [$dates ?? throw new \LogicException('Days that are not read are refused.'), $budget, $card];
    }
}
