<?php

declare(strict_types=1);

namespace App\Entity;

use BrightCupboard\Core\Day\DayTask;
use BrightCupboard\Core\Day\Phase;
use BrightCupboard\Core\Stock\Move;
use BrightCupboard\Core\Stock\Place;
use Doctrine\ORM\Mapping as ORM;

/** A task of a built day sheet, and whether it is done. */
#[ORM\Entity]
class SheetTask implements OfSwap
{
    use Identified;
    use Versioned;

    #[ORM\Column(name: 'task_key', length: 80)]
    private string $key;
    #[ORM\Column(length: 10)]
    private Phase $phase;
    #[ORM\Column(length: 120)]
    private string $title;
    #[ORM\Column(name: 'task_group', length: 80)]
    private string $group;
    /** @var list<array{piece: string, count: int, from: string, to: string}> */
    #[ORM\Column]
    private array $moves;
    #[ORM\Column]
    private int $minutes;
    #[ORM\Column]
    private int $hands;
    /** @var list<string> */
    #[ORM\Column]
    private array $cautions;
    /** @var list<string> */
    #[ORM\Column(name: 'after_keys')]
    private array $after;
    #[ORM\Column(length: 26, nullable: true)]
    private ?string $opensTote;
    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $doneAt = null;
    #[ORM\Column(length: 80, nullable: true)]
    private ?string $doneBy = null;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false)]
        private Swap $swap,
        DayTask $task,
        #[ORM\Column]
        private int $ordinal,
    ) {
        $this->identify();
        $this->revise($task, $ordinal);
    }

    /** Becomes what the same task is in a plan worked out anew. */
    public function revise(DayTask $task, int $ordinal): void
    {
        $this->ordinal = $ordinal;
        [$this->key, $this->phase, $this->title, $this->group] = [$task->key, $task->phase, $task->title, $task->group];
        $this->moves = array_map(static fn(Move $move): array => ['piece' => $move->pieceId, 'count' => $move->count, 'from' => $move->from->key(), 'to' => $move->to->key()], $task->moves);
        [$this->minutes, $this->hands, $this->cautions, $this->after, $this->opensTote] = [$task->minutes, $task->hands, $task->cautions, $task->after, $task->opensTote];
    }

    public function task(): DayTask
    {
        $moves = array_map(static fn(array $move): Move => new Move($move['piece'], $move['count'], Place::ofKey($move['from']), Place::ofKey($move['to'])), $this->moves);

        return new DayTask($this->key, $this->phase, $this->title, $this->group, $moves, $this->minutes, $this->hands, $this->cautions, $this->after, $this->opensTote);
    }

    public function key(): string
    {
        return $this->key;
    }

    public function tick(\DateTimeImmutable $at, string $by): void
    {
        [$this->doneAt, $this->doneBy] = [$at, $by];
    }

    public function untick(): void
    {
        $this->doneAt = $this->doneBy = null;
    }

    public function isDone(): bool
    {
        return null !== $this->doneAt;
    }

    public function doneBy(): ?string
    {
        return $this->doneBy;
    }

    public function ordinal(): int
    {
        return $this->ordinal;
    }

    public function home(): Home
    {
        return $this->swap->home();
    }

    public function swap(): Swap
    {
        return $this->swap;
    }
}
