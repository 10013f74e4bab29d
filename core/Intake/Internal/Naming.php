<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal;

use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Intake\Lexicon;

/**
 * Makes a name of the words a line begins with, in the singular: "brass candlesticks" is a Brass candlestick, "plates white china" a White china plate.
 *
 * @internal
 */
final readonly class Naming
{
    private const MOST_CHARACTERS = 120;
    /** So many words that only say how a thing is come before it; more of them stay where they are. */
    private const MOST_MOVED = 2;
    private const LONGEST_KIND = 3;
    /** What stands behind such a word is about a part of the thing, or about where it comes from. */
    private const BEHIND = '/^(.*?\S)\s+(in|with|on|for|from|over|by|under|above|inside|around|like|as|without|of)\s+(\S.*)$/iu';

    private const PLANTED_IN = ['pot', 'pots', 'planter', 'planters', 'crock', 'bucket', 'pail', 'basket', 'baskets', 'urn', 'urns', 'tub'];

    public function __construct(private ColourNames $colours) {}

    /** @return array{string, string, string} the thing itself, then the word that leads to what is said of it, then that; both '' where nothing is */
    public function parts(string $phrase): array
    {
        if (1 !== preg_match(self::BEHIND, $phrase, $match)) {
            return [$phrase, '', ''];
        }
        if (null === self::lastKind(self::words($match[1])) && !self::isPlanted($match[1], $match[2], $match[3])) {
            return [$phrase, '', ''];
        }

        return [$match[1], mb_strtolower($match[2]), $match[3]];
    }

    /** "Fern in a clay pot": what grows in a pot or basket is the thing; "tulips in a vase": what they stand in is. */
    private static function isPlanted(string $thing, string $by, string $behind): bool
    {
        $in = array_intersect(self::words(mb_strtolower($behind)), self::PLANTED_IN);

        return 'in' === mb_strtolower($by) && [] !== $in && [] !== array_filter(self::words(mb_strtolower($thing)), Lexicon::isGrown(...));
    }

    public function name(string $thing, string $behind): string
    {
        $kept = array_values(array_filter(
            self::words($thing),
            static fn(string $word): bool => !Lexicon::isAside(mb_strtolower($word)) && 1 !== preg_match('/^(?:\d+(?:[.,]\d+)?|[-–—:.,!?\/]+|[x×])$/u', $word),
        ));
        $end = (self::lastKind($kept) ?? \count($kept) - 1) + 1;
        [$thing, $after] = [Lexicon::singular(implode(' ', \array_slice($kept, 0, $end))), \array_slice($kept, $end)];
        $isMoved = \count($after) <= self::MOST_MOVED && [] === array_filter($after, fn(string $word): bool => !$this->saysHow(mb_strtolower($word)));
        $name = trim($isMoved ? implode(' ', $after) . ' ' . $thing : $thing . ' ' . implode(' ', $after));

        return mb_substr((string) preg_replace('/\s+/u', ' ', mb_strtoupper(mb_substr($name, 0, 1)) . mb_substr($name, 1) . $behind), 0, self::MOST_CHARACTERS);
    }

    /** An unknown word right behind the kind may be the thing itself: a candle snuffer is no candle. */
    public function unsureOf(string $thing): ?string
    {
        $words = array_values(array_filter(self::words($thing), static fn(string $word): bool => 1 !== preg_match('/^\d+$/', $word)));
        $end = self::lastKind($words);
        $next = mb_strtolower(null === $end ? '' : $words[$end + 1] ?? '');
        $saysNothing = '' === $next || $this->saysHow($next) || Lexicon::isAside($next) || \in_array($next, WordPhrases::FILLERS, true);

        return $saysNothing ? null : $words[$end ?? 0];
    }

    private function saysHow(string $word): bool
    {
        return null !== Lexicon::material($word)
            || null !== Lexicon::finish($word)
            || null !== Lexicon::shape($word)
            || null !== Lexicon::pattern($word)
            || null !== $this->colours->read($word);
    }

    /**
     * @param list<string> $words
     *
     * @return int|null where the last kind named ends, "candle holder" being one
     */
    private static function lastKind(array $words): ?int
    {
        for ($end = \count($words) - 1; $end >= 0; --$end) {
            for ($n = min(self::LONGEST_KIND, $end + 1); $n > 0; --$n) {
                if (null !== Lexicon::kind(mb_strtolower(implode(' ', \array_slice($words, $end - $n + 1, $n))))) {
                    return $end;
                }
            }
        }

        return null;
    }

    /** @return list<string> */
    private static function words(string $phrase): array
    {
        $words = preg_split('/\s+/u', trim($phrase), -1, \PREG_SPLIT_NO_EMPTY);

        return false === $words ? [] : $words;
    }
}
