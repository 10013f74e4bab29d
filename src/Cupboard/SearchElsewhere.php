<?php

declare(strict_types=1);

namespace App\Cupboard;

use App\Entity\Home;
use App\Repository\HouseRepository;
use App\Totes\ToteContents;
use BrightCupboard\Core\Search\TitleQuery;
use BrightCupboard\Core\Storage\ToteCheck;
use Doctrine\DBAL\Connection;

/** Totes, spots, looks, notes, lines of the haul and swaps that go by the words of a question. */
final readonly class SearchElsewhere
{
    private const MOST = 12;
    /** What, id, title, detail, swap; removed things and lines that fell away are left out. */
    private const ROWS = <<<'SQL'
        SELECT 'tote', id, 'Tote ' || code, place, NULL FROM tote WHERE home_id = :home AND removed_at IS NULL
        UNION ALL SELECT 'spot', s.id, s.name, s.kind || ', ' || r.name, NULL FROM spot s JOIN room r ON r.id = s.room_id
            WHERE r.home_id = :home AND s.removed_at IS NULL
        UNION ALL SELECT 'look', id, name, '', NULL FROM look WHERE home_id = :home AND removed_at IS NULL
        UNION ALL SELECT 'swap', id, name, season, NULL FROM swap WHERE home_id = :home
        UNION ALL SELECT 'note', n.id, n.text, w.name, w.id FROM note n JOIN swap w ON w.id = n.swap_id WHERE w.home_id = :home AND n.removed_at IS NULL
        UNION ALL SELECT 'line', l.id, l.name, l.state || ', ' || w.name, w.id FROM haul_line l JOIN swap w ON w.id = l.swap_id
            WHERE w.home_id = :home AND l.state <> 'dropped'
        SQL;

    public function __construct(private Connection $db, private HouseRepository $house, private ToteContents $contents) {}

    /** @return list<ElsewhereAnswer> */
    public function find(Home $home, TitleQuery $asked): array
    {
        $found = [];
        $fills = null === $asked->fill ? [] : $this->fills($home, $asked);
        /** @var iterable<array{string, string, string, string, string|null}> $rows */
        $rows = $this->db->iterateNumeric(self::ROWS, ['home' => $home->id()]);
        foreach ($rows as [$what, $id, $title, $detail, $swap]) {
            $isAsked = $asked->matches($what, $title . ' ' . $detail) && (null === $asked->fill || isset($fills[$id]));
            if ($isAsked && \count($found) < self::MOST) {
                $found[] = new ElsewhereAnswer($what, $id, mb_strimwidth($title, 0, 90, '…'), $fills[$id] ?? $detail, $swap);
            }
        }

        return $found;
    }

    /** @return array<string, string> how full they are, in words, by the ids of the totes that are as full as asked */
    private function fills(Home $home, TitleQuery $asked): array
    {
        $check = new ToteCheck($home->weights());
        $contents = $this->contents->ofHome($home);
        $fills = [];
        foreach ($this->house->totes($home) as $tote) {
            $content = $contents[$tote->id()] ?? [];
            $fill = $check->fill($tote->stored(), $content);
            if ($asked->isFilledAsAsked($fill, \count($content))) {
                $fills[$tote->id()] = sprintf('%s, %d %% full', $tote->place(), round(100 * $fill));
            }
        }

        return $fills;
    }
}
