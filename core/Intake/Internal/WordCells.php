<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal;

use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Colour\InvalidColour;
use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Intake\Lexicon;
use BrightCupboard\Core\Intake\RowProblem;
use BrightCupboard\Core\Intake\Spelling;
use BrightCupboard\Core\Stock\Hazard;
use BrightCupboard\Core\Stock\Season;

/**
 * Reads the cells of a row that are words: kind, materials, finish, seasons, cautions, colours, ticks. What is beyond the words we know is kept as a note.
 *
 * @internal
 */
final readonly class WordCells
{
    private const ALL_YEAR = ['all year', 'staple', 'all', 'year round', 'any', 'all seasons', 'everyday', 'always', 'n/a', 'none', '-'];

    public function __construct(private ColourNames $names) {}

    /**
     * @param array<string, string> $cells
     *
     * @return list<RowProblem>
     */
    public function take(array $cells, Draft $draft): array
    {
        $problems = $this->kind(mb_strtolower($cells['kind'] ?? ''), $draft);
        $this->materials($cells['materials'] ?? '', $draft);
        if (!CellText::saysNothing($word = mb_strtolower($cells['finish'] ?? ''))) {
            $finish = Lexicon::finish($word);
            null === $finish ? $draft->care[] = 'finish: ' . $word : $draft->finish = $finish;
        }
        $this->seasons($cells['seasons'] ?? null, $draft);
        $this->hazards($cells['hazards'] ?? '', $draft);
        $this->ticks($cells['ticks'] ?? '', $draft);
        foreach (['shape', 'pattern', 'origin'] as $field) {
            if (isset($cells[$field])) {
                $word = trim($cells[$field]);
                mb_strlen($word) > 20
                    ? $draft->care[] = $field . ': ' . $word
                    : $draft->{$field} = 'origin' === $field ? Lexicon::origin(mb_strtolower($word)) ?? $word : $word;
            }
        }

        return $problems;
    }

    /** @return list<string> in lower case */
    public static function parted(string $cell): array
    {
        $parts = preg_split('/\s*[,;|+\/\n]\s*|\s+(?:and|&)\s+/u', mb_strtolower(trim($cell)), -1, \PREG_SPLIT_NO_EMPTY);

        return false === $parts ? [] : $parts;
    }

    /**
     * @return list<ColourShare>|null shares where the cell gives them ("rust 70, bone 30", "#B5532A 100"); null where the usual shares of what is named do
     *
     * @throws InvalidColour when nothing in the cell is a colour, or the shares do not add up
     */
    public function shares(string $cell, Draft $draft): ?array
    {
        if (CellText::saysNothing($cell) || 1 === preg_match('/^(?:multi|multi-?colou?r(?:ed)?|various|assorted|mixed|natural|as is)$/iu', trim($cell))) {
            return null;
        }
        $draft->colours = $shares = $notes = [];
        foreach (self::parted((string) preg_replace('/\s+(?:w\/|with|on|over)\s*/iu', ', ', $cell)) as $part) {
            preg_match('/^(.*?)\s*(?:(\d{1,3})\s*%?)?$/u', $part, $match);
            $isHex = 1 === preg_match('/^#?[0-9a-f]{6}$/i', $part) && 1 === preg_match('/#|\d/', $part);
            $word = $isHex ? $part : $match[1] ?? $part;
            $colours = $isHex || str_starts_with($word, '#') ? [Srgb::ofHex($word)] : $this->named($word, $notes);
            foreach ($colours as $colour) {
                $draft->colours[] = $colour;
                $shares[] = [$colour, $word === $part ? null : (int) ($match[2] ?? 0)];
            }
        }
        if ([] === $draft->colours && $this->isOfMaterial($cell, $draft)) {
            return null; // clear glass looks as glass does
        }
        if ([] === $draft->colours) {
            throw InvalidColour::unknown($cell);
        }

        $draft->care = [...$draft->care, ...$notes];

        return [] === array_filter($shares, static fn(array $share): bool => null !== $share[1])
            ? null
            : ColourShare::complete(array_map(static fn(array $share): ColourShare => new ColourShare($share[0], $share[1] ?? 0), $shares));
    }

    /** Whether a cell says what a thing is of rather than which colour it has; then it is of that. */
    private function isOfMaterial(string $cell, Draft $draft): bool
    {
        $seen = new Draft($cell);
        $unknown = (new WordPhrases($this->names))->take($cell, $seen);
        if ([] === $unknown) {
            array_map($draft->addMaterial(...), [] === $draft->materials ? $seen->materials : []);
            $draft->finish ??= $seen->finish;
        }

        return [] === $unknown;
    }

    /**
     * @param list<string> $notes words that are no colours are kept
     *
     * @return list<Srgb> the colours in some words
     */
    private function named(string $words, array &$notes): array
    {
        if (null !== $colour = $this->names->read($words)) {
            return [$colour];
        }
        $seen = new Draft($words);
        $unknown = (new WordPhrases($this->names))->take($words, $seen);
        if ([] !== $unknown) {
            $notes[] = 'colour: ' . $words;
        }

        return $seen->colours;
    }

    /** @return list<RowProblem> */
    private function kind(string $word, Draft $draft): array
    {
        if (CellText::saysNothing($word)) {
            return [];
        }
        $kind = Lexicon::kind($word) ?? Lexicon::kind(Spelling::meant($word) ?? '');
        if (null !== $kind) {
            // A wide word such as "ornament" says less than a name that names another thing.
            [$draft->kind, $draft->shape] = [$kind[0], '' === $kind[1] ? ($draft->kind === $kind[0] ? $draft->shape : '') : $kind[1]];
            $draft->nearest = null === Lexicon::nearest($word) ? '' : $word;

            return [];
        }
        // A wide heading such as “textiles” says less than the name does.
        return null === $draft->kind && '' === $draft->grown
            ? [new RowProblem('kind', sprintf('“%s” is not a kind we know. Write a word such as vase, wreath or cushion.', mb_strimwidth($word, 0, 40, '…')))]
            : [];
    }

    private function materials(string $cell, Draft $draft): void
    {
        $parts = self::parted($cell);
        if ([] === $parts) {
            return;
        }
        [$draft->materials, $draft->areMaterialsSaid] = [[], true];
        foreach ($parts as $part) {
            if (\in_array($part, ['none', '-', 'n/a', 'unknown', '?', 'mixed', 'various'], true)) {
                continue;
            }
            $seen = new Draft($part);
            $unknown = null === Lexicon::material($part) ? (new WordPhrases($this->names))->take($part, $seen) : [];
            null === Lexicon::material($part) ? array_map($draft->addMaterial(...), $seen->materials) : $draft->addMaterial(Lexicon::material($part));
            if ([] === $seen->materials && null === Lexicon::material($part) || [] !== $unknown) {
                $draft->care[] = 'material: ' . $part;
            }
        }
    }

    private function seasons(?string $cell, Draft $draft): void
    {
        if (null === $cell) {
            return;
        }
        $draft->seasons = [];
        foreach (self::parted($cell) as $word) {
            $season = Lexicon::season($word) ?? Lexicon::season((string) preg_replace('/\s+(?:season|decor|decorations|holiday)$/u', '', $word));
            if (null !== $season) {
                $draft->addSeason($season);
            } elseif (!\in_array($word, self::ALL_YEAR, true)) {
                $draft->care[] = 'season: ' . $word;
            }
        }
    }

    private function hazards(string $cell, Draft $draft): void
    {
        $parts = self::parted($cell);
        if ([] === $parts) {
            return;
        }
        [$draft->areHazardsSaid, $draft->hazards] = [true, []];
        foreach ($parts as $word) {
            $hazard = Lexicon::hazard($word);
            if (null !== $hazard) {
                $draft->addHazard($hazard);
            } elseif (!\in_array($word, ['none', '-', 'no', 'n', 'n/a'], true)) {
                $draft->care[] = 'caution: ' . $word;
            }
        }
    }

    private function ticks(string $cell, Draft $draft): void
    {
        foreach (self::parted($cell) as $says) {
            if (null !== $season = Season::tryFrom($says)) {
                $draft->addSeason($season);
            } elseif (null !== $hazard = Hazard::tryFrom($says)) {
                $draft->addHazard($hazard);
            } else {
                $draft->isFlameless = $draft->isFlameless || 'battery' === $says;
                $draft->care[] = $says;
            }
        }
    }
}
