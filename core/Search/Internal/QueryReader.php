<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Search\Internal;

use BrightCupboard\Core\Colour\ColourFamily;
use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Intake\Lexicon;
use BrightCupboard\Core\Intake\Spelling;
use BrightCupboard\Core\Measure\LengthText;
use BrightCupboard\Core\Measure\LengthUnit;
use BrightCupboard\Core\Search\Condition;
use BrightCupboard\Core\Search\Opening;
use BrightCupboard\Core\Stock\Assumed;
use BrightCupboard\Core\Stock\Texture;

/**
 * Takes a question apart: sizes, idleness and places by their phrases, the rest word by word.
 *
 * @internal
 */
final class QueryReader
{
    private const NOT = ['not', 'without', 'except', 'excluding'];
    public const STOPS = [
        'a', 'an', 'the', 'in', 'on', 'at', 'of', 'and', 'with', 'for', 'from', 'my', 'all', 'any', 'that', 'is', 'are', 'where', 'what',
        'tote', 'seasons', 'season', 'thing', 'things', 'piece', 'pieces', 'stuff', 'something', 'anything', 'ones', 'which', 'show', 'me',
        'find', 'how', 'many', 'much', 'there', 'do', 'we', 'i', 'have', 'has', 'own', 'owned', 'please', 'it', 'to', 'but', 'coloured',
        'colored', 'colour', 'color', 'some', 'our', 'decor', 'decoration', 'decorations', 'made', 'did', 'does', 'will', 'would', 'should',
        'put', 'got', 'get', 'everything', 'can', 'could', 'you', 'us', 'keep', 'kept', 'stored', 'was', 'were', 'be', 'been', 'give',
        'tell', 'list', 'need', 'want', 'looking', 'look', 'this', 'these', 'those', 'here', 'still', 'only', 'just', 'them', 'they',
        "what's", "where's", 'go', 'who', 'anyone', 'cost', 'costs', 'price', 'powered', 'sort', 'kind', 'kinds', 'lots', 'left', 'total',
        'worth', 'someone', 'somebody', 'items', 'item', 'colours', 'colors', 'coloring', 'materials', 'material', 'altogether', 'spend',
        'spent', 'pay', 'paid', 'weigh', 'weighs', 'long', 'away', 'now', 'currently', 'ever', 'yet', 'available', 'suitable', 'good',
        'nice', 'looks', 'like', 'also', 'too', 'think', 'see', 'as', 'by', 'its', 'their', 'she', 'he', 'next', 'time', 'today', 'please,',
        'value', 'values', 'haven', 'used', 'use', 'fits', 'fit', 'fitting',
    ];
    /** What people call many kinds at once. */
    private const GROUPS = [
        'animals' => ['hare', 'bird', 'deer', 'heron', 'fox', 'squirrel', 'hedgehog', 'bear', 'sheep', 'mouse', 'cat', 'dog', 'horse', 'owl'],
        'animal' => ['hare', 'bird', 'deer', 'heron', 'fox', 'squirrel', 'hedgehog', 'bear', 'sheep', 'mouse', 'cat', 'dog', 'horse', 'owl'],
        'art' => ['picture', 'print', 'painting'], 'artwork' => ['picture', 'print', 'painting'],
        'flowers' => ['bunch', 'arrangement', 'flower', 'bouquet'], 'plants' => ['pot plant', 'plant'],
        'tableware' => ['plate', 'napkin', 'bowl', 'jug', 'runner'], 'linens' => ['napkin', 'runner', 'throw', 'tree skirt', 'linen'],
        'lighting' => ['lights', 'lantern', 'lamp'], 'containers' => ['vase', 'bowl', 'jar', 'crock', 'jug', 'basket'],
        'vessels' => ['vase', 'bowl', 'jar', 'crock', 'jug'], 'soft' => ['cushion', 'throw', 'tree skirt', 'textile'],
        'drapes' => ['garland', 'beads', 'ribbon'],
    ];
    /** Materials that are kept as another and must not be taken for it. */
    private const OF_THEIR_OWN = ['terracotta', 'copper', 'bronze', 'pewter', 'juniper', 'cedar'];
    /** What people call a whole family of materials. */
    private const TEXTURES = [
        'metallic' => 'metal', 'textiles' => 'textile', 'textile' => 'textile', 'fabrics' => 'textile', 'fabric' => 'textile',
        'cloth' => 'textile', 'pottery' => 'clay', 'ceramic' => 'clay', 'greens' => 'greenery', 'wicker' => 'woven',
    ];
    /** Numbers in words, where a number counts. */
    private const SPELT = '/\b(one|two|three|four|five|six|seven|eight|nine|ten|twelve|an?)(?=\s+(?:years?|seasons?|swaps?|inch(?:es)?|feet|foot|ft'
        . '|cm|pounds?|lbs?|dollars)\b)/u';
    private const IDLE = '\b(?:(?:not|haven.t|hasn.t|have not|has not)(?: (?:we|i))? (?:been )?(?:used|out|shown|stood|put out|touched|needed)|unused'
        . '|idle)(?: (?:for|in|since))?(?: (?:over|more than|at least|the last))?';
    private const SWAPS_A_YEAR = 4;
    private const FREE_OF = [
        'unbreakable' => [['breakable'], 'not breakable'],
        '(?:pet|dog|cat|puppy)[ -]?(?:safe|friendly|proof)' => [['toxic to pets'], 'safe for pets'],
        '(?:kid|child|toddler|baby)[ -]?(?:safe|friendly|proof)' => [['breakable', 'small parts', 'button cells', 'open flame'], 'safe for children'],
        '(?:flameless|no (?:open )?flames?)' => [['open flame'], 'no open flame'],
        'safe for (?:the |our |my )?(?:dogs?|cats?|pets?|animals|puppy|kitten)' => [['toxic to pets'], 'safe for pets'],
        'safe for (?:the |our |my )?(?:children|kids|child|toddlers?|baby)' => [
            ['breakable', 'small parts', 'button cells', 'open flame'], 'safe for children',
        ],
    ];
    private const PLACES = [
        'lent out' => [['lent'], 'lent out'],
        'lent' => [['lent'], 'lent out'],
        'lost' => [['lost'], 'lost'],
        'out now' => [['spot', 'table'], 'out now'],
        'in store' => [['tote', 'loose'], 'in store'],
        'by the door' => [['arrived'], 'by the door'],
    ];

