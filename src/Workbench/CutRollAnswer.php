<?php

declare(strict_types=1);

namespace App\Workbench;

use App\Workbench\Words\SumWords;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Sizing\CutRoll;

/** One roll of a cutting plan; lengths in tenths of a millimetre. */
final readonly class CutRollAnswer
{
    /**
     * @param string|null $piece null for a roll to buy
     * @param list<int>   $cuts
     */
    private function __construct(public ?string $piece, public string $name, public int $length, public array $cuts, public int $rest, public string $said) {}

    public static function of(CutRoll $roll, SumWords $words): self
    {
        $counts = array_count_values($roll->cuts);
        $said = array_map(
            static fn(int $length, int $count): string => sprintf('%d × %s', $count, $words->value(Length::ofTenths($length))),
            array_keys($counts),
            $counts,
        );

        return new self($roll->from?->piece->id, $roll->from->piece->name ?? 'a new roll', $roll->length, $roll->cuts, $roll->rest, implode(', ', $said));
    }
}
