<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal;

use BrightCupboard\Core\Intake\Question;
use BrightCupboard\Core\Intake\Reply;
use BrightCupboard\Core\Stock\PieceKind;

/**
 * Reads what a line begins with: the thing itself, and what is said right behind it.
 *
 * @internal
 */
final readonly class ThingPhrase
{
    /** Such a part of a thing is its state. */
    private const WORN = '/\b(?:chips?|cracks?|dents?|stains?|scratch(?:es)?|tears?|holes?|rust)\b/iu';
    /** Numbers that belong to a name: "no.5", "2019", "3-tier", "9-branch". */
    private const NAMED = '/^(?:no\.?\d+|(?:19|20)\d\d|\d+-?(?:tier|light|arm|drawer|hook)e?d?|\d+-\pL{3,}|\d{1,2}(?:st|nd|rd|th))$/iu';

    public function __construct(
        private Naming $naming,
        private WordPhrases $words,
        private Mistyped $mistyped,
        private Remarks $remarks,
        private CountWords $counts,
        private MeasureWords $measures,
    ) {}

    /** What a line begins with is the thing; what stands behind "in", "with" or "from" is about a part of it, or where it came from. */
    public function take(string $phrase, bool $isNamed, Draft $draft): void
    {
        $draft->isMany = CountWords::isMany($phrase) || 1 === preg_match('/(?<!\pL)(?:each|ea)\b/iu', $draft->line);
        [$thing, $by, $behind] = $this->naming->parts($this->remarks->cut($phrase, $draft));
        $unknown = $this->words->take($thing, $draft);
        $right = [] === $unknown ? $thing : $this->mistyped->putRight($thing, $unknown, $draft);
        if ($right !== $thing) {
            [$thing, $unknown] = [$right, $this->words->take($right, $draft)];
        }
        $unsure = $this->naming->unsureOf($thing);
        if (null !== $unsure && null !== $draft->kind) {
            $draft->guesses[] = sprintf('Taken for %s, by the word “%s”.', $draft->kind->withArticle(), $unsure);
        }
        $said = $this->takeBehind($by, $behind, $draft);
        if (\in_array($by, ['with', 'for', 'of'], true) && 1 === preg_match('/(?<!\w)\d{1,2}(?=\s+\pL)/u', $behind, $ofPart)) {
            $said = array_values(array_diff($said, [$ofPart[0]])); // with 3 eggs
        }
        if (PieceKind::Lights === $draft->kind && $draft->isCountOfParts) {
            $behind = trim($behind . ", {$draft->count} lights", ', ');
            $by = '' === $by ? ',' : $by;
            $draft->count = 1;
        }
        if (!$isNamed) {
            $counted = $draft->count;
            [$left, $thing] = $this->counts->takeLeft([...$unknown, ...$said], $thing, $draft);
            if ($counted !== $draft->count) {
                $behind = (string) preg_replace("/\\s+{$draft->count}$/", '', $behind); // "pinecones in a bag 30"
            }
            $isMeasure = !$draft->isMany || null !== $draft->count; // of "3 cushions 18" it is said how many there are
            $left = $isMeasure ? $this->measures->takeLeft($left, $draft) : $left;
            $draft->name = $this->naming->name($thing, '' === $behind || 'from' === $by ? '' : (',' === $by ? ', ' : " {$by} ") . $behind);
            $draft->unknown = [...$draft->unknown, ...array_values(array_filter($left, static fn(string $word): bool => 1 === preg_match('/\pL{2}/u', $word)))];
            $this->askAboutNumbers($left, $draft);
        } elseif ([] !== $unknown) {
            $draft->care[] = implode(' ', $unknown); // the name is taken as it is, and nothing is lost
        }
    }

    /**
     * What stands behind is about a part of the thing: its kind, its shape and, unless it is worn beside a colour
     * of its own, its colours are not those of the thing.
     *
     * @return list<string> words that say nothing
     */
    private function takeBehind(string $by, string $behind, Draft $draft): array
    {
        if ('' === $behind) {
            return [];
        }
        $thing = clone $draft;
        $said = $this->words->take($behind, $draft);
        [$draft->kind, $draft->kindWord, $draft->nearest, $draft->shape] = [
            $thing->kind ?? PieceKind::PotPlant,
            $thing->kindWord,
            $thing->nearest,
            $thing->shape,
        ];
        if ('of' !== $by && ([] !== $thing->materials || Completion::hasUsualMaterial($draft->kind))) {
            $draft->materials = $thing->materials; // a base of jute makes no tree of it
        }
        if (!\in_array($by, ['with', 'of'], true) || ('with' === $by && [] === $thing->colours && [] === $thing->materialColours)) {
            [$draft->colours, $draft->materialColours] = [$thing->colours, $thing->materialColours];
        }
        if ('with' === $by && 1 === preg_match(self::WORN, $behind)) {
            $draft->care[] = 'with ' . $behind;
        }
        if ('from' === $by && [] !== $said) {
            $draft->care[] = 'from ' . $behind;
        }

        return $said;
    }

    /**
     * A number that is no measure, price or count where it stands may be any of them.
     *
     * @param list<string> $unknown
     */
    private function askAboutNumbers(array $unknown, Draft $draft): void
    {
        foreach ($unknown as $word) {
            if (PieceKind::Picture === $draft->kind && $this->measures->takePaper($word, $draft)) {
                continue;
            }
            if (1 === preg_match('/\d/', $word) && 1 !== preg_match(self::NAMED, $word)) {
                $without = trim((string) preg_replace('/(?<!\w)' . preg_quote($word, '/') . '(?!\w)\s*/u', '', $draft->line, 1), ' ,');
                $isCount = 1 === preg_match('/^\d{1,3}$/', $word);
                $draft->questions[] = new Question(
                    'count',
                    sprintf('What is “%s”?', $word),
                    [
                        ...(
                            $isCount ? [
                                new Reply($word . ' of them', $word . ' ' . $without),
                                new Reply($this->measures->written($word), $without . ', ' . $this->measures->written($word)),
                            ] : []
                        ),
                        new Reply('leave it out', $without),
                    ],
                );
            }
        }
    }
}
