<?php

declare(strict_types=1);

namespace App\UseCase\Exchange;

use App\Entity\Home;
use App\Repository\Catalogue;
use App\Repository\HouseRepository;
use App\Repository\StandingRepository;
use BrightCupboard\Core\Stock\Place;

/** All pieces of a home as a CSV file. */
final readonly class WritePieces
{
    public function __construct(private Catalogue $catalogue, private StandingRepository $standing, private HouseRepository $house) {}

    public function __invoke(Home $home): string
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
            foreach ($now->of($id) as $key => $units) {
                $places[] = sprintf('%s ×%d', $names[$key] ?? $key, $units);
            }
            $rows[] = $table->row($entry->piece, $records[$id], $places);
        }

        return WriteTable::csv(PieceTable::HEADS, $rows);
    }
}
