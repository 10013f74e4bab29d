<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Search;

use BrightCupboard\Core\Search\Internal\QueryReader;

/** What a question asks of totes, spots, looks, notes, haul lines and swaps: which of them it names, and how full a tote is to be. */
final readonly class TitleQuery
{
    /** So full that nothing more goes in, and so empty that there is room (own values). */
    private const FULL = 0.85;
    private const ROOMY = 0.6;
    private const KINDS = [
        'totes' => 'tote', 'looks' => 'look', 'notes' => 'note', 'spots' => 'spot', 'swaps' => 'swap', 'shopping list' => 'line',
        'haul list' => 'line', 'haul' => 'line', 'to buy' => 'line', 'buying' => 'line', 'purchases' => 'line',
    ];
    private const FILLS = [
        'empty' => 'empty', 'full' => 'full', 'room left' => 'room', 'with room' => 'room', 'has room' => 'room', 'have room' => 'room',
        'half empty' => 'room', 'most room' => 'room', 'most space' => 'room', 'space' => 'room', 'room' => 'room', 'emptiest' => 'room',
        'fullest' => 'full',
    ];

    /** @param list<string> $words */
    private function __construct(public ?string $kind, public ?string $fill, private array $words) {}

    public static function read(string $text): self
    {
        $plain = ' ' . mb_strtolower(trim(mb_substr($text, 0, 200))) . ' ';
        $kind = $fill = null;
        if (1 === preg_match('/\b(?:empty|emptiest|full|fullest|room|space)\b/u', $plain)) {
            $plain = (string) preg_replace('/\b(?:totes?|boxes|bins)\b/u', 'totes', $plain);
        }
        foreach (self::KINDS as $word => $of) {
            if (null === $kind && 1 === preg_match('/\b' . $word . '\b/u', $plain)) {
                [$kind, $plain] = [$of, (string) preg_replace('/\b' . $word . '\b/u', ' ', $plain)];
            }
        }
        foreach ('tote' === $kind ? self::FILLS : [] as $word => $of) {
            if (null === $fill && 1 === preg_match('/\b' . $word . '\b/u', $plain)) {
                [$fill, $plain] = [$of, (string) preg_replace('/\b' . $word . '\b/u', ' ', $plain)];
            }
        }
        $words = preg_split('/[\s,;?!.]+/u', $plain, -1, \PREG_SPLIT_NO_EMPTY);
        $words = array_filter(
            false === $words ? [] : $words,
            static fn(string $word): bool => !\in_array($word, [...QueryReader::STOPS, 'about', 'still', 'left'], true),
        );

        return new self(
            $kind,
            $fill,
            array_values(array_map(static fn(string $word): string => 1 === preg_match('/\pL{3}s$/u', $word) ? mb_substr($word, 0, -1) : $word, $words)),
        );
    }

    /** Whether it asks for things that are no pieces. */
    public function isElsewhere(): bool
    {
        return null !== $this->kind;
    }

    /** @param string $kind "tote", "look", "note", "spot", "swap" or "line" */
    public function matches(string $kind, string $title): bool
    {
        if ((null !== $this->kind && $kind !== $this->kind) || (null === $this->kind && [] === $this->words)) {
            return false;
        }
        $plain = mb_strtolower($title);

        return [] === array_filter(
            $this->words,
            static fn(string $word): bool => 1 !== preg_match('/(?<!\pL)' . preg_quote($word, '/') . (mb_strlen($word) > 3 ? '' : '(?!\pL)') . '/u', $plain),
        );
    }

    /** @param float $fill part of the inside that is taken */
    public function isFilledAsAsked(float $fill, int $pieces): bool
    {
        return match ($this->fill) {
            'empty' => 0 === $pieces,
            'full' => $fill >= self::FULL,
            'room' => $fill <= self::ROOMY,
            default => true,
        };
    }
}
