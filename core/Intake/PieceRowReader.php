<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake;

use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Colour\InvalidColour;
use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\CoreException;
use BrightCupboard\Core\Intake\Internal\Completion;
use BrightCupboard\Core\Intake\Internal\DayWords;
use BrightCupboard\Core\Intake\Internal\Draft;
use BrightCupboard\Core\Intake\Internal\MeasureWords;
use BrightCupboard\Core\Intake\Internal\PlaceWords;
use BrightCupboard\Core\Intake\Internal\WordPhrases;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\LengthText;
use BrightCupboard\Core\Measure\LengthUnit;
use BrightCupboard\Core\Measure\Weight;
use BrightCupboard\Core\Measure\WeightText;
use BrightCupboard\Core\Money\Money;
use BrightCupboard\Core\Stock\Finish;

/**
 * Reads one row of a table as a piece. A cell says what it says; what has no cell is read from the name and completed
 * by the usual, as for a line of text. Everything that cannot be is gathered, so that a row is refused once and whole.
 */
final class PieceRowReader
{
    private readonly LengthText $lengths;
    private readonly WeightText $weights;
    private readonly MeasureWords $measures;
    private readonly PlaceWords $places;
    private readonly WordPhrases $words;
    private readonly Completion $completion;
    /** @var list<string> */
    private array $problems = [];

    /** @param list<KnownPlace> $known */
    public function __construct(LengthUnit $unit, array $known, private readonly ColourNames $names)
    {
        $this->lengths = new LengthText($unit);
        $this->weights = new WeightText($unit);
        $this->measures = new MeasureWords($unit);
        $this->places = new PlaceWords($known);
        $this->words = new WordPhrases($names);
        $this->completion = new Completion($this->lengths, $names);
    }

    /** @param array<string, string> $cells by field, see TableColumns */
    public function read(array $cells): PieceRow
    {
        $this->problems = [];
        $draft = new Draft($cells['name'] ?? '');
        $draft->name = mb_substr(trim($cells['name'] ?? ''), 0, 120);
        $this->words->take($draft->name, $draft);
        $this->takeWords($cells, $draft);
        $this->takeMeasures($cells, $draft);
        $colours = $this->colours($cells['colours'] ?? '', $draft);
        $draft->count = $this->whole('count', $cells['count'] ?? '', 1);
        $this->completion->complete($draft);
        $places = $this->places($cells['places'] ?? '', $draft->count ?? 1, $draft);
        $replacement = $this->money('replacement', $cells['replacement'] ?? '');
        $draft->costEach = $this->money('cost', $cells['cost'] ?? '');
        $came = $this->day($cells['came'] ?? '');
        $setOf = '' === ($cells['set'] ?? '') ? 0 : $this->whole('set of', $cells['set of'] ?? '', 2);
        $problems = [...$this->problems, ...array_map(static fn(Question $question): string => $question->sentence, $draft->questions)];

        return new PieceRow($this->reading($draft, $colours ?? $this->completion->shares($draft), $cells), $replacement, $came, $places, $cells['set'] ?? '', $setOf, $cells['faces'] ?? '', $cells['parts'] ?? '', array_values(array_unique($problems)));
    }

