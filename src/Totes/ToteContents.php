<?php

declare(strict_types=1);

namespace App\Totes;

use App\Entity\Home;
use App\Entity\Tote;
use App\Repository\Catalogue;
use App\Repository\StandingRepository;
use BrightCupboard\Core\Stock\Place;
use BrightCupboard\Core\Storage\Stored;

/** What lies in totes, as the core looks at it. */
final readonly class ToteContents
{
    public function __construct(private Catalogue $catalogue, private StandingRepository $standing) {}

    /** @return array<string, list<Stored>> by tote id, in order of name */
    public function ofHome(Home $home): array
    {
        $now = $this->standing->whereabouts($home);
        $contents = [];
        foreach ($this->catalogue->of($home) as $id => $entry) {
            foreach ($now->of($id) as $key => $units) {
                if (str_starts_with($key, 'tote:')) {
                    $contents[(string) Place::ofKey($key)->id][] = new Stored($entry->piece, $units);
                }
            }
        }

        return $contents;
    }

    /** @return list<Stored> */
    public function of(Tote $tote): array
    {
        return $this->ofHome($tote->home())[$tote->id()] ?? [];
    }
}
