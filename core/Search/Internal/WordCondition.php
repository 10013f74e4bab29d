<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Search\Internal;

use BrightCupboard\Core\Colour\Ciede2000;
use BrightCupboard\Core\Colour\ColourFamily;
use BrightCupboard\Core\Colour\Lab;
use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Search\Condition;
use BrightCupboard\Core\Search\SearchCard;

/**
 * A word stands in what is written of a piece; a word for a colour is also met by a colour near it.
 *
 * @internal
 */
final class WordCondition implements Condition
{
    /** CIEDE2000 up to which a colour goes by a word, and the share it must have. Own values. */
    private const NEAR = 12.0;
    /** Where the word is a material too, things of another material must really look like it. */
    private const NEAR_FOR_MATERIALS = 5.0;
    private const LEAST_PERCENT = 15;

    private readonly bool $isLong;
    /** Finds a short word where it stands by itself. */
    private readonly string $whole;
    private readonly ?Lab $lab;
    private readonly ?ColourFamily $family;
    private readonly float $darkest;
    private readonly float $lightest;
    /** @var array<int, bool> by the number of the colour */
    private array $isNear = [];

    /**
     * @param list<string> $same  other words that say the same: of the kind, the material or the season it names
     * @param list<string> $meant words it would stand for if it were mistyped
     */
    public function __construct(
        private readonly string $word,
        private readonly string $singular,
        ?Srgb $colour,
        private readonly bool $isMaterial = false,
        private readonly array $same = [],
        private readonly array $meant = [],
        private readonly Ciede2000 $difference = new Ciede2000(),
    ) {
        $letters = mb_strlen($singular);
        $this->isLong = $letters > 4;
        $this->whole = '/(?<!\pL)(?:' . preg_quote($word, '/') . '|' . preg_quote($singular, '/') . ')' . ($letters > 3 ? '' : '(?:e?s)?(?!\pL)') . '/u';
        [$this->family, $this->darkest, $this->lightest] = ColourFamily::shaded($word) ?? [ColourFamily::named($word), 0.0, 1.01];
        $this->lab = null === $colour ? null : Lab::of($colour);
    }

    public function met(SearchCard $card): ?string
    {
        return match (true) {
            $this->isIn($card->name) => '',
            $this->isIn($card->text) => $this->singular,
            null !== $same = $this->sameIn($card->text) => $same,
            $this->hasColour($card) => 'the colour ' . $this->word,
            default => null,
        };
    }

    /** Whether it is known for a colour, be it that nothing has it. */
    public function isColour(): bool
    {
        return null !== $this->lab || null !== $this->family;
    }

    /** The word put right, for when no piece is known by it as it stands; null where it is like no word of the trade. */
    public function putRight(): ?self
    {
        return [] === $this->meant ? null : new self($this->word, $this->singular, null, false, $this->meant);
    }

    /**
     * A word of five letters and more may stand inside another (a stick in a candlestick), four letters begin one, three are one:
     * who asks for an owl wants no bowl.
     *
     * @param string $text lower case
     */
    public function isIn(string $text): bool
    {
        return (str_contains($text, $this->word) || str_contains($text, $this->singular)) && ($this->isLong || 1 === preg_match($this->whole, $text));
    }

    private function sameIn(string $text): ?string
    {
        foreach ($this->same as $word) {
            if (str_contains($text, $word) && 1 === preg_match('/\b' . preg_quote($word, '/') . '\b/u', $text)) {
                return $word;
            }
        }

        return null;
    }

    /** By its family where the word is one, else by how near it is to the one colour the word stands for. */
    private function hasColour(SearchCard $card): bool
    {
        if (null === $this->lab && null === $this->family) {
            return false;
        }
        foreach ($card->colours as $share) {
            $near = $this->isNear[$share->colour->number()] ??= $this->family?->has($share->colour, $this->darkest, $this->lightest) ?? (
                null !== $this->lab
                && $this->difference->between(Lab::of($share->colour), $this->lab) < ($this->isMaterial ? self::NEAR_FOR_MATERIALS : self::NEAR)
            );
            if ($near && $share->percent >= self::LEAST_PERCENT) {
                return true;
            }
        }

        return false;
    }

    public function asked(): string
    {
        return $this->word;
    }
}
