<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Colour;

use BrightCupboard\Core\Colour\Internal\ColourWordList;

/** Says colours in plain words, and reads them: "soft rust" is nearest to #C27B5E by CIEDE2000. Remembers what it named. */
final class ColourNames
{
    private const REMEMBERED = 20_000;

    private readonly Ciede2000 $difference;
    /** @var array<string, Lab> */
    private readonly array $labs;
    /** @var array<int, string> by the number of the colour */
    private array $named = [];
    /** @var array<string, Srgb|null> what words were read as: they repeat over thousands of rows */
    private array $said = [];

    public function __construct()
    {
        $this->difference = new Ciede2000();
        $this->labs = array_map(static fn(int $number): Lab => Lab::of(Srgb::ofNumber($number)), ColourWordList::WORDS);
    }

    /** The nearest word; of equals, the first of the list. */
    public function of(Srgb $colour): string
    {
        return $this->named[$colour->number()] ??= $this->nearest(Lab::of($colour));
    }

    /** The colour some words stand for, such as "sage", "gray", "dusty pink" or "mustard yellow"; null for words that are not known. */
    public function read(string $words): ?Srgb
    {
        if (\array_key_exists($words, $this->said)) {
            return $this->said[$words];
        }
        $this->said = \count($this->said) < self::REMEMBERED ? $this->said : [];

        return $this->said[$words] = $this->colour($words);
    }

    private function colour(string $words): ?Srgb
    {
        $said = str_replace('gray', 'grey', mb_strtolower(trim($words)));
        $number = ColourWordList::WORDS[ColourWordList::ALSO[$said] ?? $said] ?? null;
        if (null !== $number) {
            return Srgb::ofNumber($number);
        }
        [$shade, $colour] = [...explode(' ', $said, 2), ''];
        [$step, $factor] = ColourWordList::SHADES[$shade] ?? [0.0, 0.0];
        $plain = 0.0 === $factor || '' === $colour ? null : $this->read($colour);
        if (null === $plain) {
            return $this->compound($shade, $colour);
        }
        $lch = Oklch::of($plain);

        return $lch->nudged($step, $lch->chroma * ($factor - 1), 0.0)->srgb();
    }

    /** "Mustard yellow" is mustard: the second word says only what the first is a kind of. "Red white" is two colours. */
    private function compound(string $first, string $second): ?Srgb
    {
        $family = ColourFamily::named($second);
        $number = ColourWordList::WORDS[ColourWordList::ALSO[$first] ?? $first] ?? null;
        if (null === $family || null === $number || null !== ColourFamily::named($first)) {
            return null;
        }
        $colour = Srgb::ofNumber($number);

        return $family->has($colour) ? $colour : null;
    }

    /** @return list<string> */
    public function words(): array
    {
        return array_keys(ColourWordList::WORDS);
    }

    private function nearest(Lab $lab): string
    {
        [$best, $least] = ['', \INF];
        foreach ($this->labs as $word => $at) {
            $distance = $this->difference->between($lab, $at);
            if ($distance < $least) {
                [$best, $least] = [$word, $distance];
            }
        }

        return $best;
    }
}
