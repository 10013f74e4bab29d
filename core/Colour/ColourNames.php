<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Colour;

use BrightCupboard\Core\Colour\Internal\ColourWordList;

/** Says colours in plain words, and reads them: "soft rust" is nearest to #C27B5E by CIEDE2000. Remembers what it named. */
final class ColourNames
{
    private readonly Ciede2000 $difference;
    /** @var array<string, Lab> */
    private readonly array $labs;
    /** @var array<int, string> by the number of the colour */
    private array $named = [];

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

    /** The colour a word stands for; null for a word that is not known. */
    public function read(string $word): ?Srgb
    {
        $number = ColourWordList::WORDS[mb_strtolower(trim($word))] ?? null;

        return null === $number ? null : Srgb::ofNumber($number);
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
