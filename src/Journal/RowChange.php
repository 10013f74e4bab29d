<?php

declare(strict_types=1);

namespace App\Journal;

/**
 * One row of the database as an act found it and as it left it.
 *
 * Of a row that was changed only the columns that changed are here; a row that was made has nothing before, one that
 * was deleted nothing after. The version of a row is never among its columns: it only ever counts on.
 *
 * @phpstan-type Columns array<string, bool|float|int|string|null>
 * @phpstan-type Stored array{t: string, k: array<string, int|string>, b: Columns|null, a: Columns|null}
 */
final readonly class RowChange
{
    /**
     * @param array<string, int|string> $key
     * @param Columns|null              $before
     * @param Columns|null              $after
     */
    public function __construct(public string $table, public array $key, public ?array $before, public ?array $after) {}

    /** @param Stored $stored */
    public static function ofStored(array $stored): self
    {
        return new self($stored['t'], $stored['k'], $stored['b'], $stored['a']);
    }

    /** @return Stored */
    public function stored(): array
    {
        return ['t' => $this->table, 'k' => $this->key, 'b' => $this->before, 'a' => $this->after];
    }

    /** Names the row over all tables, as in "placement:01HX…". */
    public function mark(): string
    {
        return $this->table . ':' . implode('|', $this->key);
    }

    public function back(): self
    {
        return new self($this->table, $this->key, $this->after, $this->before);
    }

    /** Both changes as one; null when the second undoes the first. */
    public function then(self $next): ?self
    {
        $before = null === $this->before || null === $next->before ? $this->before : $this->before + $next->before;
        $after = null === $this->after || null === $next->after ? $next->after : $next->after + $this->after;

        return $before === $after ? null : new self($this->table, $this->key, $before, $after);
    }

    /**
     * What the row was about: the things it names, such as its piece, spot and swap.
     *
     * @return list<string> marks
     */
    public function subjects(): array
    {
        $subjects = [];
        foreach ([...($this->before ?? []), ...($this->after ?? []), ...$this->key] as $column => $value) {
            if (\in_array($column, ['piece_id', 'spot_id', 'room_id', 'swap_id', 'look_id', 'need_id'], true) && \is_string($value)) {
                $subjects[] = substr($column, 0, -3) . ':' . $value;
            }
        }

        return $subjects;
    }
}