    private readonly SizePhrases $sizes;
    private readonly FitPhrases $fits;
    private bool $asksForColour = false;

    /**
     * @param list<Opening>         $openings
     * @param array<string, string> $homeWords
     */
    public function __construct(
        LengthUnit $unit,
        private readonly ColourNames $names,
        array $openings,
        private readonly array $homeWords = [],
        private readonly ?\DateTimeImmutable $today = null,
    ) {
        $this->fits = new FitPhrases($openings);
        $this->sizes = new SizePhrases(new LengthText($unit));
    }

    public function asksForColour(): bool
    {
        return $this->asksForColour;
    }

    /** @return list<Condition> */
    public function read(string $text): array
    {
        $text = (string) preg_replace_callback(self::SPELT, static fn(array $m): string => (string) Lexicon::count($m[1]), $text);
        $phrases = new Phrases((string) preg_replace(
            [
                '/\b(?:can|could|would|may|might)\s+(?:i|we|you|it|they)?\s*(?:put|stand|go|goes|place|set|sit)\s+(on|in|into)\b(?=\s+(?:the|my|our)?\s*\pL)/u',
                '/\blight[- ]colou?red\b/u', '/\b(dark|bright)[- ]colou?red\b/u',
            ],
            [' fits $1', 'pale', '$1'],
            $text,
        ));
        if (null !== $this->today) {
            DayPhrases::takeFrom($phrases, $this->today);
        }
        $phrases->take(
            self::IDLE . '\s+(\d{1,2})\s*(years?|seasons?|swaps?)',
            static fn(array $m): array => [new IdleCondition((int) $m[1] * (str_starts_with($m[2], 'year') ? self::SWAPS_A_YEAR : 1))],
        );
        AmountPhrases::takeFrom($phrases);
        $this->fits->takeFrom($phrases);
        $this->sizes->takeFrom($phrases);
        $phrases->take('\b(?:never[ -](?:been )?(?:used|stood|out|put out|shown)|unused)\b', static fn(): array => [new IdleCondition(null)]);
        $phrases->take(
            '\b(?:(?:not|nothing|isn.t|aren.t|never|to be)(?: yet)?(?: been)? measured|unmeasured|without (?:a )?size|assumed sizes?)\b',
            static fn(): array => [new AssumedCondition(Assumed::Size)],
        );
        $phrases->take(
            '\b(?:(?:not|never|to be)(?: yet)?(?: been)? counted|uncounted|assumed counts?)\b',
            static fn(): array => [new AssumedCondition(Assumed::Count)],
        );
        $phrases->take('\b(?:(?:without|with no|no) (?:a )?(?:price|cost)|unpriced)\b', static fn(): array => [new UnsaidCondition('price')]);
        $phrases->take('\b(?:(?:without|with no|no) (?:a )?weight|(?:not|never|un) ?weighed)\b', static fn(): array => [new UnsaidCondition('weight')]);
        foreach (self::PLACES as $phrase => [$kinds, $words]) {
            $phrases->takeSaid($phrase, new PlaceCondition($kinds, $words));
        }
        foreach (self::FREE_OF as $phrase => [$hazards, $words]) {
            $any = $this->any(array_map(static fn(string $hazard): Condition => new WordCondition($hazard, $hazard, null), $hazards));
            $phrases->take('\b' . $phrase . '\b', static fn(): array => [new NotCondition($any, $words)]);
        }

        return [...$phrases->conditions, ...$this->words($phrases->text)];
    }

