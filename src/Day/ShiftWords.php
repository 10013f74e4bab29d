<?php

declare(strict_types=1);

namespace App\Day;

use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\LengthText;
use BrightCupboard\Core\Plan\Shift;
use BrightCupboard\Core\Stock\Posture;

/** What is to be done with a piece that stays at its spot, in a line: "Stoneware jug stays: 6 in to the right, to the back". */
final readonly class ShiftWords
{
    public function __construct(private LengthText $lengths) {}

    public function of(Shift $shift): string
    {
        $posture = $shift->posture();
        $tier = $shift->tier();
        $does = array_filter([
            match (true) {
                null === $posture => '',
                Posture::Hangs === $posture => 'hang it',
                Posture::Hangs === $shift->from->posture => 'take it off its hook, it ' . $posture->value,
                default => 'it ' . $posture->value . ' now',
            },
            null === $tier ? '' : sprintf('onto board %d, %s from the left', $tier + 1, $this->length($shift->to->left)),
            null === $tier ? $this->way($shift->along(), ...($shift->to->girth > 0 ? ['up', 'down'] : ['to the right', 'to the left'])) : '',
            null === $posture ? $this->way($shift->up(), 'higher', 'lower') : '',
            null === $shift->layer() || Posture::Hangs === $shift->to->posture ? '' : 'to the ' . $shift->layer()->value,
            $shift->isTurned() ? 'turn it round' : '',
        ], static fn(string $words): bool => '' !== $words);

        return sprintf('%s%s: %s', $shift->piece->name, 1 === $shift->count ? ' stays' : ' × ' . $shift->count . ' stay', implode(', ', $does));
    }

    private function way(int $tenths, string $on, string $back): string
    {
        return 0 === $tenths ? '' : sprintf('%s %s', $this->length(abs($tenths)), $tenths > 0 ? $on : $back);
    }

    private function length(int $tenths): string
    {
        return $this->lengths->write(Length::ofTenths(max(0, $tenths)));
    }
}
