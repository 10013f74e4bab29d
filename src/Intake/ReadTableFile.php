<?php

declare(strict_types=1);

namespace App\Intake;

use App\Entity\Home;
use App\Entity\TableImport;
use App\Http\Body;
use App\Http\InvalidInput;
use App\Repository\HouseRepository;
use BrightCupboard\Core\Stock\Place;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Looks a table through and keeps its text, so that it can be taken in afterwards; no piece is stored. */
#[AsController]
final readonly class ReadTableFile
{
    private const SHOWN = 200;

    public function __construct(private EntityManagerInterface $entities, private TableRows $rows, private HouseRepository $house, private ClockInterface $clock) {}

    #[Route('/api/homes/{home}/tables', methods: ['POST'], defaults: ['_status' => 201])]
    public function __invoke(Home $home, #[Body] TableInput $input): TableReadAnswer
    {
        $text = base64_decode($input->base64, true);
        if (false === $text) {
            throw InvalidInput::at('file', 'The file did not arrive whole. Try again.');
        }
        ['ignored' => $ignored, 'rows' => $rows] = $this->rows->of($home, $text);
        $verdicts = implode('', array_map(static fn(ReadRow $row): string => RowVerdict::of($row)->value, $rows));
        $this->entities->persist($import = new TableImport($home, base64_encode($text), $verdicts, $this->clock->now()));
        $this->entities->flush();
        [$bad, $doubles, $good] = array_map(static fn(RowVerdict $verdict): array => array_values(array_filter($rows, static fn(ReadRow $row): bool => $verdict === RowVerdict::of($row))), [RowVerdict::Unreadable, RowVerdict::Double, RowVerdict::Good]);
        $shown = \array_slice([...$bad, ...$doubles, ...$good], 0, self::SHOWN);

        return new TableReadAnswer($import->id(), \count($rows), \count($good), \count($bad), \count($doubles), $ignored, array_map($this->view(...), $shown));
    }

    private function view(ReadRow $row): TableRowReadAnswer
    {
        $reading = $row->row->reading;
        $places = implode('; ', array_map(fn(array $at): string => $this->house->placeName(Place::ofKey($at['place'])), $row->row->places));

        return new TableRowReadAnswer($row->line, $reading->name, $reading->kind, $reading->count, $places, $row->problems, $row->like);
    }
}
