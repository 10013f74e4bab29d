<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Http\InvalidInput;
use App\Http\Violation;
use App\Journal\Journal;
use BrightCupboard\Core\CoreException;
use BrightCupboard\Core\Intake\CsvTable;
use BrightCupboard\Core\Intake\InvalidTable;
use BrightCupboard\Core\Intake\TableColumns;
use BrightCupboard\Core\Intake\TableOf;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Validator\ConstraintViolationInterface;
use Symfony\Component\Validator\Validator\ValidatorInterface;

/**
 * Takes a list of things in from a CSV file, or says row by row what would come of it.
 *
 * Looking through does all that taking in does and takes it back, so that what it says is what would happen.
 */
final readonly class TakeList
{
    private const MOST_ROWS = 500;
    private const COLUMNS = [
        'width' => 'Width', 'depth' => 'Depth', 'height' => 'Height', 'mostWeight' => 'Most weight', 'packPrice' => 'Price',
        'offerValue' => 'Offer',
    ];

    public function __construct(private EntityManagerInterface $entities, private ValidatorInterface $validator, private Journal $journal) {}

    /**
     * @template T of object
     *
     * @param \Closure(array<string, string>): string                $known what a row names that is there already; empty for a new one
     * @param \Closure(array<string, string>): T                     $read  cells by field as what would be typed on the page
     * @param \Closure(T): array{id: string, detail: string}         $keep
     */
    public function __invoke(ListFileInput $input, TableOf $of, \Closure $known, \Closure $read, \Closure $keep): ListReadAnswer
    {
        [$table, $columns] = $this->table($input, $of);
        $db = $this->entities->getConnection();
        $db->beginTransaction();
        $rows = $ids = [];
        foreach ($table->rows as $i => $row) {
            $cells = $columns->cells($row);
            $rows[] = $view = $this->row($table->lines[$i], $cells, $cells[$of->key()] ?? '', $known($cells), $read, $keep, $ids);
        }
        $bad = \count(array_filter($rows, static fn(ListRowAnswer $row): bool => [] !== $row->problems));
        $isKept = $input->keep && (0 === $bad || $input->leaveOutBad);
        $isKept ? $db->commit() : $db->rollBack();
        if ($isKept) {
            $this->journal->say(sprintf('%d %s taken in', \count($ids), $of->counted(\count($ids))));
        } else {
            $this->entities->clear();
            $this->journal->forget();
        }
        if ($input->keep && !$isKept) {
            throw InvalidInput::at(
                'leaveOutBad',
                sprintf('%d of %d rows cannot be taken in. Mend the file, or say that they are to be left out.', $bad, \count($rows)),
            );
        }
        $knownRows = \count(array_filter($rows, static fn(ListRowAnswer $row): bool => '' !== $row->known));

        return new ListReadAnswer($rows, \count($ids), $knownRows, $bad, $columns->ignored, $isKept ? $ids : []);
    }

    /** @return array{CsvTable, TableColumns} */
    private function table(ListFileInput $input, TableOf $of): array
    {
        $text = base64_decode($input->base64, true);
        if (false === $text) {
            throw InvalidInput::at('file', 'The file did not arrive whole. Try again.');
        }
        try {
            $table = CsvTable::read($text, $of);
            $columns = TableColumns::of($table->heads, $of);
            if (!$columns->hasKey($of)) {
                throw InvalidTable::withoutKey($of->key(), $table->heads);
            }
        } catch (CoreException $refusal) {
            throw InvalidInput::at('file', $refusal->getMessage());
        }

        return \count($table->rows) <= self::MOST_ROWS
            ? [$table, $columns]
            : throw InvalidInput::at(
                'file',
                sprintf('The file has %d rows; at most %d can be taken in at once. Split it.', \count($table->rows), self::MOST_ROWS),
            );
    }

    /**
     * @template T of object
     *
     * @param array<string, string>                          $cells
     * @param \Closure(array<string, string>): T             $read
     * @param \Closure(T): array{id: string, detail: string} $keep
     * @param list<string>                                   $ids   of what was stored
     */
    private function row(int $line, array $cells, string $title, string $known, \Closure $read, \Closure $keep, array &$ids): ListRowAnswer
    {
        if ('' !== $known) {
            return new ListRowAnswer($line, $title, '', $known, []);
        }
        try {
            $thing = $read($cells);
            $problems = array_map(
                static fn(ConstraintViolationInterface $violation): string => (string) $violation->getMessage(),
                iterator_to_array($this->validator->validate($thing), false),
            );
            if ([] !== $problems) {
                return new ListRowAnswer($line, $title, '', '', $problems);
            }
            ['id' => $ids[], 'detail' => $detail] = $keep($thing);

            return new ListRowAnswer($line, $title, $detail, '', []);
        } catch (InvalidInput $refusal) {
            return new ListRowAnswer($line, $title, '', '', array_values(array_unique(array_map(self::sentence(...), $refusal->violations))));
        }
    }

    /** A refused measure or price says what was written and not where. */
    private static function sentence(Violation $violation): string
    {
        return isset(self::COLUMNS[$violation->field]) && str_starts_with($violation->message, '“')
            ? sprintf('%s: %s', self::COLUMNS[$violation->field], $violation->message)
            : $violation->message;
    }
}
