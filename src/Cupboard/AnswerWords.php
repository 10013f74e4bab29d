<?php

declare(strict_types=1);

namespace App\Cupboard;

use App\Entity\Home;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\Weight;
use BrightCupboard\Core\Search\Asking;
use BrightCupboard\Core\Search\Totals;

/** Says what was found in the way it was asked: how many, how long, what it cost. */
final readonly class AnswerWords
{
    public function __construct(private Home $home) {}

    public function of(Asking $asking, Totals $totals, int $pieces): string
    {
        $these = sprintf('%s, %s', self::counted($pieces, 'piece'), self::counted($totals->units, 'unit'));

        return match (true) {
            0 === $pieces => '',
            Asking::HowMany === $asking => sprintf('%d, in %s.', $totals->units, self::counted($pieces, 'piece')),
            Asking::HowLong === $asking && $totals->run > 0 => sprintf(
                '%s in all, over %s.',
                $this->home->lengths()->writeRun(Length::ofTenths($totals->run)),
                $these,
            ),
            Asking::Cost === $asking && $totals->cost > 0 => sprintf(
                '%s altogether, for %s%s.',
                $this->money($totals->cost),
                $these,
                self::without($totals->unpriced, 'price'),
            ),
            Asking::Worth === $asking && $totals->worth > 0 => sprintf('Worth %s altogether: %s.', $this->money($totals->worth), $these),
            Asking::Weight === $asking && $totals->grams > 0 => sprintf(
                '%s altogether: %s%s.',
                $this->home->weights()->write(Weight::ofGrams($totals->grams)),
                $these,
                self::without($totals->unweighed, 'weight'),
            ),
            \in_array($asking, [Asking::Cost, Asking::Worth], true) => $these . ', none of them with a price.',
            default => $these . '.',
        };
    }

    private function money(int $minor): string
    {
        return sprintf('%s%s', $this->home->currency(), number_format($minor / 100, 2));
    }

    private static function without(int $units, string $what): string
    {
        return 0 === $units ? '' : sprintf('; %s without a %s', self::counted($units, 'unit'), $what);
    }

    private static function counted(int $count, string $one): string
    {
        return sprintf('%d %s%s', $count, $one, 1 === $count ? '' : 's');
    }
}
