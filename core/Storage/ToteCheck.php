<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Storage;

use BrightCupboard\Core\Measure\Weight;
use BrightCupboard\Core\Measure\WeightText;
use BrightCupboard\Core\Stock\Condition;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Storage\Internal\Laying;
use BrightCupboard\Core\Storage\Internal\Load;
use BrightCupboard\Core\Storage\Internal\ToteRules;

/**
 * Looks a tote over: how full by packed volume, how heavy, and what in it lies badly. The rules
 * are those that proposals are made by.
 */
final readonly class ToteCheck
{
    public const FULL = ToteRules::FULL;

    public function __construct(private WeightText $weights) {}

    /**
     * @param list<Stored> $content
     *
     * @return float part of the inside that is taken, 1 and over when nothing more goes in
     */
    public function fill(StoredTote $tote, array $content): float
    {
        $inside = $tote->inside->litres();

        return 0.0 === $inside ? 0.0 : Load::of($content)->litres / $inside;
    }

    /** @param list<Stored> $content */
    public function grams(array $content): int
    {
        return Load::of($content)->grams;
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
            $this->about(
                'misfit',
                $content,
                static fn(Piece $piece): bool => [] === Laying::ways($piece, $tote->inside),
                '%s: larger than the inside, whichever way they are turned, folded or coiled.',
            ),
            ...array_map(
                fn(Condition $condition): ?ToteFinding => $this->about(
                    'climate.' . $condition->value,
                    $content,
                    static fn(Piece $piece): bool => ToteRules::suffers($piece, $condition),
                    sprintf('Not for the %s of the %s: %%s.', $condition->value, str_replace('%', '%%', $tote->place)),
                ),
                $tote->conditions,
            ),
            $this->heavyOverFragile($content),
        ], static fn(?ToteFinding $finding): bool => null !== $finding));
    }

    /** @param list<Stored> $content */
    private function tooFull(StoredTote $tote, array $content): ?ToteFinding
    {
        $fill = $this->fill($tote, $content);

        return ToteRules::hasPadding($tote, Load::of($content))
            ? null
            : new ToteFinding(
                'full',
                sprintf('%d %% of the inside is taken; from %d %% on there is no room for padding.', round(100 * $fill), round(100 * self::FULL)),
                [],
            );
    }

    /** @param list<Stored> $content */
    private function tooHeavy(StoredTote $tote, array $content): ?ToteFinding
    {
        $grams = $this->grams($content);
        if (null === $tote->mostWeight || $grams <= $tote->mostWeight->grams()) {
            return null;
        }

        return new ToteFinding(
            'heavy',
            sprintf(
                'It weighs %s; it should carry %s at most. Lift it with two, or take something out.',
                $this->weights->write(Weight::ofGrams($grams)),
                $this->weights->write($tote->mostWeight),
            ),
            [],
        );
    }

    /** @param list<Stored> $content */
    private function heavyOverFragile(array $content): ?ToteFinding
    {
        $fragile = array_filter($content, static fn(Stored $stored): bool => ToteRules::isFragile($stored->piece));
        $heavy = array_filter($content, static fn(Stored $stored): bool => ToteRules::isHeavy($stored->piece));
        if ([] === $fragile || [] === $heavy) {
            return null;
        }

        return new ToteFinding(
            'fragile',
            sprintf('%s must lie at the bottom: %s break under it.', $this->names($heavy), $this->names($fragile)),
            $this->ids([...$heavy, ...$fragile]),
        );
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
