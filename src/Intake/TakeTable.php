<?php

declare(strict_types=1);

namespace App\Intake;

use App\Entity\Person;
use App\Entity\TableImport;
use App\Http\Body;
use App\Http\InvalidInput;
use App\Journal\Journal;
use BrightCupboard\Core\Stock\Place;
use BrightCupboard\Core\Stock\PlaceKind;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** Takes the next rows of a table into the cupboard; nothing of a table with a bad row is stored unless told to leave it out. */
#[AsController]
final readonly class TakeTable
{
    public function __construct(private EntityManagerInterface $entities, private TableRows $rows, private KeepReading $keep, private Journal $journal) {}

    #[Route('/api/homes/{home}/tables/{table}', methods: ['PUT'])]
    public function __invoke(TableImport $table, #[Body] TakeTableInput $input, #[CurrentUser] Person $by): TableProgressAnswer
    {
        $verdicts = $table->verdicts();
        $bad = substr_count($verdicts, RowVerdict::Unreadable->value);
        if ($bad > 0 && !$input->leaveOutBad) {
            throw InvalidInput::at(
                'leaveOutBad',
                sprintf('%d of %d rows cannot be taken in. Put them right where they stand, or say that they are to be left out.', $bad, \strlen($verdicts)),
            );
        }
        $next = $this->rows->some($table->home(), SheetRows::of($table), $table->done(), $input->most);
        $made = [];
        foreach ($next as $i => $row) {
            $verdict = RowVerdict::from($verdicts[$table->done() + $i]);
            if (RowVerdict::Good === $verdict || (RowVerdict::Double === $verdict && !$input->leaveOutDoubles)) {
                $made[] = $this->store($table, $row, $by->name());
            }
        }
        $table->advance($table->done() + \count($next), $made);
        $this->journal->say(sprintf('%d %s taken in from a sheet', \count($made), 1 === \count($made) ? 'piece is' : 'pieces are'));
        $this->entities->flush();

        return new TableProgressAnswer($table->id(), $table->done(), \strlen($verdicts), \count($table->made()));
    }

    private function store(TableImport $table, ReadRow $row, string $by): string
    {
        if ([] !== $row->problems) {
            throw InvalidInput::at(
                'file',
                sprintf(
                    'Row %d could be read before, and now cannot: %s Choose the file again.',
                    $row->line,
                    implode(' ', array_column($row->problems, 'sentence')),
                ),
            );
        }
        $read = $row->row;
        $places = [] === $read->places
            ? [['place' => Place::of(PlaceKind::Loose), 'units' => $read->reading->count]]
            : array_map(static fn(array $at): array => ['place' => Place::ofKey($at['place']), 'units' => $at['units']], $read->places);
        $piece = $this->keep->asPiece(
            $table->home(),
            $read->reading,
            $read->reading->colours,
            $places,
            $by,
            $read->replacementEach,
            $read->cameOn,
            $row->makeup,
        );

        return $piece->id();
    }
}