    /** @param array<string, string> $cells */
    private function takeWords(array $cells, Draft $draft): void
    {
        if ('' !== $word = mb_strtolower($cells['kind'] ?? '')) {
            $kind = Lexicon::kind($word);
            if (null !== $kind) {
                [$draft->kind, $draft->shape] = [$kind[0], '' === $kind[1] ? $draft->shape : $kind[1]];
            } elseif (null === $draft->kind) { // a wide heading such as “textiles” says less than the name does
                $this->refuse('“%s” is not a kind we know. Write a word such as vase, wreath or cushion.', $word);
            }
        }
        $draft->materials = '' === ($cells['materials'] ?? '') ? $draft->materials : [];
        $draft->areMaterialsSaid = [] !== $this->parted($cells['materials'] ?? '');
        foreach ($this->listed($cells['materials'] ?? '') as $word) {
            $material = Lexicon::material($word);
            null === $material ? $this->refuse('“%s” is not a material we know.', $word) : $draft->addMaterial($material);
        }
        if ('' !== $word = mb_strtolower($cells['finish'] ?? '')) {
            $draft->finish = Lexicon::finish($word);
            null === $draft->finish ? $this->refuse('“%s” is not a finish we know.', $word) : null;
        }
        $draft->seasons = isset($cells['seasons']) ? [] : $draft->seasons;
        foreach ($this->parted($cells['seasons'] ?? '') as $word) {
            $season = Lexicon::season($word);
            null === $season && !\in_array($word, ['all year', 'staple', 'all'], true) ? $this->refuse('“%s” is not a season.', $word) : null;
            null === $season ? null : $draft->addSeason($season);
        }
        $draft->areHazardsSaid = '' !== ($cells['hazards'] ?? '');
        $draft->hazards = $draft->areHazardsSaid ? [] : $draft->hazards;
        foreach ($this->listed($cells['hazards'] ?? '') as $word) {
            $hazard = Lexicon::hazard($word);
            null === $hazard ? $this->refuse('“%s” is not a caution we know.', $word) : $draft->addHazard($hazard);
        }
        $draft->shape = isset($cells['shape']) ? mb_substr($cells['shape'], 0, 20) : $draft->shape;
        $draft->pattern = isset($cells['pattern']) ? mb_substr($cells['pattern'], 0, 20) : $draft->pattern;
        $draft->origin = isset($cells['origin']) ? mb_substr($cells['origin'], 0, 20) : $draft->origin;
    }

    /** @param array<string, string> $cells */
    private function takeMeasures(array $cells, Draft $draft): void
    {
        if ('' !== ($cells['size'] ?? '') && '' !== trim($this->measures->take($cells['size'], $draft))) {
            $this->refuse('“%s” is not a size. Write it like 8 x 7 x 11 in.', $cells['size']);
        }
        $read = fn(string $side): ?Length => $this->tried(fn(): Length => $this->lengths->read($cells[$side] ?? ''));
        foreach (['width', 'depth', 'height'] as $side) {
            $length = '' === ($cells[$side] ?? '') ? null : $read($side);
            if (null !== $length) {
                match ($side) {
                    'width' => $draft->sides['width'] = $length,
                    'depth' => $draft->sides['depth'] = $length,
                    default => $draft->sides['height'] = $length,
                };
            }
        }
        if ('' !== ($cells['laid out'] ?? '')) {
            $draft->laidOut = $this->tried(fn(): Length => $this->lengths->read($cells['laid out']));
        }
        if ('' !== ($cells['weight'] ?? '')) {
            $draft->weight = $this->tried(fn(): Weight => $this->weights->read($cells['weight']));
        }
    }

    /** @return list<ColourShare>|null null when they are left to the usual: "rust 70, bone 30", "#B5532A 100", "sage and cream" */
    private function colours(string $cell, Draft $draft): ?array
    {
        if ('' === $cell) {
            return null;
        }
        $draft->colours = [];
        $shares = [];
        foreach ($this->parted($cell) as $part) {
            preg_match('/^(.*?)\s*(?:(\d{1,3})\s*%?)?$/u', $part, $match);
            $word = 1 === preg_match('/^#?[0-9a-f]{6}$/i', $part) ? $part : ($match[1] ?? $part);
            $colour = $this->tried(fn(): Srgb => $this->names->read($word) ?? (str_starts_with($word, '#') ? Srgb::ofHex($word) : throw InvalidColour::unknown($word)));
            if (null !== $colour) {
                $draft->colours[] = $colour;
                $shares[] = [$colour, $word === $part ? null : (int) ($match[2] ?? 0)];
            }
        }
        if ([] === $shares) {
            $draft->colours = [Srgb::ofNumber(0x808080)]; // the cell is refused already; nothing more needs to be asked
        }
        if ([] === array_filter($shares, static fn(array $share): bool => null !== $share[1])) {
            return null;
        }

        return $this->tried(static fn(): array => ColourShare::complete(array_map(static fn(array $share): ColourShare => new ColourShare($share[0], $share[1] ?? 0), $shares)));
    }

