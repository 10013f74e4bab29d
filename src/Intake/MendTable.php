<?php

declare(strict_types=1);

namespace App\Intake;

use App\Entity\TableImport;
use App\Http\Body;
use App\Http\InvalidInput;
use BrightCupboard\Core\Intake\TableColumns;
use BrightCupboard\Core\Intake\TableOf;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Puts a sheet right where it stands, cell by cell or for all rows that say the same; only rows that change are read again. */
#[AsController]
final readonly class MendTable
{
    private const NOTE = 'note';
    private const MOST_MENDS = 20_000;

    public function __construct(private EntityManagerInterface $entities, private TableRows $rows, private ShowSheet $show) {}

    #[Route('/api/homes/{home}/tables/{table}/mends', methods: ['POST'])]
    public function __invoke(TableImport $table, #[Body] MendTableInput $input): TableReadAnswer
    {
        if ($table->done() > 0) {
            throw InvalidInput::at('cells', 'Rows of this sheet are in the cupboard already. Choose the file again to put the others right.');
        }
        $before = SheetRows::of($table);
        $table->mend($this->columns($table, $input), $this->mends($table, $input));
        $after = SheetRows::of($table);
        $changed = [] === $input->columns ? $this->changed($before, $after) : null;
        $read = $this->rows->judged($table->home(), $after, $changed);
        $verdicts = $table->verdicts();
        foreach ($read as $row => $one) {
            $verdicts[$row] = RowVerdict::of($one)->value;
        }
        $table->judge($verdicts);
        $this->entities->flush();

        return ($this->show)($table, $after, $read);
    }

    /** @return array<int, string> */
    private function columns(TableImport $table, MendTableInput $input): array
    {
        $columns = $table->columns();
        foreach ($input->columns as $choice) {
            $isField = isset(TableOf::Pieces->words()[$choice->field]);
            $columns[$choice->column] = match (true) {
                self::NOTE === $choice->field => 'care',
                $isField || TableColumns::NOT_KEPT === $choice->field => $choice->field,
                default => throw InvalidInput::at('columns', sprintf('“%s” is not a field of a piece.', $choice->field)),
            };
        }

        return $columns;
    }

    /** @return list<array{line: int|null, field: string, said: string, cell: string}> the latest last, which is what counts */
    private function mends(TableImport $table, MendTableInput $input): array
    {
        $mends = $table->mends();
        foreach ($input->cells as $cell) {
            if (SheetRows::LEFT_OUT === $cell->field && '' === $cell->cell) {
                $mends = array_values(array_filter(
                    $mends,
                    static fn(array $mend): bool => SheetRows::LEFT_OUT !== $mend['field'] || $mend['line'] !== $cell->line,
                ));
                continue;
            }
            $mends[] = ['line' => $cell->line, 'field' => $cell->field, 'said' => $cell->said, 'cell' => $cell->cell];
        }

        return \count($mends) <= self::MOST_MENDS ? $mends : throw InvalidInput::at('cells', 'So much is put right better in the file itself.');
    }

    /** @return list<int> */
    private function changed(SheetRows $before, SheetRows $after): array
    {
        return array_values(array_filter(array_keys($after->table->rows), static fn(int $row): bool => $before->cells($row) !== $after->cells($row)));
    }
}
