<?php

declare(strict_types=1);

namespace App\Journal;

use Symfony\Contracts\Service\ResetInterface;

/**
 * The act that this request carries out: what it says of itself and the rows it has changed so far.
 *
 * @internal
 */
final class RunningAct implements ResetInterface
{
    private string $sentence = '';
    private ?string $swap = null;
    private ?Entry $takesBack = null;
    /** @var array<string, RowChange> by mark, in the order they were first touched */
    private array $rows = [];

    public function say(string $sentence): void
    {
        $this->sentence = $sentence;
    }

    public function inSwap(string $swap): void
    {
        $this->swap = $swap;
    }

    public function takesBack(Entry $entry): void
    {
        $this->takesBack = $entry;
    }

    public function collect(RowChange $row): void
    {
        $before = $this->rows[$row->mark()] ?? null;
        $both = null === $before ? $row : $before->then($row);
        if (null === $both) {
            unset($this->rows[$row->mark()]);
        } else {
            $this->rows[$row->mark()] = $both;
        }
    }

    public function sentence(): string
    {
        return $this->sentence;
    }

    public function swap(): ?string
    {
        if (null !== $this->swap) {
            return $this->swap;
        }
        foreach ($this->rows as $row) {
            $swap = $row->after['swap_id'] ?? $row->before['swap_id'] ?? $row->key['swap_id'] ?? null;
            if (\is_string($swap)) {
                return $swap;
            }
        }

        return null;
    }

    public function takenBack(): ?Entry
    {
        return $this->takesBack;
    }

    /** @return list<RowChange> */
    public function rows(): array
    {
        return array_values($this->rows);
    }

    public function reset(): void
    {
        $this->sentence = '';
        $this->swap = $this->takesBack = null;
        $this->rows = [];
    }
}
