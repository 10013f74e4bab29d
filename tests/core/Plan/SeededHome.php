<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Plan;

use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Day\DaySpot;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Plan\Choice;
use BrightCupboard\Core\Plan\Intent;
use BrightCupboard\Core\Stock\Place;
use BrightCupboard\Core\Stock\PlaceKind;
use BrightCupboard\Core\Stock\Whereabouts;
use BrightCupboard\Core\Storage\StoredTote;
use BrightCupboard\Core\Surface\SeenFrom;
use BrightCupboard\Core\Surface\Spot;
use BrightCupboard\Core\Surface\SpotKind;
use BrightCupboard\Tests\Core\Support\Make;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A random home in the middle of a plan, from a seed: pieces over spots, totes and elsewhere, and what is wanted of each. */
final readonly class SeededHome
{
    /** @var list<DaySpot> */
    public array $spots;
    /** @var list<StoredTote> */
    public array $totes;
    public Whereabouts $now;
    /** @var list<Intent> */
    public array $intents;

    public function __construct(int $seed)
    {
        $random = new Randomizer(new Mt19937($seed));
        $this->spots = array_map(
            static fn(int $i): DaySpot => new DaySpot(
                new Spot(
                    's' . $i,
                    'Spot ' . $i,
                    SpotKind::Shelf,
                    Length::ofInches(40),
                    Length::ofInches(10),
                    Length::ofInches(30),
                    null,
                    SeenFrom::Front,
                    [],
                    Srgb::ofHex('#FFFFFF'),
                    [],
                ),
                'Room ' . intdiv($i, 2),
                intdiv($i, 2),
                $i,
            ),
            range(0, $random->getInt(1, 7)),
        );
        $this->totes = array_map(
            static fn(int $i): StoredTote => new StoredTote('t' . $i, 'T' . $i, 0 === $i % 2 ? 'attic' : 'cellar', Make::size($random->getInt(8, 30), 16, 14)),
            range(0, $random->getInt(0, 4)),
        );
        $units = $intents = [];
        for ($p = 0; $p < $random->getInt(1, 25); ++$p) {
            $count = $random->getInt(1, 6);
            $piece = Make::piece(
                'p' . $p,
                width: $random->getInt(2, 12),
                height: $random->getInt(2, 14),
                count: $count,
                grams: 0 === $random->getInt(0, 9) ? 12_000 : 800,
            );
            for ($u = 0; $u < $count; ++$u) {
                $place = $this->anyPlace($random)->key();
                $units[$piece->id][$place] = ($units[$piece->id][$place] ?? 0) + 1;
            }
            $placed = [];
            for ($u = $random->getInt(0, $count + 1); $u > 0 && 0 === $random->getInt(0, 1); --$u) {
                $spot = $this->spots[$random->getInt(0, \count($this->spots) - 1)]->spot->id;
                $placed[$spot] = ($placed[$spot] ?? 0) + 1;
            }
            $choice = [null, ...Choice::cases()][$random->getInt(0, 5)];
            $intents[] = new Intent($piece, $choice, $placed, 0 === $random->getInt(0, 1) ? 't0' : null);
        }
        $this->now = new Whereabouts($units);
        $this->intents = $intents;
    }

    /** @return array<string, string> piece id => name, for messages */
    public function count(string $piece): int
    {
        return $this->now->count($piece);
    }

    private function anyPlace(Randomizer $random): Place
    {
        return match ($random->getInt(0, 9)) {
            0 => Place::of(PlaceKind::Loose),
            1 => Place::of(PlaceKind::Arrived),
            2 => Place::of([PlaceKind::Lent, PlaceKind::Lost, PlaceKind::Parted, PlaceKind::Table][$random->getInt(0, 3)]),
            3, 4, 5 => Place::spot($this->spots[$random->getInt(0, \count($this->spots) - 1)]->spot->id),
            default => Place::tote($this->totes[$random->getInt(0, \count($this->totes) - 1)]->id),
        };
    }
}
