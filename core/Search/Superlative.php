<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Search;

/** “The tallest vase”, “the cheapest lantern”: of all that is so, the one that is most so. */
final readonly class Superlative
{
    private const WORDS = [
        'tallest' => ['height', true], 'highest' => ['height', true], 'shortest' => ['height', false], 'lowest' => ['height', false],
        'widest' => ['width', true], 'narrowest' => ['width', false], 'longest' => ['long', true],
        'biggest' => ['size', true], 'largest' => ['size', true], 'smallest' => ['size', false], 'tiniest' => ['size', false],
        'heaviest' => ['weight', true], 'lightest' => ['weight', false],
        'most expensive' => ['worth', true], 'dearest' => ['worth', true], 'most valuable' => ['worth', true], 'cheapest' => ['cost', false],
        'oldest' => ['came', false], 'newest' => ['came', true], 'latest' => ['came', true],
    ];

    /** @param 'came'|'cost'|'height'|'long'|'size'|'weight'|'width'|'worth' $of */
    private function __construct(public string $word, private string $of, private bool $isMost) {}

    public static function of(string $question): ?self
    {
        foreach (self::WORDS as $word => [$of, $isMost]) {
            if (1 === preg_match('/\b' . $word . '\b/u', $question)) {
                return new self($word, $of, $isMost);
            }
        }

        return null;
    }

    /**
     * @param list<array{SearchCard, list<string|null>}> $meeting
     *
     * @return list<array{SearchCard, list<string|null>}> the one, or those that are equally so; what nobody wrote down is none of them
     */
    public function among(array $meeting): array
    {
        $amounts = array_map(fn(array $one): int => $this->amount($one[0]), $meeting);
        $known = array_filter($amounts, static fn(int $amount): bool => $amount > 0);
        if ([] === $known) {
            return $meeting;
        }
        $best = $this->isMost ? max($known) : min($known);

        return array_values(array_filter($meeting, static fn(int $i): bool => $amounts[$i] === $best, \ARRAY_FILTER_USE_KEY));
    }

    private function amount(SearchCard $card): int
    {
        return match ($this->of) {
            'height' => $card->height,
            'width' => $card->width,
            'long' => max($card->width, $card->run),
            'size' => max($card->width, $card->height, $card->run),
            'weight' => $card->grams,
            'worth' => max($card->worth, $card->cost),
            'cost' => $card->cost,
            'came' => (int) str_replace('-', '', $card->came),
        };
    }
}
