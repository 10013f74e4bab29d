<?php

declare(strict_types=1);

namespace App\Intake;

use App\Entity\TableImport;
use App\Repository\HouseRepository;
use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Intake\Question;
use BrightCupboard\Core\Intake\RowProblem;
use BrightCupboard\Core\Intake\SheetAside;
use BrightCupboard\Core\Intake\TableColumns;
use BrightCupboard\Core\Stock\Place;

/** Shows a sheet that was looked through: its columns, what is no thing, and the rows, those that need somebody first. */
final readonly class ShowSheet
{
    private const SHOWN = 200;
    private const SAMPLED = 3;
    private const NOTE = 'note';

    public function __construct(private TableRows $rows, private HouseRepository $house, private ColourNames $names) {}

    /** @param array<int, ReadRow> $read what was read already, by row */
    public function __invoke(TableImport $import, SheetRows $sheet, array $read): TableReadAnswer
    {
        $verdicts = $import->verdicts();
        $shown = $this->shown($verdicts);
        $missing = array_values(array_diff($shown, array_keys($read)));
        $read += [] === $missing ? [] : $this->rows->judged($import->home(), $sheet, $missing);
        $alike = $this->alike($sheet, array_map(static fn(int $row): ReadRow => $read[$row], $shown));
        $count = static fn(RowVerdict $verdict): int => substr_count($verdicts, $verdict->value);
        $assumed = \count(array_filter(
            $read,
            static fn(ReadRow $row): bool => RowVerdict::Good === RowVerdict::of($row) && [] !== $row->row->reading->assumed,
        ));

        return new TableReadAnswer(
            $import->id(),
            \strlen($verdicts),
            $count(RowVerdict::Good),
            $count(RowVerdict::Unreadable),
            $count(RowVerdict::Double),
            $count(RowVerdict::LeftOut),
            $assumed,
            $this->columns($sheet),
            array_map(static fn(SheetAside $aside): SheetAsideAnswer => new SheetAsideAnswer($aside->line, $aside->what, $aside->text), $sheet->table->asides),
            array_map(fn(int $row): TableRowReadAnswer => $this->row($read[$row], $alike), $shown),
        );
    }

    /** @return list<int> rows, the troubled ones first */
    private function shown(string $verdicts): array
    {
        $rows = [];
        foreach ([RowVerdict::Unreadable, RowVerdict::Double, RowVerdict::Good, RowVerdict::LeftOut] as $verdict) {
            for ($at = strpos($verdicts, $verdict->value); false !== $at && \count($rows) < self::SHOWN; $at = strpos($verdicts, $verdict->value, $at + 1)) {
                $rows[] = $at;
            }
        }

        return $rows;
    }

    /**
     * @param list<ReadRow> $shown
     *
     * @return array<string, int> how many rows say what a cell that is wrong says, by field and cell
     */
    private function alike(SheetRows $sheet, array $shown): array
    {
        $alike = [];
        foreach ($shown as $row) {
            foreach ($row->problems as $problem) {
                $alike[$problem->field . "\n" . ($row->cells[$problem->field] ?? '')] = 0;
            }
        }
        foreach ([] === $alike ? [] : array_keys($sheet->table->rows) as $i) {
            foreach ($sheet->cells($i) + array_fill_keys(
                array_map(static fn(string $key): string => explode("\n", $key)[0], array_keys($alike)),
                '',
            ) as $field => $cell) {
                $key = $field . "\n" . $cell;
                isset($alike[$key]) ? ++$alike[$key] : null;
            }
        }

        return $alike;
    }

    /** @return list<SheetColumnAnswer> */
    private function columns(SheetRows $sheet): array
    {
        $columns = [];
        foreach ($sheet->table->heads as $i => $head) {
            $said = array_filter(
                array_map(static fn(array $row): string => $row[$i], \array_slice($sheet->table->rows, 0, 40)),
                static fn(string $cell): bool => '' !== $cell,
            );
            if ('' === $head && [] === $said) {
                continue;
            }
            $field = $sheet->columns->fields[$i] ?? (\in_array($head, $sheet->columns->ignored, true) ? TableColumns::NOT_KEPT : self::NOTE);
            $columns[] = new SheetColumnAnswer(
                $i,
                $head,
                $field,
                mb_strimwidth(implode(', ', \array_slice(array_unique($said), 0, self::SAMPLED)), 0, 60, '…'),
            );
        }

        return $columns;
    }

    /** @param array<string, int> $alike */
    private function row(ReadRow $row, array $alike): TableRowReadAnswer
    {
        $reading = $row->row->reading;
        $places = implode(
            '; ',
            array_map(
                fn(array $at): string => $this->house->placeName(Place::ofKey($at['place'])) . (\count($row->row->places) > 1 ? ' ×' . $at['units'] : ''),
                $row->row->places,
            ),
        );
        $problems = array_map(static function (RowProblem $problem) use ($row, $alike): RowProblemAnswer {
            $cell = $row->cells[$problem->field] ?? '';

            return new RowProblemAnswer($problem->field, $problem->sentence, $cell, '' === $cell ? 1 : $alike[$problem->field . "\n" . $cell] ?? 1);
        }, $row->problems);
        $assumed = array_values(array_filter(
            array_map(static fn(Question $one): string => $one->assumed, $reading->assumed),
            static fn(string $one): bool => '' !== $one,
        ));

        return new TableRowReadAnswer(
            $row->line,
            $reading->name,
            $reading->kind,
            $reading->count,
            $reading->width?->tenths(),
            $reading->height?->tenths(),
            implode(', ', array_map(fn(ColourShare $share): string => $this->names->of($share->colour), $reading->colours)),
            $reading->costEach?->minor,
            $reading->care,
            $places,
            $problems,
            $row->like,
            $assumed,
            $row->isLeftOut,
        );
    }
}
