<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake;

use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\CoreException;
use BrightCupboard\Core\Intake\Internal\CellText;
use BrightCupboard\Core\Intake\Internal\Completion;
use BrightCupboard\Core\Intake\Internal\CostCells;
use BrightCupboard\Core\Intake\Internal\DayWords;
use BrightCupboard\Core\Intake\Internal\Draft;
use BrightCupboard\Core\Intake\Internal\PlacesCell;
use BrightCupboard\Core\Intake\Internal\PlaceWords;
use BrightCupboard\Core\Intake\Internal\Readings;
use BrightCupboard\Core\Intake\Internal\SizeCells;
use BrightCupboard\Core\Intake\Internal\WordCells;
use BrightCupboard\Core\Measure\LengthText;
use BrightCupboard\Core\Measure\LengthUnit;
use BrightCupboard\Core\Stock\PieceKind;

/**
 * Reads one row of a table as a piece. A cell says what it says; what has no cell is read from the name, as from a line of
 * text, and completed by the usual. What a cell says beyond what we know is kept as a note; what cannot be is gathered, cell by
 * cell, so that a row is refused once and whole.
 */
final class PieceRowReader
{
    private const LONGEST_NAME = 120;
    private const LONGEST_CARE = 500;
    private const NAMELESS = ['count', 'costEach', 'line', 'name', 'place'];

    private readonly IntakeLine $line;
    private readonly PlaceWords $places;
    private readonly Completion $completion;
    private readonly SizeCells $sizes;
    private readonly WordCells $words;
    /** @var list<RowProblem> */
    private array $problems = [];

    /**
     * @param list<KnownPlace> $known
     * @param bool|null        $isDayFirst what 5/11/2026 means in this sheet; null where nobody can tell
     */
    public function __construct(LengthUnit $unit, array $known, ColourNames $names, private readonly ?bool $isDayFirst = null, string $currency = '$')
    {
        $this->line = new IntakeLine($unit, $currency, [], $names);
        $this->places = new PlaceWords($known);
        $this->completion = new Completion(new LengthText($unit), $names);
        $this->sizes = new SizeCells($unit, $currency);
        $this->words = new WordCells($names);
    }

    /**
     * Which comes first in a column of days with strokes, where one of them tells.
     *
     * @param list<string> $cells
     */
    public static function isDayFirst(array $cells): ?bool
    {
        return DayWords::isDayFirst($cells);
    }

    /** @param array<string, string> $cells by field, see TableColumns; “under” is the heading it stands under */
    public function read(array $cells): PieceRow
    {
        $this->problems = [];
        $draft = $this->begin($cells);
        array_push($this->problems, ...$this->words->take($cells, $draft), ...$this->sizes->take($cells, $draft));
        $draft->count = $this->count($cells['count'] ?? '', $draft->count);
        $this->takeUnder($cells['under'] ?? '', $draft);
        $places = $this->whereabouts($cells['places'] ?? '', $draft);
        $costs = new CostCells();
        $costs->take($cells, $draft);
        if (!$costs->areSaid($cells)) {
            $this->line->settle($draft);
        }
        $replacement = $costs->replacement($cells, $draft);
        array_push($this->problems, ...$costs->problems);
        $came = $this->day($cells['came'] ?? '', $draft);
        $shares = $this->tried('colours', fn(): ?array => $this->words->shares($cells['colours'] ?? '', $draft));
        if ([] !== $this->problemsAt('colours')) {
            $draft->colours = [Srgb::ofNumber(0x808080)]; // the cell is refused already; nothing more needs to be said
        }
        $this->completion->complete($draft);
        $this->takeKindQuestion($draft);
        $setOf = '' === ($cells['set'] ?? '') ? 0 : $this->setOf($cells['set of'] ?? '');
        $reading = $this->reading($draft, $shares ?? $this->completion->shares($draft), $cells);

        return new PieceRow(
            $reading,
            $replacement,
            $came,
            $places,
            $cells['set'] ?? '',
            $setOf,
            $cells['faces'] ?? '',
            $cells['parts'] ?? '',
            array_values(array_unique($this->problems, \SORT_REGULAR)),
        );
    }

    /**
     * What the name says, for all that has no cell of its own; the name itself stays as it stands.
     *
     * @param array<string, string> $cells
     */
    private function begin(array $cells): Draft
    {
        $name = trim((string) preg_replace('/\s+/u', ' ', $cells['name'] ?? ''));
        if ('' === $name && '' !== ($cells['kind'] ?? '')) {
            $name = $cells['kind'];
        }
        $draft = $this->line->begun($name);
        $draft->name = mb_substr($name, 0, self::LONGEST_NAME);
        $draft->look = '';
        $draft->unknown = [];
        $draft->care = mb_strlen($name) > self::LONGEST_NAME ? [$name] : [];
        $draft->place = null;
        $draft->questions = array_values(array_filter($draft->questions, static fn(Question $one): bool => !\in_array($one->field, self::NAMELESS, true)));
        if ('' === $name) {
            $this->problems[] = new RowProblem('name', 'What is it called?');
        }

        return $draft;
    }

    private function count(string $cell, ?int $fromName): int
    {
        if (CellText::saysNothing($cell)) {
            return $fromName ?? 1;
        }
        $count = CellText::count($cell);
        if (null === $count) {
            $this->refuse('count', '“%s” is not a count from 1 to 999.', $cell);
        }

        return $count ?? 1;
    }

