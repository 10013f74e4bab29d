<?php

declare(strict_types=1);

namespace App\Intake;

use App\Entity\Home;
use App\Entity\TableImport;
use App\Http\Body;
use App\Http\InvalidInput;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Looks a sheet through and keeps its text, so that it can be put right and taken in afterwards; no piece is stored. */
#[AsController]
final readonly class ReadTableFile
{
    public function __construct(private EntityManagerInterface $entities, private TableRows $rows, private ShowSheet $show, private ClockInterface $clock) {}

    #[Route('/api/homes/{home}/tables', methods: ['POST'], defaults: ['_status' => 201])]
    public function __invoke(Home $home, #[Body] TableInput $input): TableReadAnswer
    {
        $text = base64_decode($input->base64, true);
        if (false === $text) {
            throw InvalidInput::at('file', 'The file did not arrive whole. Try again.');
        }
        $sheet = SheetRows::read($text);
        $read = $this->rows->judged($home, $sheet);
        $this->entities->persist($import = new TableImport(
            $home,
            base64_encode($text),
            implode('', array_map(static fn(ReadRow $row): string => RowVerdict::of($row)->value, $read)),
            $this->clock->now(),
        ));
        $this->entities->flush();

        return ($this->show)($import, $sheet, $read);
    }
}
