<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Search\Internal;

use BrightCupboard\Core\Search\Condition;
use BrightCupboard\Core\Search\Opening;

/**
 * “Fits in A1”, “fits on the hall mantel”, and “fits on the mantel” where the last words of a name are enough; any of several of that name.
 *
 * @internal
 */
final readonly class FitPhrases
{
    /** @var list<array{string, Opening}> what each may be called, the longest first */
    private array $called;

    /** @param list<Opening> $openings */
    public function __construct(array $openings)
    {
        $called = [];
        foreach ($openings as $opening) {
            $words = explode(' ', $opening->name);
            for ($i = 0; $i < \count($words); ++$i) {
                $called[] = [implode(' ', \array_slice($words, $i)), $opening];
            }
        }
        usort($called, static fn(array $a, array $b): int => \strlen($b[0]) <=> \strlen($a[0]));
        $this->called = $called;
    }

    public function takeFrom(Phrases $phrases): void
    {
        if (!str_contains($phrases->text, 'fit') || [] === $this->called) {
            return;
        }
        $names = implode('|', array_map(static fn(array $one): string => preg_quote($one[0], '/'), $this->called));
        $phrases->take(
            '\bfit(?:s|ting)?\s+(?:in|into|inside|on|onto)\s+(?:the |my |our |tote |box )*(' . $names . ')(?![\pL\d])',
            fn(array $m): array => $this->fits($m[1]),
        );
    }

    /** @return list<Condition> */
    private function fits(string $name): array
    {
        $any = array_values(array_filter($this->called, static fn(array $one): bool => $one[0] === $name));

        return [] === $any ? [] : [new AnyCondition(array_map(static fn(array $one): Condition => new FitsCondition($one[1]), $any))];
    }
}