    /** @param non-empty-list<Condition> $conditions */
    private function any(array $conditions): Condition
    {
        return 1 === \count($conditions) ? $conditions[0] : new AnyCondition($conditions);
    }

    /** @return list<Condition> */
    private function words(string $text): array
    {
        $words = preg_split('/[\s,;?!.]+/u', $text, -1, \PREG_SPLIT_NO_EMPTY);
        $words = false === $words ? [] : $words;
        $conditions = [];
        [$isNot, $isOr] = [false, false];
        for ($i = 0; $i < \count($words); ++$i) {
            if (
                \in_array($words[$i], self::NOT, true)
                || 1 === preg_match('/^(?:isn|aren).t$/u', $words[$i])
                || ('no' === $words[$i] && isset($words[$i + 1]))
            ) {
                $isNot = true;
                continue;
            }
            if ('or' === $words[$i] || (\in_array($words[$i], ['and', '&'], true) && $this->areBothThings($words, $i))) {
                $isOr = [] !== $conditions;
                continue;
            }
            [$condition, $taken] = $this->word($words, $i);
            $i += $taken - 1;
            if (null === $condition) {
                continue;
            }
            $last = $isOr ? array_pop($conditions) : null;
            $condition = $isNot ? $this->not($condition) : $condition;
            $conditions[] = null === $last ? $condition : new AnyCondition([...($last instanceof AnyCondition ? $last->conditions : [$last]), $condition]);
            [$isNot, $isOr] = [false, false];
        }

        return $conditions;
    }

    /**
     * Wreaths and garlands are the ones and the others: no thing is both.
     *
     * @param list<string> $words
     */
    private function areBothThings(array $words, int $i): bool
    {
        return isset($words[$i - 1], $words[$i + 1]) && null !== Lexicon::kind($words[$i - 1]) && null !== Lexicon::kind($words[$i + 1]);
    }

    /** What must not be so would pass unnoticed where its word is mistyped: then it is what the word stands for, too. */
    private function not(Condition $condition): Condition
    {
        $right = $condition instanceof WordCondition ? $condition->putRight() : null;

        return new NotCondition(null === $right ? $condition : new AnyCondition([$condition, $right]), 'not ' . $condition->asked());
    }

