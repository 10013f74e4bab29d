<?php

declare(strict_types=1);

namespace App\Journal;

/** Which readings of a home no longer hold once rows of a table have changed; the words are those the page asks by. */
final readonly class OutOfDate
{
    private const ALWAYS = ['journal'];
    private const STOCK = [
        'sums', 'pieces', 'movements', 'search', 'tote-fills', 'tote', 'broken-sets', 'stations', 'table', 'rooms', 'dressing', 'haul',
        'day', 'settle', 'thread', 'restyles', 'fit', 'consequences', 'look-answer', 'ledger',
    ];
    private const PLAN = ['sums', 'stations', 'table', 'rooms', 'dressing', 'haul', 'day', 'settle', 'thread', 'consequences'];
    private const BY_TABLE = [
        'home' => ['house', 'me', ...self::STOCK],
        'room' => ['house', 'search', ...self::PLAN],
        'spot' => ['house', 'search', ...self::PLAN],
        'tote' => ['house', 'search', 'tote-fills', 'tote', 'day'],
        'look' => ['house', 'stations', 'table', 'rooms', 'dressing', 'haul', 'thread', 'restyles', 'fit', 'consequences', 'look-answer', 'search'],
        'swap' => ['house', 'ledger', 'search', 'calendar', ...self::PLAN],
        'piece' => ['calendar', 'damages', ...self::STOCK],
        'photo' => ['pieces'],
        'standing' => ['calendar', ...self::STOCK],
        'movement' => ['movements'],
        'loan' => ['pieces'],
        'decision' => self::PLAN,
        'placement' => self::PLAN,
        'spot_version' => ['dressing'],
        'kept_sum' => ['house', 'sums', 'settle', 'day'],
        'need' => ['haul', 'rooms', 'dressing', 'stations'],
        'home_word' => ['search'],
        'home_recipe' => ['dressing', 'house'],
        'haul_line' => ['search', 'haul', 'day', 'stations', 'settle', 'ledger', 'restyles'],
        'work_day' => ['day', 'stations', 'settle', 'calendar'],
        'home_calendar' => ['calendar'],
        'care_done' => ['calendar'],
        'sheet_task' => ['floor', 'day', 'stations', 'settle', 'table'],
        'floor' => ['floor'],
        'furniture' => ['floor', 'day'],
        'furniture_plan' => ['floor', 'day'],
        'found_damage' => ['damages', 'haul'],
        'spot_photo' => ['spot-photos'],
        'note' => ['search', 'settle', 'stations', 'dressing', 'table'],
        'wear' => ['ledger', 'search', 'settle', ...self::STOCK],
    ];

    /**
     * @param list<RowChange> $rows
     *
     * @return list<string> each once, by name
     */
    public function after(array $rows): array
    {
        return $this->afterTables(array_map(static fn(RowChange $row): string => $row->table, $rows));
    }

    /**
     * @param list<string> $tables
     *
     * @return list<string> each once, by name
     */
    public function afterTables(array $tables): array
    {
        $readings = array_fill_keys(self::ALWAYS, true);
        foreach (array_unique($tables) as $table) {
            $readings += array_fill_keys(
                self::BY_TABLE[$table] ?? throw new \LogicException(sprintf('Nobody says what is out of date when %s changes.', $table)),
                true,
            );
        }
        ksort($readings);

        return array_keys($readings);
    }
}
