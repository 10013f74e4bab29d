<?php

declare(strict_types=1);

namespace App\Demo;

use App\Entity\Home;
use App\Entity\Person;
use App\Entity\TableImport;
use App\Exchange\WritePieces;
use App\Intake\ReadTableFile;
use App\Intake\TableInput;
use App\Intake\TableProgressAnswer;
use App\Intake\TakeTable;
use App\Intake\TakeTableInput;
use Doctrine\ORM\EntityManagerInterface;

/**
 * Takes all pieces of a home in once more by way of CSV, in the steps of the page: looked through once, then 500
 * rows at a time. Rows whose spot shares its name with another are left out.
 */
final readonly class BenchTable
{
    private const AT_A_TIME = 500;

    public function __construct(private EntityManagerInterface $entities, private WritePieces $write, private ReadTableFile $read, private TakeTable $take) {}

    public function file(Home $home): TableInput
    {
        return new TableInput(base64_encode($this->write->text($home)));
    }

    public function takeIn(Home $home, TableInput $file): TableProgressAnswer
    {
        $by = new Person('bench@ferry-house.example', 'Bench');
        $id = ($this->read)($home, $file)->id;
        do {
            $this->entities->clear();
            $import = $this->entities->find(TableImport::class, $id) ?? throw new \LogicException('The table is kept.');
            $progress = ($this->take)($import, new TakeTableInput(true, false, self::AT_A_TIME), $by);
        } while ($progress->done < $progress->rows);

        return $progress;
    }
}
