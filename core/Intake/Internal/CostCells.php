<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal;

use BrightCupboard\Core\Intake\Lexicon;
use BrightCupboard\Core\Intake\RowProblem;
use BrightCupboard\Core\Money\InvalidMoney;
use BrightCupboard\Core\Money\Money;

/**
 * Reads the cells of a row that are money: the cost of one, the cost of all, what one would cost again.
 *
 * @internal
 */
final class CostCells
{
    /** @var list<RowProblem> */
    public array $problems = [];

    /** @param array<string, string> $cells */
    public function areSaid(array $cells): bool
    {
        return '' !== ($cells['cost'] ?? '') . ($cells['cost of all'] ?? '');
    }

    /**
     * An estimate is noted as it was written; a gift says where it came from.
     *
     * @param array<string, string> $cells
     */
    public function take(array $cells, Draft $draft): void
    {
        if (!$this->areSaid($cells)) {
            return;
        }
        [$each, $isAbout] = $this->money('cost', $cells['cost'] ?? '', $draft->count ?? 1, false);
        [$all, $isAllAbout] = $this->money('cost of all', $cells['cost of all'] ?? '', $draft->count ?? 1, true);
        $draft->costEach = $each ?? $all;
        if ($isAbout || $isAllAbout) {
            $draft->care[] = 'cost: ' . ($isAbout ? $cells['cost'] ?? '' : $cells['cost of all'] ?? '');
        }
        if ('' === $draft->origin && null !== $origin = Lexicon::origin(mb_strtolower(trim($cells['cost'] ?? '')))) {
            $draft->origin = $origin;
        }
    }

    /** @param array<string, string> $cells */
    public function replacement(array $cells, Draft $draft): ?Money
    {
        return $this->money('replacement', $cells['replacement'] ?? '', $draft->count ?? 1, false)[0];
    }

    /** @return array{Money|null, bool} the amount for one, and whether it is an estimate */
    private function money(string $field, string $cell, int $count, bool $isForAll): array
    {
        try {
            return CellText::money($cell, $count, $isForAll);
        } catch (InvalidMoney $refusal) {
            $this->problems[] = new RowProblem($field, $refusal->getMessage());

            return [null, false];
        }
    }
}
