<?php

declare(strict_types=1);

namespace App\Tests\Support;

use App\Exchange\HomeTables;
use BrightCupboard\Core\Stock\Finish;
use BrightCupboard\Core\Stock\Material;
use BrightCupboard\Core\Stock\PieceKind;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Uid\Ulid;

/**
 * Home documents by seed: rooms, spots, totes and pieces with units in several places and in arrangements, names
 * in several scripts, faces, parts and rolls.
 */
final class SeededDocument
{
    private const NAMES = ['Jug', 'Wreath “old”', 'مزهرية', '花瓶', 'Nest 🪺', "Aunt's \\ bell", 'Åre/Ø <b>'];

    private readonly Randomizer $random;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    public function text(): string
    {
        $rooms = $spots = $totes = $pieces = $standings = [];
        for ($i = 0; $i < $this->random->getInt(1, 3); ++$i) {
            $rooms[] = $room = ['id' => (string) new Ulid(), 'name' => $this->name() . $i, 'round' => $i, 'removedAt' => null, 'version' => 1];
            $spots[] = [
                'id' => (string) new Ulid(), 'room' => $room['id'], 'name' => $this->name(), 'kind' => 'mantel',
                'width' => $this->random->getInt(100, 20_000), 'depth' => 2000, 'ledgeHeight' => 0, 'clearHeight' => 0 === $i ? null : 7001,
                'seenFrom' => 'front', 'keepClear' => [], 'wall' => '#F6F4EE', 'hazards' => ['heat'], 'focalRank' => $i,
                'assumed' => 0 === $i ? ['depth'] : [], 'tiers' => 0 === $i ? [] : [3000, 3500], 'tableShape' => 'rectangular',
                'seats' => 0, 'rise' => 0 === $i ? null : 900, 'posts' => $i, 'belowWidth' => null, 'belowTop' => null,
                'note' => 0 === $i ? 'flue behind, “warm”' : '', 'cover' => 0 === $i ? '#59626B' : null,
                'school' => 0 === $i ? 'centred' : null, 'mood' => 0 === $i ? 40 : null, 'overruled' => 0 === $i ? ['groups.odd'] : [],
                'ribbons' => [], 'removedAt' => null, 'version' => $i + 1,
            ];
            $totes[] = [
                'id' => (string) new Ulid(), 'code' => 'T' . $i, 'place' => $this->name(), 'width' => 5001, 'depth' => 4000,
                'height' => 3000, 'conditions' => ['damp'], 'mostGrams' => null, 'isMeasured' => $i % 2, 'removedAt' => null,
                'version' => 1,
            ];
        }
        for ($i = 0; $i < $this->random->getInt(1, 12); ++$i) {
            $pieces[] = $piece = $this->piece($i, $totes[0]['id']);
            $here = $this->random->getInt(0, $piece['count']);
            $part = 0 < $i && $here < $piece['count'] ? 1 : 0;
            $places = array_filter([
                'loose' => $piece['count'] - $here - $part,
                'tote:' . $totes[$i % \count($totes)]['id'] => $here,
                'within:' . $pieces[max(0, $i - 1)]['id'] => $part,
            ]);
            ksort($places);
            foreach ($places as $place => $count) {
                $standings[] = ['piece' => $piece['id'], 'place' => $place, 'count' => $count];
            }
        }
        $lists = [
            'rooms' => $rooms,
            'spots' => $spots,
            'totes' => $totes,
            'pieces' => $pieces,
            'standings' => $standings,
        ] + array_fill_keys(array_keys(HomeTables::LISTS), []);
        $document = [
            'format' => 'bright-cupboard-home',
            'version' => 1,
            'home' => ['name' => 'Seeded ' . $this->name(), 'unit' => 'cm', 'currency' => '€', 'giftMoney' => 'apart'],
        ];
        foreach (array_keys(HomeTables::LISTS) as $name) {
            $document[$name] = $lists[$name];
        }

        return json_encode($document, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRETTY_PRINT) . "\n";
    }

    /** @return array<string, mixed>&array{id: string, count: int} */
    private function piece(int $i, string $tote): array
    {
        $pick = fn(array $cases): string => (string) $cases[$this->random->getInt(0, \count($cases) - 1)]->value;
        $share = $this->random->getInt(1, 99);
        $colours = [['hex' => sprintf('#%06X', $this->random->getInt(0, 0xFFFFFF)), 'percent' => $share], ['hex' => '#112233', 'percent' => 100 - $share]];

        return [
            'id' => (string) new Ulid(),
            'name' => $this->name(),
            'kind' => $pick(PieceKind::cases()),
            'count' => $this->random->getInt(1, 9),
            'width' => $this->random->getInt(1, 9999),
            'depth' => $this->random->getInt(0, 999),
            'height' => $this->random->getInt(1, 9999),
            'weight' => $this->random->getInt(0, 5000),
            'colours' => $colours,
            'materials' => [$pick(Material::cases())],
            'finish' => $pick(Finish::cases()),
            'seasons' => 0 === $i % 2 ? [] : ['winter'],
            'hazards' => [],
            'shape' => '',
            'pattern' => '',
            'origin' => '',
            'costEach' => $this->random->getInt(0, 99_999),
            'replacementEach' => 0,
            'cameOn' => '2025-02-28',
            'care' => $this->name(),
            'faces' => 0 === $i % 3 ? [['name' => 'other', 'seasons' => [], 'colours' => $colours]] : [],
            'parts' => 0 === $i % 4 ? [
                [
                    'name' => 'stem',
                    'kind' => 'bunch',
                    'count' => 3,
                    'width' => 10,
                    'depth' => 10,
                    'height' => 300,
                    'hex' => '#336633',
                    'material' => 'dried stems',
                ],
            ] : [],
            'setName' => '',
            'setOf' => 0,
            'laidOut' => 0 === $i % 3 ? $this->random->getInt(1, 99_999) : null,
            'photoAt' => null,
            'assumed' => 0 === $i % 2 ? ['size'] : [],
            'ownTote' => 0 === $i % 2 ? $tote : null,
            'gotFor' => null,
            'removedAt' => null,
            'version' => 1,
        ];
    }

    private function name(): string
    {
        return self::NAMES[$this->random->getInt(0, \count(self::NAMES) - 1)];
    }
}
