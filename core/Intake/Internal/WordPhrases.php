<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal;

use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Intake\Lexicon;
use BrightCupboard\Core\Stock\Material;
use BrightCupboard\Core\Stock\PieceKind;

/**
 * Reads the words of a phrase: kinds, materials, finishes, colours, seasons, origins and hazards, the longest match first.
 *
 * @internal
 */
final readonly class WordPhrases
{
    private const LONGEST = 3;
    /** Words that say nothing about a thing by themselves. */
    public const FILLERS = [
        'and', '&', 'with', 'of', 'in', 'a', 'the', 'natural', 'assorted', 'asst', 'multi', 'various', 'different', 'mixed', 'matching',
        'largest', 'smallest', 'tallest', 'about', 'approx', 'each', 'size', 'sizes', 'lidded', 'the lot', 'set', 'sets', 'pair', 'colours',
        'colors', 'colour', 'color', 'multicolour', 'multicolor', 'small', 'sm', 'medium', 'med', 'large', 'lg', 'xl', 'big', 'mini',
        'tiny', 'little', 'short', 'long', 'old', 'heavy', 'framed', 'decorative', 'style', 'shape', 'shaped', 'pretty', 'plain', 'hanging',
        'standing', 'tabletop', 'outdoor', 'indoor', 'nesting', 'nested', 'handle', 'handles', 'lid', 'lids', 'stand', 'base', 'vintage',
        'extra', 'plush', 'bag', 'fake', 'qty', 'ea', 'apiece', 'wired', 'leaning', 'x', 'incl', 'included', '-',
    ];

    private const FACED = [
        PieceKind::Cushion, PieceKind::Throw, PieceKind::TreeSkirt, PieceKind::Napkin, PieceKind::Runner, PieceKind::Plate, PieceKind::Stocking,
        PieceKind::Sign, PieceKind::Tray,
    ];
    /** What a thing may be made of, or is one of; behind a measure it is made of it: "santa 18 in fabric". */
    private const STUFF = ['fabric', 'cloth', 'canvas', 'muslin', 'gauze', 'cheesecloth', 'twine'];
    private const LIT = ['lights up', 'light up', 'lighted', 'lit', 'prelit', 'pre-lit'];

    public function __construct(private ColourNames $colours) {}

    /**
     * Takes what it knows of a phrase into the draft.
     *
     * @return list<string> the words that say nothing it knows, in their order
     */
    public function take(string $phrase, Draft $draft): array
    {
        [$words, $ends] = self::words($phrase);
        $unknown = [];
        [$hasKind, $isApart, $hasGap, $isMany] = [false, false, false, false];
        for ($i = 0; $i < \count($words);) {
            $taken = 0;
            for ($n = min(self::LONGEST, $ends[$i] - $i); $n > 0 && 0 === $taken; --$n) {
                $said = trim(mb_strtolower(implode(' ', \array_slice($words, $i, $n))), '.,;:!()');
                $isKind = null !== Lexicon::kind($said);
                // What is seen on a picture is not there: "oil painting barn".
                $isDepicted = $isKind && self::isSeenOn($draft->kind, Lexicon::nearest($said));
                $isDescribed = $hasKind && (
                    $isApart
                    || $isDepicted
                    || ($i > 0 && $ends[$i - 1] === $i && \in_array($said, self::STUFF, true))
                    || (($isMany || ($hasGap && '' === $draft->nearest)) && null !== Lexicon::nearest($said))
                    || null !== $this->colours->read($said)
                );
                $taken = $this->takeWord($said, $isDescribed, $draft) ? $n : 0;
                if ($taken > 0) {
                    $isApart = $hasKind && ($isApart || (!$isKind && !Lexicon::isGrown($said)));
                    $hasKind = $hasKind || $isKind;
                    $isMany = $isKind && str_ends_with($said, 's');
                }
            }
            if (0 === $taken) {
                $unknown[] = $words[$i];
                $hasGap = $hasKind;
                $isApart = $isApart || ($hasKind && 1 === preg_match('/\d/', $words[$i]));
            }
            $i += max(1, $taken);
        }

        return $unknown;
    }

    /**
     * The words of a phrase. A gap shows where a measure stood: "paper 60 cm white" is no paper white.
     *
     * @return array{list<string>, list<int>} the words, and for each where those end that stand together with it
     */
    private static function words(string $phrase): array
    {
        $words = $ends = [];
        foreach (explode('  ', (string) preg_replace(['/\s{2,}/u', '/\s/u'], ['  ', ' '], trim($phrase))) as $together) {
            foreach ($more = array_values(array_filter(explode(' ', $together), static fn(string $word): bool => '' !== $word)) as $word) {
                $words[] = $word;
            }
            $ends = [...$ends, ...array_fill(0, \count($more), \count($words))];
        }

        return [$words, $ends];
    }

    /** What has a face shows figures on it: "needlepoint pillow dog"; a picture shows anything. */
    private static function isSeenOn(?PieceKind $thing, ?PieceKind $seen): bool
    {
        return null !== $seen && (PieceKind::Picture === $thing || (PieceKind::Figure === $seen && \in_array($thing, self::FACED, true)));
    }

    /** @param bool $isDescribed what is said of the thing has begun: in "stocking holders brass stars" stars are no things */
    private function takeWord(string $said, bool $isDescribed, Draft $draft): bool
    {
        // Colours come first among two words ("pine green"), materials among one ("brass" is both).
        $colour = $this->colours->read($said);
        $material = Lexicon::material($said) ?? (null === $colour ? null : Lexicon::material(self::lastWord($said))); // "dark oak"
        $kind = Lexicon::kind($said);
        $material ??= null !== $kind && 'glass' === self::lastWord($said) ? Material::Glass : null; // "tealight glass"
        if (null !== $kind && !$isDescribed) {
            $draft->nearest = null === Lexicon::nearest($said) ? '' : $said;
            $draft->kindWord = $said;
            $draft->kind = $kind[0]; // the last kind named is the thing itself: "bud vase", "bell jar"
            $draft->shape = '' === $kind[1] && $draft->shape !== $draft->shapeOfKind ? $draft->shape : $kind[1];
            $draft->shapeOfKind = $kind[1];
        }
        $isGrown = Lexicon::isGrown($said);
        $draft->grown = $isGrown && '' === $draft->grown ? $said : $draft->grown;
        if (null !== $material) {
            $draft->addMaterial($material);
        }
        $ofBerries = null !== $kind && PieceKind::Garland === $kind[0] ? $this->colours->read(explode(' ', $said)[0]) : null; // "cranberry garland"
        if (null !== ($colour ?? $ofBerries) && null !== $kind && !$isDescribed) {
            $draft->kindColour = $colour ?? $ofBerries;
        } elseif (null !== $colour && null !== Lexicon::material($said)) {
            $draft->materialColours[] = $colour; // a linen napkin may be sage
        } elseif (null !== $colour) {
            $draft->colours[] = $colour;
        }

        return null !== $kind || null !== $material || null !== $colour || $isGrown || $this->takeTrait($said, $draft) || \in_array($said, self::FILLERS, true);
    }

    private static function lastWord(string $said): string
    {
        $space = strrpos($said, ' ');

        return false === $space ? $said : substr($said, $space + 1);
    }

    private function takeTrait(string $said, Draft $draft): bool
    {
        if (null !== $finish = Lexicon::finish($said)) {
            $draft->finish = $finish;
        } elseif (null !== $season = Lexicon::season($said)) {
            $draft->addSeason($season);
        } elseif (\in_array($said, ['all year', 'staple', 'year round'], true)) {
            $draft->isStaple = true;
        } elseif (null !== $origin = Lexicon::origin($said)) {
            $draft->origin = $origin;
        } elseif (Lexicon::isPlugged($said)) {
            $draft->isPlugged = true;
            $draft->care[] = $said;
        } elseif (null !== $hazard = Lexicon::hazard($said)) {
            $draft->addHazard($hazard);
        } elseif (Lexicon::isFlameless($said)) {
            $draft->isFlameless = true;
            if ('flameless' !== $said) {
                $draft->care[] = $said; // what it runs on is wanted again when it is empty
            }
        } elseif (\in_array($said, self::LIT, true)) {
            $draft->care[] = $said; // it has lights of its own, which run on something
        } elseif (null !== $pattern = Lexicon::pattern($said)) {
            $draft->pattern = $pattern;
        } elseif (null !== $shape = Lexicon::shape($said)) {
            $draft->shape = $shape;
        } else {
            return false;
        }

        return true;
    }
}