    /** @return list<array{place: string, units: int}> */
    private function places(string $cell, int $count, Draft $draft): array
    {
        $places = [];
        foreach (array_filter(array_map(trim(...), explode(';', $cell)), static fn(string $part): bool => '' !== $part) as $part) {
            preg_match('/^(.*?)(?:\s*[×x]\s*(\d{1,3}))?$/u', $part, $match);
            $at = new Draft($part);
            if (\in_array($match[1] ?? '', ['table', 'arrived', 'loose', 'lent', 'lost', 'parted'], true)) {
                $at->place = $match[1];
            } elseif (!$this->places->take($match[1] ?? $part, $at)) {
                $this->refuse('“%s” is not a tote or a spot of this home.', $match[1] ?? $part);
            }
            array_push($draft->questions, ...$at->questions);
            if (null !== $at->place) {
                $places[] = ['place' => $at->place, 'units' => isset($match[2]) ? (int) $match[2] : $count];
            }
        }
        $units = array_sum(array_column($places, 'units'));
        if ([] !== $places && $units !== $count) {
            $this->problems[] = sprintf('The places hold %d, but the count is %d.', $units, $count);
        }

        return $places;
    }

    private function whole(string $field, string $cell, int $otherwise): int
    {
        if ('' === $cell) {
            return $otherwise;
        }
        if (1 !== preg_match('/^\d{1,4}(?:[.,]0+)?$/', $cell) || (int) $cell < 1 || (int) $cell > 999) {
            $this->refuse('“%s” is not a ' . ('count' === $field ? 'count' : 'size of a set') . ' from 1 to 999.', $cell);

            return $otherwise;
        }

        return (int) $cell;
    }

    private function money(string $field, string $cell): ?Money
    {
        $amount = trim((string) preg_replace('/\b(?:each|ea|apiece|per piece)\b\.?/i', '', $cell));

        return '' === $amount ? null : $this->tried(static fn(): Money => Money::read($amount));
    }

    private function day(string $cell): ?\DateTimeImmutable
    {
        if ('' === $cell) {
            return null;
        }
        $day = DayWords::read($cell);
        if (null === $day) {
            $this->refuse(DayWords::mayBeTwo($cell) ? '“%s” can be two days. Write it like 2026-11-05.' : '“%s” is not a day. Write it like 2026-11-05.', $cell);
        }

        return $day;
    }

    /** @return list<string> without the word that says there are none */
    private function listed(string $cell): array
    {
        return array_values(array_filter($this->parted($cell), static fn(string $word): bool => !\in_array($word, ['none', '-'], true)));
    }

    /** @return list<string> */
    private function parted(string $cell): array
    {
        $parts = preg_split('/\s*[,;|+\/]\s*|\s+and\s+/u', mb_strtolower(trim($cell)), -1, \PREG_SPLIT_NO_EMPTY);

        return false === $parts ? [] : $parts;
    }

    /**
     * @template T
     *
     * @param \Closure(): T $read
     *
     * @return T|null
     */
    private function tried(\Closure $read): mixed
    {
        try {
            return $read();
        } catch (CoreException $refusal) {
            $this->problems[] = $refusal->getMessage();

            return null;
        }
    }

    private function refuse(string $sentence, string $cell): void
    {
        $this->problems[] = sprintf($sentence, mb_strimwidth($cell, 0, 40, '…'));
    }

    /**
     * @param list<ColourShare>     $colours
     * @param array<string, string> $cells
     */
    private function reading(Draft $draft, array $colours, array $cells): IntakeReading
    {
        $assumed = isset($cells['assumed']) ? array_map(static fn(string $word): Question => new Question('colour' === $word ? 'colours' : $word, ''), $this->parted($cells['assumed'])) : $draft->assumed;

        return new IntakeReading($draft->name, $draft->kind, $draft->count ?? 1, $draft->sides['width'] ?? null, $draft->sides['depth'] ?? null, $draft->sides['height'] ?? null, $draft->laidOut, $draft->weight, $colours, $draft->materials, $draft->finish ?? Finish::Plain, $draft->seasons, $draft->hazards, $draft->shape, $draft->pattern, $draft->origin, $draft->costEach, null, mb_substr($cells['care'] ?? '', 0, 500), $draft->guesses, $draft->questions, $assumed);
    }
}
