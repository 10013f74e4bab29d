<?php

declare(strict_types=1);

namespace App\Calendar;

use App\Entity\Home;
use App\Repository\Catalogue;
use App\Repository\StandingRepository;
use BrightCupboard\Core\Calendar\CareJob;
use BrightCupboard\Core\Calendar\CareRhythm;
use BrightCupboard\Core\Stock\PlaceKind;
use Doctrine\DBAL\Connection;
use Psr\Clock\ClockInterface;

/** What has to be cared for: everything alive or lit that stands somewhere, what is due first in front. */
final readonly class CareList
{
    public function __construct(private Catalogue $catalogue, private StandingRepository $standing, private Connection $db, private ClockInterface $clock) {}

    /** @return list<CareAnswer> */
    public function of(Home $home): array
    {
        $where = $this->standing->whereabouts($home);
        $care = $this->db->fetchAllKeyValue("SELECT id, care FROM piece WHERE home_id = ? AND removed_at IS NULL", [$home->id()]);
        $done = [];
        /** @var array{string, string, string, string} $row */
        foreach ($this->db->iterateNumeric(
            'SELECT d.piece_id, d.job, d.on_day, d."by" FROM care_done d JOIN piece p ON p.id = d.piece_id WHERE p.home_id = ?',
            [$home->id()],
        ) as $row) {
            $done[$row[0]][$row[1]] = [$row[2], $row[3]];
        }
        $today = $this->clock->now()->setTime(0, 0);
        $list = [];
        foreach ($this->catalogue->of($home) as $id => $entry) {
            $spots = array_filter(array_keys($where->of($id)), static fn(string $key): bool => str_starts_with($key, PlaceKind::Spot->value . ':'));
            $said = $care[$id] ?? '';
            $rhythm = [] === $spots ? [] : CareRhythm::of($entry->piece, \is_string($said) ? $said : '');
            foreach ($rhythm as $job => $days) {
                $last = $done[$id][$job] ?? null;
                $since = new \DateTimeImmutable($last[0] ?? $this->standsSince($id) ?? $today->format('Y-m-d'));
                $due = $since->modify(sprintf('+%d days', $days))->format('Y-m-d');
                $list[] = new CareAnswer(
                    $id,
                    $entry->piece->name,
                    CareJob::from($job),
                    $due,
                    $days,
                    $last[0] ?? null,
                    $last[1] ?? null,
                    $due <= $today->format('Y-m-d'),
                );
            }
        }
        usort($list, static fn(CareAnswer $a, CareAnswer $b): int => [$a->due, $a->name, $a->job->value] <=> [$b->due, $b->name, $b->job->value]);

        return $list;
    }

    private function standsSince(string $piece): ?string
    {
        $at = $this->db->fetchOne("SELECT MAX(at) FROM movement WHERE piece_id = ? AND to_place LIKE 'spot:%'", [$piece]);

        return \is_string($at) ? substr($at, 0, 10) : null;
    }
}
