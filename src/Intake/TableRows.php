<?php

declare(strict_types=1);

namespace App\Intake;

use App\Entity\Home;
use App\Exchange\PieceTable;
use App\Repository\Catalogue;
use App\Repository\CatalogueEntry;
use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\CoreException;
use BrightCupboard\Core\Intake\PieceRow;
use BrightCupboard\Core\Intake\PieceRowReader;
use BrightCupboard\Core\Intake\RowProblem;
use BrightCupboard\Core\Stock\Makeup;
use BrightCupboard\Core\Stock\Piece;

/** The rows of a sheet as pieces, each with what is wrong with it and what owned piece it looks like. */
final readonly class TableRows
{
    public function __construct(private KnownPlaces $known, private Catalogue $catalogue, private ColourNames $names, private KeepReading $keep) {}

    /**
     * @param list<int>|null $which rows from 0 on; null for all
     *
     * @return array<int, ReadRow> by row, each compared with what is owned and with the rows read before it
     */
    public function judged(Home $home, SheetRows $sheet, ?array $which = null): array
    {
        $owned = new OwnedPieces(array_map(static fn(CatalogueEntry $entry): Piece => $entry->piece, $this->catalogue->of($home)));

        return $this->read($home, $sheet, $which ?? array_keys($sheet->table->rows), $owned);
    }

    /** @return list<ReadRow> so many rows from one on, not compared with what is owned */
    public function some(Home $home, SheetRows $sheet, int $from, int $most): array
    {
        return array_values($this->read($home, $sheet, \array_slice(array_keys($sheet->table->rows), $from, $most), null));
    }

    /**
     * @param list<int> $which
     *
     * @return array<int, ReadRow>
     */
    private function read(Home $home, SheetRows $sheet, array $which, ?OwnedPieces $owned): array
    {
        $reader = new PieceRowReader($home->unit(), $this->known->of($home), $this->names, $sheet->isDayFirst($home), $home->currency());
        $rows = [];
        foreach ($which as $i) {
            $cells = $sheet->cells($i);
            $rows[$i] = $this->row($sheet->table->lines[$i], $cells, $reader->read($cells), $owned);
        }

        return $rows;
    }

    /** @param array<string, string> $cells */
    private function row(int $line, array $cells, PieceRow $row, ?OwnedPieces $owned): ReadRow
    {
        $problems = $row->problems;
        $makeup = new Makeup();
        $piece = null;
        if ([] === $problems) {
            try {
                $makeup = PieceTable::makeup($row);
                $piece = $this->keep->core('row-' . $line, $row->reading, $row->reading->colours);
            } catch (CoreException $refusal) {
                $problems[] = new RowProblem('parts', $refusal->getMessage());
            }
        }

        return new ReadRow(
            $line,
            $cells,
            $row,
            $problems,
            $makeup,
            null === $piece || null === $owned ? '' : $owned->like($piece),
            isset($cells[SheetRows::LEFT_OUT]),
        );
    }
}
