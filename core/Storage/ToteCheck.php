<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Storage;

use BrightCupboard\Core\Measure\Weight;
use BrightCupboard\Core\Measure\WeightText;
use BrightCupboard\Core\Stock\Condition;
use BrightCupboard\Core\Stock\Piece;

/**
 * Looks a tote over: how full by packed volume, how heavy, and what in it lies badly.
 *
 * Full is 85 % of the inside, the rest is padding (common practice). Heavy over fragile: more than 2 kg a unit in
 * one tote with what breaks (own value).
 */
final readonly class ToteCheck
{
    public const FULL = 0.85;
    private const HEAVY_GRAMS = 2000;

    public function __construct(private WeightText $weights) {}

    /**
     * @param list<Stored> $content
     *
     * @return float part of the inside that is taken, 1 and over when nothing more goes in
     */
    public function fill(StoredTote $tote, array $content): float
    {
        $inside = $tote->inside->litres();
        $packed = array_sum(array_map(static fn(Stored $stored): float => $stored->piece->packedLitres() * $stored->units, $content));

        return 0.0 === $inside ? 0.0 : $packed / $inside;
    }

    /** @param list<Stored> $content */
    public function grams(array $content): int
    {
        return array_sum(array_map(static fn(Stored $stored): int => $stored->piece->weight->grams() * $stored->units, $content));
    }

    /**
     * @param list<Stored> $content
     *
     * @return list<ToteFinding>
     */
    public function findings(StoredTote $tote, array $content): array
    {
        return array_values(array_filter([
            $this->tooFull($tote, $content),
            $this->tooHeavy($tote, $content),
            $this->about('misfit', $content, static fn(Piece $piece): bool => !$piece->size->fitsInto($tote->inside) && 1.0 === $piece->packedLitres() / max(1e-9, $piece->size->litres()), '%s: larger than the inside by their measures, whichever way they are turned.'),
            ...array_map(fn(Condition $condition): ?ToteFinding => $this->about('climate.' . $condition->value, $content, static fn(Piece $piece): bool => self::suffers($piece, $condition), sprintf('Not for the %s of the %s: %%s.', $condition->value, str_replace('%', '%%', $tote->place))), $tote->conditions),
            $this->heavyOverFragile($content),
        ], static fn(?ToteFinding $finding): bool => null !== $finding));
    }

    /** @param list<Stored> $content */
    private function tooFull(StoredTote $tote, array $content): ?ToteFinding
    {
        $fill = $this->fill($tote, $content);

        return $fill <= self::FULL ? null : new ToteFinding('full', sprintf('%d %% of the inside is taken; from %d %% on there is no room for padding.', round(100 * $fill), round(100 * self::FULL)), []);
    }

    /** @param list<Stored> $content */
    private function tooHeavy(StoredTote $tote, array $content): ?ToteFinding
    {
        $grams = $this->grams($content);
        if (null === $tote->mostWeight || $grams <= $tote->mostWeight->grams()) {
            return null;
        }

        return new ToteFinding('heavy', sprintf('It weighs %s; it should carry %s at most. Lift it with two, or take something out.', $this->weights->write(Weight::ofGrams($grams)), $this->weights->write($tote->mostWeight)), []);
    }

    /** @param list<Stored> $content */
    private function heavyOverFragile(array $content): ?ToteFinding
    {
        $fragile = array_filter($content, static fn(Stored $stored): bool => $stored->piece->isBreakable() && $stored->piece->weight->grams() < self::HEAVY_GRAMS);
        $heavy = array_filter($content, static fn(Stored $stored): bool => $stored->piece->weight->grams() >= self::HEAVY_GRAMS);
        if ([] === $fragile || [] === $heavy) {
            return null;
        }

        return new ToteFinding('fragile', sprintf('%s must lie at the bottom: %s break under it.', $this->names($heavy), $this->names($fragile)), $this->ids([...$heavy, ...$fragile]));
    }

    /**
     * @param list<Stored>           $content
     * @param \Closure(Piece): bool $is
     */
    private function about(string $code, array $content, \Closure $is, string $sentence): ?ToteFinding
    {
        $meant = array_filter($content, static fn(Stored $stored): bool => $is($stored->piece));

        return [] === $meant ? null : new ToteFinding($code, sprintf($sentence, $this->names($meant)), $this->ids($meant));
    }

    private static function suffers(Piece $piece, Condition $condition): bool
    {
        foreach ($piece->materials as $material) {
            if (\in_array($condition, $material->suffersFrom(), true)) {
                return true;
            }
        }

        return false;
    }

    /** @param array<Stored> $content */
    private function names(array $content): string
    {
        $names = array_map(static fn(Stored $stored): string => $stored->piece->name, array_values($content));

        return implode(', ', \array_slice($names, 0, 4)) . (\count($names) > 4 ? sprintf(' and %d more', \count($names) - 4) : '');
    }

    /**
     * @param array<Stored> $content
     *
     * @return list<string>
     */
    private function ids(array $content): array
    {
        return array_map(static fn(Stored $stored): string => $stored->piece->id, array_values($content));
    }
}
