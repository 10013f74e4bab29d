<?php

declare(strict_types=1);

namespace App\Calendar;

use App\Entity\Home;
use App\Entity\Spot;
use App\Repository\HouseRepository;
use BrightCupboard\Core\Calendar\Tradition;
use BrightCupboard\Core\Intake\Lexicon;
use Doctrine\DBAL\Connection;

/** What the words of a home mean in a tradition: spots, all spots of a room, a kind, pieces; the first that is called so. */
final readonly class KnownThings
{
    public function __construct(private HouseRepository $house, private Connection $db) {}

    /** @return array{'spots'|'kinds'|'pieces', list<string>}|null ids, or the value of the kind; null when nothing is called so */
    public function called(Home $home, string $words): ?array
    {
        $said = Tradition::plain($words);
        $isCalled = static fn(string $name): bool => \in_array(mb_strtolower($name), [$said, 'the ' . $said], true);
        $spots = $this->house->spots($home);
        $found = array_filter($spots, static fn(Spot $spot): bool => $isCalled($spot->name()));
        $found = [] === $found ? array_filter($spots, static fn(Spot $spot): bool => $isCalled($spot->room()->name())) : $found;
        if ([] !== $found) {
            return ['spots', array_values(array_map(static fn(Spot $spot): string => $spot->id(), $found))];
        }
        /** @var list<string> $pieces */
        $pieces = $this->db->fetchFirstColumn(
            'SELECT id FROM piece WHERE home_id = ? AND removed_at IS NULL AND name COLLATE NOCASE IN (?, ?)',
            [$home->id(), $said, trim($words)],
        );
        $kind = [] === $pieces ? Lexicon::kindNamed($said) : null;

        return match (true) {
            [] !== $pieces => ['pieces', $pieces],
            null !== $kind => ['kinds', [$kind[0]->value]],
            default => null,
        };
    }
}
