<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Day;

use BrightCupboard\Core\Stock\Move;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Surface\Spot;

/**
 * A task while its moves are being gathered.
 *
 * @internal
 */
final class TaskDraft
{
    /** @var list<Move> */
    public array $moves = [];
    /** @var list<array{Piece, int}> */
    public array $handled = [];
    /** @var list<array{Piece, int}> what is shifted where it stands, without coming over the table */
    public array $shifted = [];
    /** @var list<string> */
    public array $steps = [];
    /** Minutes, where they do not follow from what is handled. */
    public ?int $minutes = null;
    /** @var array<string, true> keys of tasks that come first */
    public array $after = [];
    public ?string $opensTote = null;
    public readonly string $key;

    /**
     * @param list<int|string>   $order place among the tasks of its phase; what is fetched first follows from what is set up first
     * @param array<string, int> $hung  how high up what is hung here reaches from the floor, by piece
     */
    public function __construct(
        public readonly Phase $phase,
        public readonly string $title,
        public readonly string $group,
        public array $order,
        string $where,
        public readonly ?Spot $spot = null,
        private readonly array $hung = [],
    ) {
        $this->key = $phase->value . ':' . $where;
    }

    public function add(Move $move, Piece $piece, ?self $after = null): void
    {
        $this->moves[] = $move;
        $this->handled[] = [$piece, $move->count];
        if (null !== $after) {
            $this->after[$after->key] = true;
        }
    }

    /** @return list<array{Piece, int}> whatever is taken in hand */
    public function inHand(): array
    {
        return [...$this->handled, ...$this->shifted];
    }

    /** How high up somebody has to reach to hang what is handled, from the floor; 0 where nothing is hung. */
    public function reach(): int
    {
        return max([0, ...array_map(fn(array $one): int => $this->hung[$one[0]->id] ?? 0, $this->inHand())]);
    }
}
