<?php

declare(strict_types=1);

namespace App\Workbench;

use App\Workbench\Words\SumWords;
use BrightCupboard\Core\Money\Money;
use BrightCupboard\Core\Money\Purse;
use BrightCupboard\Core\Sizing\Answer;
use BrightCupboard\Core\Sizing\CutRoll;
use BrightCupboard\Core\Sizing\Said;
use BrightCupboard\Core\Sizing\Sums;
use BrightCupboard\Core\Sizing\Supply;

/** What a sum comes to, in words of the home. Money in minor units, lengths in tenths of a millimetre. */
final readonly class ReckonedAnswer
{
    /**
     * @param list<string>        $figures
     * @param list<string>        $working
     * @param list<string>        $cautions
     * @param list<string>        $tasks
     * @param list<SupplyAnswer>  $supplies
     * @param list<CutRollAnswer> $cuts
     * @param int|null            $purseFree what is free in the purse before this is bought; null without a swap or a budget
     */
    private function __construct(
        public Sums $sum,
        public array $figures,
        public array $working,
        public array $cautions,
        public array $tasks,
        public array $supplies,
        public array $cuts,
        public SketchAnswer $sketch,
        public bool $canCut,
        public ?int $cost,
        public ?int $purseFree,
        public ?string $amount,
    ) {}

    public static function of(Sums $sum, Answer $answer, SumWords $words, ?Purse $purse): self
    {
        $lines = static fn(array $said): array => array_map(static fn(Said $one): string => $words->line($one), array_values($said));
        $prices = array_filter(array_map(static fn(Supply $one): ?Money => $one->price()?->total, $answer->supplies));

        return new self(
            $sum,
            $lines($answer->figures),
            $lines($answer->working),
            array_map($words->caution(...), $answer->cautions),
            $lines($answer->tasks),
            array_map(static fn(Supply $one): SupplyAnswer => SupplyAnswer::of($one, $words), $answer->supplies),
            array_map(static fn(CutRoll $roll): CutRollAnswer => CutRollAnswer::of($roll, $words), $answer->cuts),
            SketchAnswer::of($answer->sketch, $words),
            [] !== CutBySum::cuts($answer),
            [] === $prices ? null : Money::sum($prices)->minor,
            null !== $purse && $purse->hasBudget ? $purse->free->minor : null,
            null === $answer->amount ? null : $words->value($answer->amount),
        );
    }
}
