<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Search\Internal;

use BrightCupboard\Core\Colour\ColourFamily;
use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Intake\Lexicon;
use BrightCupboard\Core\Measure\LengthText;
use BrightCupboard\Core\Measure\LengthUnit;
use BrightCupboard\Core\Search\Condition;
use BrightCupboard\Core\Search\Opening;

/**
 * Takes a question apart: sizes, idleness and places by their phrases, the rest word by word.
 *
 * @internal
 */
final class QueryReader
{
    private const NOT = ['not', 'without', 'except', 'excluding'];
    private const STOPS = ['a', 'an', 'the', 'in', 'on', 'at', 'of', 'and', 'with', 'for', 'from', 'my', 'all', 'any', 'that', 'is', 'are', 'where', 'what', 'tote', 'seasons', 'season', 'thing', 'things', 'piece', 'pieces', 'stuff', 'something', 'anything', 'ones', 'which', 'show', 'me', 'find', 'how', 'many', 'much', 'there', 'do', 'we', 'i', 'have', 'has', 'own', 'owned', 'please', 'it', 'to', 'but', 'coloured', 'colored', 'colour', 'color', 'some', 'our', 'decor', 'decoration', 'decorations', 'made', 'did', 'does', 'will', 'would', 'should', 'put', 'got', 'get', 'everything', 'can', 'could', 'you', 'us', 'keep', 'kept', 'stored', 'was', 'were', 'be', 'been', 'give', 'tell', 'list', 'need', 'want', 'looking', 'look', 'this', 'these', 'those', 'here', 'still', 'only', 'just', 'them', 'they', "what's", "where's", 'go', 'who', 'anyone', 'cost', 'costs', 'price', 'powered', 'sort', 'kind', 'kinds', 'lots'];
    /** What people call a whole family of materials. */
    private const TEXTURES = ['fabric' => 'textile', 'cloth' => 'textile', 'pottery' => 'clay', 'ceramic' => 'clay', 'greens' => 'greenery', 'wicker' => 'woven'];
    private const IDLE = '\b(?:(?:not|haven.t|hasn.t|have not|has not)(?: we)? (?:been )?(?:used|out|shown|stood)|unused|idle)(?: (?:for|in|since))?';
    private const SWAPS_A_YEAR = 4;
    private const FREE_OF = [
        'unbreakable' => [['breakable'], 'not breakable'],
        '(?:flameless|no (?:open )?flames?)' => [['open flame'], 'no open flame'],
        'safe for (?:the |our |my )?(?:dogs?|cats?|pets?|animals|puppy|kitten)' => [['toxic to pets'], 'safe for pets'],
        'safe for (?:the |our |my )?(?:children|kids|child|toddlers?|baby)' => [['breakable', 'small parts', 'button cells', 'open flame'], 'safe for children'],
    ];
    private const PLACES = ['lent out' => [['lent'], 'lent out'], 'lent' => [['lent'], 'lent out'], 'lost' => [['lost'], 'lost'], 'out now' => [['spot', 'table'], 'out now'], 'in store' => [['tote', 'loose'], 'in store'], 'by the door' => [['arrived'], 'by the door']];

    private readonly SizePhrases $sizes;
    private readonly FitPhrases $fits;
    private bool $asksForColour = false;

    /** @param list<Opening> $openings */
    public function __construct(LengthUnit $unit, private readonly ColourNames $names, array $openings)
    {
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
        $phrases = new Phrases($text);
        AmountPhrases::takeFrom($phrases);
        $this->fits->takeFrom($phrases);
        $this->sizes->takeFrom($phrases);
        $phrases->take(self::IDLE . '\s+(\d{1,2})\s*(years?|seasons?|swaps?)', static fn(array $m): array => [new IdleCondition((int) $m[1] * (str_starts_with($m[2], 'year') ? self::SWAPS_A_YEAR : 1))]);
        $phrases->take('\b(?:never[ -](?:been )?(?:used|stood|out|put out|shown)|unused)\b', static fn(): array => [new IdleCondition(null)]);
        $phrases->take('\b(?:(?:not|nothing|isn.t|aren.t|never|to be)(?: yet)?(?: been)? measured|unmeasured|without (?:a )?size|assumed sizes?)\b', static fn(): array => [new UnmeasuredCondition()]);
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
            if (\in_array($words[$i], self::NOT, true) || 1 === preg_match('/^(?:isn|aren).t$/u', $words[$i]) || ('no' === $words[$i] && isset($words[$i + 1]))) {
                $isNot = true;
                continue;
            }
            if ('or' === $words[$i]) {
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

    /** What must not be so would pass unnoticed where its word is mistyped: then it is what the word stands for, too. */
    private function not(WordCondition $condition): Condition
    {
        $right = $condition->putRight();

        return new NotCondition(null === $right ? $condition : new AnyCondition([$condition, $right]), 'not ' . $condition->asked());
    }

    /**
     * @param list<string> $words
     *
     * @return array{WordCondition|null, int} null for a word that says nothing; how many words it took
     */
    private function word(array $words, int $i): array
    {
        $pair = isset($words[$i + 1]) ? $words[$i] . ' ' . $words[$i + 1] : '';
        $colour = $this->names->read($pair);
        $isPair = null !== $colour || ('' !== $pair && null !== Lexicon::kind($pair));
        if (!$isPair && \in_array($words[$i], self::STOPS, true)) {
            return [null, 1];
        }
        $word = $isPair ? $pair : $words[$i];
        $colour ??= $this->names->read($word);
        $this->asksForColour = $this->asksForColour || null !== $colour || null !== ColourFamily::named($word);
        $singular = $this->singular($word);
        $same = [...$this->same($word), ...$this->same($singular)];
        $meant = [] === $same && null === $colour ? Lexicon::meant($word) : null;

        return [new WordCondition(
            $word,
            $singular,
            $colour,
            null !== Lexicon::material($singular),
            array_values(array_diff(array_unique($same), [$word, $singular])),
            null === $meant ? [] : array_values(array_unique([Lexicon::singular($meant), ...$this->same($meant)])),
        ), $isPair ? 2 : 1];
    }

    /** @return list<string> what is written of a piece that a word names: its kind, material or family of materials, season, hazard */
    private function same(string $word): array
    {
        $same = [Lexicon::kind($word)[0]->value ?? null, Lexicon::material($word)?->value, Lexicon::season($word)?->value, Lexicon::hazard($word)?->value, self::TEXTURES[$word] ?? null];

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
