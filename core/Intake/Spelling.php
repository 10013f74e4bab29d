<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake;

use BrightCupboard\Core\Intake\Internal\HurriedWords;
use BrightCupboard\Core\Intake\Internal\KindWords;

/** What a mistyped word stands for. */
final readonly class Spelling
{
    /** Letters that a mistyped word may be off, by its own length. */
    private const TYPO_FROM = 5;
    private const TWO_TYPOS_FROM = 7;

    /**
     * The word for a kind that a mistyped one stands for: one letter off, from seven letters on two (a kitchen is
     * no pitcher: the first is right then), or two that changed places; null where several are as near.
     */
    public static function meant(string $word): ?string
    {
        $length = \strlen($word);
        if (
            $length < self::TYPO_FROM
            || 1 !== preg_match('/^[a-z]+$/', $word)
            || null !== Lexicon::material($word)
            || \in_array($word, HurriedWords::COMMON, true)
        ) {
            return null;
        }
        /** @var array<int, array<string, string>> $near the form that is near, by how many letters it is off and by what it stands for */
        $near = [];
        foreach (KindWords::own() + KindWords::nearest() as $known => $kind) {
            foreach (abs(\strlen($known) - $length) > 3 ? [] : [$known, $known . 's'] as $form) {
                $off = self::off($word, $form);
                if ($off > 1 && str_starts_with($word, $known)) {
                    continue; // quilted is no quilt
                }
                $isNear = 1 === $off || (2 === $off && $length >= self::TWO_TYPOS_FROM && $word[0] === $form[0]);
                if ($isNear) {
                    $near[$off][$kind] ??= $form;
                }
            }
        }
        $best = $near[1] ?? $near[2] ?? [];

        return 1 === \count($best) ? reset($best) : null;
    }

    /**
     * The word among others that a mistyped one of five letters or more stands for, by the same measure; null where none or several are near.
     *
     * @param list<string> $among
     */
    public static function meantAmong(string $word, array $among): ?string
    {
        if (\strlen($word) < self::TYPO_FROM || \in_array($word, HurriedWords::COMMON, true)) {
            return null;
        }
        $near = array_values(array_filter(
            $among,
            static fn(string $known): bool => $known[0] === $word[0] && !str_starts_with($word, $known) && 1 === self::off($word, $known),
        ));

        return 1 === \count($near) ? $near[0] : null;
    }

    /** Letters that one word is off another; two that changed places are one. */
    private static function off(string $word, string $form): int
    {
        $off = levenshtein($word, $form);

        return 2 === $off && \strlen($form) === \strlen($word) && count_chars($form, 1) === count_chars($word, 1) ? 1 : $off;
    }
}
