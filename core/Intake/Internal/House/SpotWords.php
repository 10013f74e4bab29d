<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal\House;

use BrightCupboard\Core\Intake\Spelling;
use BrightCupboard\Core\Surface\SpotKind;

/**
 * The words people write for spots.
 *
 * @internal
 */
final readonly class SpotWords
{
    /** Words by kind, parted by bars; of two that fit, the longer one counts, then the one further right. */
    private const KINDS = [
        'mantel' => 'mantel|mantle|chimney breast shelf|mantelpiece|mantlepiece|mantel shelf|mantle shelf'
            . '|chimney piece|chimney shelf|chimneypiece|fireplace shelf|stove shelf'
            . '|overmantel',
        'hearth' => 'hearth|fireplace|fireside|hearthstone',
        'console' => 'console|console table|hall table|entry table|entryway table|entrance table|foyer table|sofa table|chest of drawers|chest'
            . '|drawers|dresser|dresser top|bedside table|bedside|desk|piano|piano top|tv stand|tv console|tv unit|tv cabinet'
            . '|media console|media unit|media cabinet|vanity|vanity table|dressing table|changing table|radiator cover|radiator shelf'
            . '|workbench|work bench|potting bench|craft table'
            . '|bureau|secretary|demilune|highboy|lowboy|tallboy|washstand',
        'low table' => 'low table|coffee table|ottoman|trunk|cocktail table|pouf|pouffe',
        'side table' => 'side table|end table|nightstand|night stand|night table|accent table|lamp table|drinks table|occasional table|tray table'
            . '|plant stand|pot stand|plant table|pedestal|nesting table|bistro table',
        'dining table' => 'dining table|kitchen table|round table|table|island|kitchen island|breakfast table|breakfast bar|peninsula|patio table'
            . '|picnic table|pedestal table|card table|farmhouse table|trestle table|kids table',
        'sideboard' => 'sideboard|buffet|credenza|cabinet|server|filing cabinet|servery',
        'shelf' => 'shelf|shelves|shelving|ledge|peg shelf|picture ledge|plate rail|plate shelf|picture rail|floating shelf|wall shelf|cubby'
            . '|cubbies|niche|alcove shelf|toilet tank|tank top|top of tank|cistern|cistern top|back of toilet'
            . '|back of the toilet|top of fridge|top of the fridge|fridge top'
            . '|top of cabinets|top of the cabinets|top of bookcase|top of the bookcase|top of bookshelf|top of hutch|top of the hutch|top of armoire'
            . '|top of the armoire|cabinet tops|top of the wardrobe|wardrobe top|armoire top|headboard shelf'
            . '|bath shelf|corner shelf',
        'bookcase' => 'bookcase|bookshelf|bookshelves|etagere|étagère|tiered stand|built-in|built-ins|cube unit|cube shelf|ladder shelf'
            . '|ladder shelves|whatnot|cube storage|storage cubes|plant ladder',
        'hutch' => 'hutch|welsh dresser|kitchen dresser|china dresser|plate dresser|china cabinet|china hutch|curio cabinet|curio'
            . '|display cabinet|glass cabinet|vitrine|pie safe|step-back cupboard',
        'window sill' => 'window sill|windowsill|sill|window ledge|window box|window board|window shelf',
        'window' => 'window|kitchen window|bay window|bow window|picture window|skylight',
        'bench' => 'bench|porch swing|garden swing|swing|window seat|windowseat|window bench|settle|stool|pew|hall tree|hall bench'
            . '|storage bench|banquette|church pew'
            . '|bay window seat',
        'sofa' => 'sofa|seater|couch|settee|sectional|loveseat|love seat|futon|chesterfield|chaise|daybed sofa',
        'chair' => 'chair|armchair|rocker|recliner|wing chair|rocking chair|glider',
        'bed' => 'bed|headboard|daybed|day bed|crib|cot|bunk|bunk bed|guest bed',
        'counter corner' => 'counter corner|worktop corner|countertop corner|counter|worktop|countertop'
            . '|sink edge|sink|kitchen counter|draining board|vanity top',
        'drinks station' => 'drinks station|coffee station|coffee bar|cocoa bar|bar cart|drinks trolley|trolley|drinks cart|tea trolley|bar'
            . '|hot chocolate bar|tea station',
        'door' => 'door|front door|back door|gate|garden gate|screen door|storm door|barn door',
        'wall' => 'wall|gallery wall|hook|hooks|row of hooks|hook rail|peg rail|pegs|coat hooks|coat rack|plate wall|accent wall'
            . '|feature wall|chimney breast|headboard wall|mirror',
        'stair rail' => 'stair rail|banister|bannister|rail|railing|stairs|staircase|handrail|deck rail|balcony rail|porch rail|porch railing'
            . '|balustrade|stairway|mantel edge|fence|beam|ceiling beam|pergola beam|trellis|curtain rod|curtain pole',
        'doorway' => 'doorway|archway|arch|door frame|doorframe|door surround|cased opening|opening|window frame|arbor|arbour|pass through|pass-through',
        'post' => 'post|porch post|column|porch column|pillar|lamp post|lamppost|newel|newel post|gate post|gatepost|stair post|pergola post|mailbox post',
        'floor corner' => 'floor corner|corner|floor|alcove|floor space|landing corner',
        'porch' => 'porch|porch step|step|steps|doorstep|patio|stoop|front stoop|deck|terrace|balcony|front steps|verandah step',
        'tree' => 'tree|tree corner|christmas tree|xmas tree|fir|spruce tree',
    ];
    private const OWN_DOORS = '/(?<=\pL)\s+(?:(?:glass|cupboard|sliding|panel(?:led)?|cabinet)\s+)?doors$/iu';
    /** What parts the name of a thing from where it is. */
    private const WHERE = '/\s+(?:over|above|behind|beside|next to|under|underneath|beneath|below|by|near|in|at|opposite|between|left of|right of'
        . '|(?:either|each|both) sides? of|to the|with|on)\s+/iu';

    public static function kind(string $phrase): ?SpotKind
    {
        $word = (string) preg_replace('/^(?:the|an?)\s+/u', '', mb_strtolower(trim($phrase)));
        $kinds = self::byWord();
        $kind = $kinds[$word] ?? $kinds[self::one($word)] ?? null;

        return null === $kind ? null : SpotKind::from($kind);
    }

    /** "benches" are several of a bench. */
    public static function one(string $several): string
    {
        $short = (string) preg_replace('/s$/iu', '', $several);

        return isset(self::byWord()[mb_strtolower($short)]) ? $short : (string) preg_replace('/(?:(?<=x|ch|sh)e)?s$/iu', '', $several);
    }

    /** The kind that a phrase is, by itself or with what it is over: "wall", "wall over the sofa". */
    public static function kindOver(string $phrase): ?SpotKind
    {
        return self::kind($phrase) ?? (null === self::below($phrase) ? null : self::kindIn($phrase));
    }

    /** What something is over, in "wall over the sofa" or "art above sideboard"; null when it is over nothing that is known. */
    public static function below(string $name): ?SpotKind
    {
        return 1 === preg_match('/\b(?:over|above|behind)\s+(?:the\s+|an?\s+)?([^,;\d]+)/iu', $name, $match) ? self::kindIn($match[1]) : null;
    }

    /** The kind that a name ends in or holds: "long hall table" is a console, "sill over the sink" a sill. */
    public static function kindIn(string $name): ?SpotKind
    {
        $name = mb_strtolower((string) preg_replace('/\s+/u', ' ', trim($name)));
        // Doors behind a thing are its own: "bookcase glass doors".
        $own = (string) preg_replace(self::OWN_DOORS, '', $name);
        $name = $own !== $name && null !== self::longest($own, '') ? $own : $name;

        return self::longest($name, 'of') ?? self::longest(self::parted($name)[0], '');
    }

    /** What a name says of where the thing is: "by the fire" of "chair by the fire". */
    public static function where(string $name): string
    {
        return self::parted($name)[1];
    }

    /** Whether one of the phrases of a line says what it is. */
    public static function namesOne(string $line): bool
    {
        $words = (string) preg_replace('/\d+\s*(?:in|ft|cm|m|mm)?\b|["\']/iu', '', $line);

        return [] !== array_filter(explode(',', $words), static fn(string $phrase): bool => null !== self::kindIn($phrase));
    }

    /**
     * Puts a mistyped kind right where the line names none.
     *
     * @param list<string> $guesses what was taken for what is added
     */
    public static function putRight(string $line, array &$guesses): string
    {
        if (self::namesOne($line)) {
            return $line;
        }
        $known = array_values(array_filter(array_keys(self::byWord()), static fn(string $word): bool => !str_contains($word, ' ') && mb_strlen($word) > 4));

        return (string) preg_replace_callback('/\pL{5,}/u', static function (array $match) use ($known, &$guesses): string {
            $meant = Spelling::meantAmong(mb_strtolower($match[0]), $known);
            if (null !== $meant) {
                $guesses[] = sprintf('“%s” is taken for “%s”.', mb_strtolower($match[0]), $meant);
            }

            return $meant ?? $match[0];
        }, $line);
    }

    /** @return array{string, string} the thing and where it is */
    private static function parted(string $name): array
    {
        $parts = preg_split(self::WHERE, $name, 2);

        return [$parts[0] ?? $name, $parts[1] ?? ''];
    }

    /** @param string $with a word without which nothing longer is looked for: "top of the fridge" is no place in a fridge */
    private static function longest(string $name, string $with): ?SpotKind
    {
        $words = explode(' ', $name);
        for ($length = min(4, \count($words)); $length > 0; --$length) {
            foreach (array_reverse(range(0, \count($words) - $length)) as $from) {
                $phrase = \array_slice($words, $from, $length);
                $kind = '' === $with || \in_array($with, $phrase, true) ? self::kind(implode(' ', $phrase)) : null;
                if (null !== $kind) {
                    return $kind;
                }
            }
        }

        return null;
    }

    /** @return array<string, string> kind by word */
    private static function byWord(): array
    {
        /** @var array<string, string> $byWord */
        static $byWord = [];
        if ([] === $byWord) {
            foreach (self::KINDS as $kind => $words) {
                $byWord += array_fill_keys(explode('|', $words), $kind);
            }
        }

        return $byWord;
    }
}