    /** A heading over the rows may say where they are, what they are or for which season. */
    private function takeUnder(string $heading, Draft $draft): void
    {
        $plain = trim(mb_strtolower($heading), ' :.-');
        if ('' === $plain) {
            return;
        }
        $season = Lexicon::season($plain);
        if (null !== $season && [] === $draft->seasons) {
            $draft->addSeason($season);
        } elseif (null === $draft->kind && null !== $kind = Lexicon::kind($plain)) {
            [$draft->kind, $draft->shape] = $kind;
        } else {
            $this->places->take($plain, $draft);
            $draft->questions = array_values(array_filter($draft->questions, static fn(Question $one): bool => 'place' !== $one->field));
        }
    }

    /** @return list<array{place: string, units: int}> */
    private function whereabouts(string $cell, Draft $draft): array
    {
        $count = $draft->count ?? 1;
        if (CellText::saysNothing($cell)) {
            return null === $draft->place ? [] : [['place' => $draft->place, 'units' => $count]];
        }
        $places = (new PlacesCell($this->places))->read($cell, $count, $draft);
        if (null === $places) {
            $this->refuse('places', '“%s” is not a tote or a spot of this home.', $cell);

            return [];
        }
        foreach ($draft->questions as $question) {
            'place' === $question->field ? $this->problems[] = new RowProblem('places', $question->sentence) : null;
        }
        $units = array_sum(array_column($places, 'units'));
        if ([] !== $places && $units !== $count && [] === $this->problemsAt('places')) {
            $this->problems[] = new RowProblem('places', sprintf('The places hold %d, but the count is %d.', $units, $count));
        }

        return $places;
    }

    private function day(string $cell, Draft $draft): ?\DateTimeImmutable
    {
        if (CellText::saysNothing($cell)) {
            return null;
        }
        $day = DayWords::read($cell, $this->isDayFirst);
        if (null === $day && DayWords::mayBeTwo($cell)) {
            $this->refuse('came', '“%s” can be two days. Write it like 2026-11-05.', $cell);
        } elseif (null === $day && DayWords::isWritten($cell)) {
            $this->refuse('came', '“%s” is not a day. Write it like 2026-11-05.', $cell);
        } elseif (null === $day) {
            $draft->care[] = 'came: ' . $cell;
        }

        return $day;
    }

    private function setOf(string $cell): int
    {
        $of = '' === $cell ? 2 : CellText::count($cell);
        null === $of ? $this->refuse('set of', '“%s” is not a size of a set from 1 to 999.', $cell) : null;

        return $of ?? 2;
    }

    private function takeKindQuestion(Draft $draft): void
    {
        foreach ($draft->questions as $question) {
            if ('place' !== $question->field) {
                $this->problems[] = new RowProblem(
                    'costEach' === $question->field ? 'cost' : ('height' === $question->field ? 'size' : $question->field),
                    $question->sentence,
                );
            }
        }
        if (null === $draft->kind) {
            $this->problems = array_values(array_filter(
                $this->problems,
                static fn(RowProblem $one): bool => 'kind' !== $one->field || 'What kind of thing is it?' !== $one->sentence,
            ));
            [] === $this->problemsAt('kind') ? $this->problems[] = new RowProblem(
                'kind',
                sprintf(
                    'What kind of thing is it? Write a word such as %s, %s or %s.',
                    PieceKind::Vase->value,
                    PieceKind::Wreath->value,
                    PieceKind::Cushion->value,
                ),
            ) : null;
        }
    }

    /** @return list<RowProblem> */
    private function problemsAt(string $field): array
    {
        return array_values(array_filter($this->problems, static fn(RowProblem $one): bool => $field === $one->field));
    }

    /**
     * @template T
     *
     * @param \Closure(): T $read
     *
     * @return T|null
     */
    private function tried(string $field, \Closure $read): mixed
    {
        try {
            return $read();
        } catch (CoreException $refusal) {
            $this->problems[] = new RowProblem($field, $refusal->getMessage());

            return null;
        }
    }

    private function refuse(string $field, string $sentence, string $cell): void
    {
        $this->problems[] = new RowProblem($field, sprintf($sentence, mb_strimwidth($cell, 0, 40, '…')));
    }

    /**
     * @param list<ColourShare>     $colours
     * @param array<string, string> $cells
     */
    private function reading(Draft $draft, array $colours, array $cells): IntakeReading
    {
        $care = implode('; ', array_filter([$cells['care'] ?? '', ...$draft->care], static fn(string $note): bool => '' !== $note));
        if (mb_strlen($care) > self::LONGEST_CARE) {
            $this->problems[] = new RowProblem(
                'care',
                sprintf('Notes have at most %d characters, these have %d. Shorten them.', self::LONGEST_CARE, mb_strlen($care)),
            );
        }
        $draft->care = [mb_substr($care, 0, self::LONGEST_CARE)];
        [$draft->place, $draft->questions] = [null, []];
        if (isset($cells['assumed'])) {
            $draft->assumed = array_map(
                static fn(string $word): Question => new Question('colour' === $word ? 'colours' : $word, ''),
                WordCells::parted($cells['assumed']),
            );
        }

        return Readings::of($draft, $colours);
    }
}