    /**
     * @param list<string> $words
     *
     * @return array{Condition|null, int} null for a word that says nothing; how many words it took
     */
    private function word(array $words, int $i): array
    {
        if (isset($this->homeWords[$words[$i]])) {
            return [$this->meant($words[$i], $this->homeWords[$words[$i]]), 1];
        }
        $pair = isset($words[$i + 1]) ? $words[$i] . ' ' . $words[$i + 1] : '';
        $colour = $this->names->read($pair);
        $isPair = null !== $colour || ('' !== $pair && null !== Lexicon::kind($pair));
        if (!$isPair && \in_array($words[$i], self::STOPS, true)) {
            return [null, 1];
        }
        $word = $isPair ? $pair : $words[$i];
        if (isset(self::GROUPS[$word])) {
            return [
                new AnyCondition(
                    [
                        new WordCondition($word, $word, null),
                        ...array_map(static fn(string $one): Condition => new WordCondition($one, $one, null), self::GROUPS[$word]),
                    ],
                    $word,
                ),
                1,
            ];
        }
        if (null !== $size = ByKindCondition::of($word)) {
            return [new AnyCondition([$size, new WordCondition($word, $word, null)], $word), 1];
        }
        $isCloth = Texture::Textile === Lexicon::material($word)?->texture();
        $isThing = null !== Lexicon::kind($word) && null === Lexicon::nearest($word) && null === Lexicon::material($word); // a pumpkin is no colour here
        $colour ??= $isCloth || $isThing ? null : $this->names->read($word); // who asks for linen wants cloth, not its colour
        $this->asksForColour = $this->asksForColour || null !== $colour || null !== ColourFamily::named($word);
        $singular = $this->singular($word);
        $same = [...$this->same($word), ...$this->same($singular)];
        $meant = [] === $same && null === $colour ? Spelling::meant($word) : null;

        return [new WordCondition(
            $word,
            $singular,
            $colour,
            null !== Lexicon::material($singular),
            array_values(array_diff(array_unique($same), [$word, $singular])),
            null === $meant ? [] : array_values(array_unique([Lexicon::singular($meant), ...$this->same($meant)])),
        ), $isPair ? 2 : 1];
    }

    /** A word of the home is met by any of what it means there, and by itself. */
    private function meant(string $word, string $means): Condition
    {
        $parts = preg_split('/\s*[,;]\s*/u', mb_strtolower(trim($means)), -1, \PREG_SPLIT_NO_EMPTY);
        $conditions = [];
        foreach (false === $parts ? [] : $parts as $part) {
            foreach ($part === $word ? [] : $this->words($part) as $condition) {
                $conditions[] = $condition;
            }
        }

        return new AnyCondition([new WordCondition($word, $word, null), ...$conditions], $word);
    }

    /** @return list<string> what is written of a piece that a word names: its kind, material or family of materials, season, hazard */
    private function same(string $word): array
    {
        // A word for one thing of a kind finds that, not all of the kind: an owl is a figure, a clock is kept as a box.
        $kind = Lexicon::kind($word);
        $same = [
            null !== $kind && '' === $kind[1] && null === Lexicon::nearest($word) ? $kind[0]->value : null,
            \in_array($word, self::OF_THEIR_OWN, true) ? null : Lexicon::material($word)?->value,
            Lexicon::pattern($word),
            null === $kind || '' === $kind[1] ? null : $kind[1],
            Lexicon::season($word)?->value,
            Lexicon::hazard($word)?->value,
            self::TEXTURES[$word] ?? null,
        ];

        return array_values(array_filter($same, \is_string(...)));
    }

    private function singular(string $word): string
    {
        if (isset(self::TEXTURES[$word])) {
            return $word; // greens are not things that are green
        }
        $singular = Lexicon::singular($word);

        return $singular === $word ? (string) preg_replace(['/(?<=\pL{2})ies$/u', '/(?<=\pL{3})(?<!s)s$/u'], ['y', ''], $word) : $singular;
    }
}
