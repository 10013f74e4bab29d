<?php

declare(strict_types=1);

namespace App\Intake;

use App\Entity\Home;
use App\Exchange\PieceTable;
use App\Http\InvalidInput;
use App\Repository\Catalogue;
use App\Repository\CatalogueEntry;
use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\CoreException;
use BrightCupboard\Core\Intake\CsvTable;
use BrightCupboard\Core\Intake\PieceRow;
use BrightCupboard\Core\Intake\PieceRowReader;
use BrightCupboard\Core\Intake\TableColumns;
use BrightCupboard\Core\Stock\Makeup;
use BrightCupboard\Core\Stock\Piece;

/** The rows of a table as pieces, each with what is wrong with it and what owned piece it looks like. */
final readonly class TableRows
{
    public function __construct(private KnownPlaces $known, private Catalogue $catalogue, private ColourNames $names, private KeepReading $keep) {}

    /** @return array{ignored: list<string>, rows: list<ReadRow>} */
    public function of(Home $home, string $text): array
    {
        $owned = new OwnedPieces(array_map(static fn(CatalogueEntry $entry): Piece => $entry->piece, $this->catalogue->of($home)));

        return $this->read($home, $text, 0, null, $owned);
    }

    /** @return list<ReadRow> so many rows from one on, not compared with what is owned */
    public function some(Home $home, string $text, int $from, int $most): array
    {
        return $this->read($home, $text, $from, $most, null)['rows'];
    }

    /** @return array{ignored: list<string>, rows: list<ReadRow>} */
    private function read(Home $home, string $text, int $from, ?int $most, ?OwnedPieces $owned): array
    {
        try {
            $table = CsvTable::read($text);
            $columns = TableColumns::of($table->heads);
        } catch (CoreException $refusal) {
            throw InvalidInput::at('file', $refusal->getMessage());
        }
        $reader = new PieceRowReader($home->unit(), $this->known->of($home), $this->names);
        $rows = [];
        foreach (\array_slice($table->rows, $from, $most, true) as $i => $cells) {
            $rows[] = $this->row($table->lines[$i], $reader->read($columns->cells($cells)), $owned);
        }

        return ['ignored' => $columns->ignored, 'rows' => $rows];
    }

    private function row(int $line, PieceRow $row, ?OwnedPieces $owned): ReadRow
    {
        $problems = $row->problems;
        $makeup = new Makeup();
        $piece = null;
        if ([] === $problems) {
            try {
                $makeup = PieceTable::makeup($row);
                $piece = $this->keep->core('row-' . $line, $row->reading, $row->reading->colours);
            } catch (CoreException $refusal) {
                $problems[] = $refusal->getMessage();
            }
        }

        return new ReadRow($line, $row, $problems, $makeup, null === $piece || null === $owned ? '' : $owned->like($piece));
    }
}
