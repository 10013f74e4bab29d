<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Search\Internal;

/**
 * “New”, “bought this year”, “came last year”, “since 2023”, “older than 5 years”.
 *
 * @internal
 */
final readonly class DayPhrases
{
    /** Months that a thing is called new. */
    private const NEW = 12;

    public static function takeFrom(Phrases $phrases, \DateTimeImmutable $today): void
    {
        $year = (int) $today->format('Y');
        $phrases->take(
            '\b(?:(?:new|bought|came|got|added|acquired)\s+(?:in\s+)?)?this year\b',
            static fn(): array => [new NewCondition("{$year}-01-01", null, 'new this year')],
        );
        $phrases->take(
            '\b(?:(?:new|bought|came|got|added|acquired)\s+(?:in\s+)?)last year\b',
            static fn(): array => [new NewCondition(($year - 1) . '-01-01', "{$year}-01-01", 'came last year')],
        );
        $phrases->take(
            '\b(?:new|bought|came|got|added|acquired)\s+(?:since|after)\s+((?:19|20)\d\d)\b',
            static fn(array $m): array => [new NewCondition($m[1] . '-01-01', null, 'came since ' . $m[1])],
        );
        $phrases->take(
            '\b(?:bought|came|got|added|acquired)\s+(?:in|before)\s+((?:19|20)\d\d)\b',
            static fn(array $m): array => [str_contains($m[0], 'before')
                ? new NewCondition(null, $m[1] . '-01-01', 'came before ' . $m[1])
                : new NewCondition($m[1] . '-01-01', (1 + (int) $m[1]) . '-01-01', 'came in ' . $m[1])],
        );
        $phrases->take(
            '\bolder than (\d{1,2}) years?\b',
            static fn(array $m): array => [new NewCondition(null, $today->modify("-{$m[1]} years")->format('Y-m-d'), "older than {$m[1]} years")],
        );
        $phrases->takeSaid(
            '(?:new|newly bought|recently bought|recent)(?! year)',
            new NewCondition($today->modify('-' . self::NEW . ' months')->format('Y-m-d'), null, 'new'),
        );
    }
}
