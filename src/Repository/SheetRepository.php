<?php

declare(strict_types=1);

namespace App\Repository;

use App\Entity\StoredTask;
use App\Entity\Swap;
use App\Entity\WorkDay;
use Doctrine\DBAL\Connection;

/**
 * Whole day sheets: rows rather than entities, since a sheet of a hundred tasks is read with every answer of the day.
 *
 * @phpstan-import-type TaskRow from StoredTask
 */
final readonly class SheetRepository
{
    private const TASKS = 'SELECT id, ordinal, task_key, phase, title, task_group, moves, minutes, hands, climbs, lifts, laid, by_rule, steps, cautions, '
        . 'after_keys, opens_tote, spot_id, done_at, done_by, took FROM sheet_task WHERE swap_id = ? AND day_id IS ? ORDER BY ordinal';

    public function __construct(private Connection $db) {}

    /** @return list<StoredTask> in the order of the sheet */
    public function of(Swap $swap, ?WorkDay $day): array
    {
        $tasks = [];
        foreach ($this->db->iterateAssociative(self::TASKS, [$swap->id(), $day?->id()]) as $row) {
            foreach (['moves', 'steps', 'cautions', 'after_keys'] as $list) {
                $row[$list] = '[]' === $row[$list] ? [] : json_decode((string) $row[$list], true, 8, \JSON_THROW_ON_ERROR);
            }
            /** @var TaskRow $row */
            $tasks[] = StoredTask::read($row);
        }

        return $tasks;
    }
}
