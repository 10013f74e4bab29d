<?php

declare(strict_types=1);

namespace App\Intake;

use App\Entity\Home;
use App\Entity\TableImport;
use App\Http\InvalidInput;
use BrightCupboard\Core\CoreException;
use BrightCupboard\Core\Intake\CsvTable;
use BrightCupboard\Core\Intake\PieceRowReader;
use BrightCupboard\Core\Intake\TableColumns;
use BrightCupboard\Core\Intake\TableOf;
use BrightCupboard\Core\Measure\LengthUnit;

/** A sheet as it stands after what was put right in it: which column is what, and the cells of each row by field. */
final readonly class SheetRows
{
    /** Says of a row that it is not to be taken in. */
    public const LEFT_OUT = 'left out';

    /**
     * @param array<int, list<array{field: string, cell: string}>> $ofLine
     * @param list<array{field: string, said: string, cell: string}> $alike
     */
    private function __construct(public CsvTable $table, public TableColumns $columns, private array $ofLine, private array $alike) {}

    public static function of(TableImport $import): self
    {
        return self::read((string) base64_decode($import->text(), true), $import->columns(), $import->mends());
    }

    /**
     * @param array<int, string>                                                     $columns
     * @param list<array{line: int|null, field: string, said: string, cell: string}> $mends
     */
    public static function read(string $text, array $columns = [], array $mends = []): self
    {
        try {
            $table = CsvTable::read($text);
            $known = TableColumns::of($table->heads, TableOf::Pieces, $columns);
        } catch (CoreException $refusal) {
            throw InvalidInput::at('file', $refusal->getMessage());
        }
        $ofLine = $alike = [];
        foreach ($mends as $mend) {
            if (null === $mend['line']) {
                $alike[] = $mend;
            } else {
                $ofLine[$mend['line']][] = $mend;
            }
        }

        return new self($table, $known, $ofLine, $alike);
    }

    public function count(): int
    {
        return \count($this->table->rows);
    }

    /** @return array<string, string> by field; “under” is the heading the row stands under */
    public function cells(int $row): array
    {
        $cells = $this->columns->cells($this->table->rows[$row]);
        if ('' !== $this->table->under[$row]) {
            $cells['under'] = $this->table->under[$row];
        }
        foreach ($this->alike as $mend) {
            if (($cells[$mend['field']] ?? '') === $mend['said']) {
                $cells[$mend['field']] = $mend['cell'];
            }
        }
        foreach ($this->ofLine[$this->table->lines[$row]] ?? [] as $mend) {
            $cells[$mend['field']] = $mend['cell'];
        }

        return $cells;
    }

    /** Days in a column, to see which way round they are written. */
    public function isDayFirst(Home $home): bool
    {
        $cells = array_map(fn(int $row): string => $this->cells($row)['came'] ?? '', array_keys($this->table->rows));

        return PieceRowReader::isDayFirst($cells) ?? LengthUnit::Centimetre === $home->unit();
    }
}
