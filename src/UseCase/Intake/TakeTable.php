<?php

declare(strict_types=1);

namespace App\UseCase\Intake;

use App\Entity\Person;
use App\Entity\TableImport;
use App\Http\InvalidInput;
use App\Input\TakeTableInput;
use App\View\Intake\TableProgressView;
use BrightCupboard\Core\Stock\Place;
use BrightCupboard\Core\Stock\PlaceKind;
use Doctrine\ORM\EntityManagerInterface;

/** Takes the next rows of a table into the cupboard; nothing of a table with a bad row is stored unless told to leave it out. */
final readonly class TakeTable
{
    public function __construct(private EntityManagerInterface $entities, private TableRows $rows, private KeepReading $keep) {}

    public function __invoke(TableImport $import, TakeTableInput $input, Person $by): TableProgressView
    {
        $verdicts = $import->verdicts();
        $bad = substr_count($verdicts, RowVerdict::Unreadable->value);
        if ($bad > 0 && !$input->leaveOutBad) {
            throw InvalidInput::at('leaveOutBad', sprintf('%d of %d rows cannot be taken in. Mend the file, or say that they are to be left out.', $bad, \strlen($verdicts)));
        }
        $next = $this->rows->some($import->home(), (string) base64_decode($import->text(), true), $import->done(), $input->most);
        $this->entities->wrapInTransaction(function () use ($import, $input, $next, $verdicts, $by): void {
            $made = [];
            foreach ($next as $i => $row) {
                $verdict = RowVerdict::from($verdicts[$import->done() + $i]);
                if (RowVerdict::Good === $verdict || (RowVerdict::Double === $verdict && !$input->leaveOutDoubles)) {
                    $made[] = $this->store($import, $row, $by->name());
                }
            }
            $import->advance($import->done() + \count($next), $made);
        });

        return new TableProgressView($import->id(), $import->done(), \strlen($verdicts), \count($import->made()));
    }

    private function store(TableImport $import, ReadRow $row, string $by): string
    {
        if ([] !== $row->problems) {
            throw InvalidInput::at('file', sprintf('Row %d could be read before, and now cannot: %s Choose the file again.', $row->line, implode(' ', $row->problems)));
        }
        $read = $row->row;
        $places = [] === $read->places ? [['place' => Place::of(PlaceKind::Loose), 'units' => $read->reading->count]] : array_map(static fn(array $at): array => ['place' => Place::ofKey($at['place']), 'units' => $at['units']], $read->places);
        $piece = $this->keep->asPiece($import->home(), $read->reading, $read->reading->colours, $places, $by, $read->replacementEach, $read->cameOn, $row->makeup);

        return $piece->id();
    }
}
