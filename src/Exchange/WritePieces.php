<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Entity\Home;
use App\Http\FileAnswer;
use App\Repository\Catalogue;
use App\Repository\HouseRepository;
use App\Repository\StandingRepository;
use BrightCupboard\Core\Stock\Place;
use BrightCupboard\Core\Stock\PlaceKind;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** All pieces of a home as a CSV file. Every thing is in it once: units that are parts of an arrangement are written with it, not by themselves. */
#[AsController]
final readonly class WritePieces
{
    public function __construct(private Catalogue $catalogue, private StandingRepository $standing, private HouseRepository $house) {}

    #[Route('/api/homes/{home}/pieces.csv', methods: ['GET'])]
    public function __invoke(Home $home): FileAnswer
    {
        return new FileAnswer($this->text($home), 'text/csv; charset=utf-8', $home->name() . ' pieces.csv');
    }

    /** The file itself. */
    public function text(Home $home): string
    {
        $names = [];
        foreach ($this->house->totes($home) as $tote) {
            $names[Place::tote($tote->id())->key()] = $tote->code();
        }
        foreach ($this->house->spots($home) as $spot) {
            $names[Place::spot($spot->id())->key()] = $spot->name();
        }
        $now = $this->standing->whereabouts($home);
        $records = $this->catalogue->records($home);
        $table = new PieceTable($home->unit());
        $rows = [];
        foreach ($this->catalogue->of($home) as $id => $entry) {
            $places = [];
            $count = 0;
            foreach ($now->of($id) as $key => $units) {
                if (PlaceKind::Within !== Place::ofKey($key)->kind) {
                    $places[] = sprintf('%s ×%d', $names[$key] ?? $key, $units);
                    $count += $units;
                }
            }
            if ($count > 0) {
                $rows[] = $table->row($entry->piece, $count, $records[$id], $places);
            }
        }

        return WriteTable::csv(PieceTable::HEADS, $rows);
    }
}
