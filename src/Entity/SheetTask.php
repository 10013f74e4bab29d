<?php

declare(strict_types=1);

namespace App\Entity;

use BrightCupboard\Core\Day\DayTask;
use BrightCupboard\Core\Day\Phase;
use BrightCupboard\Core\Stock\Move;
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
    #[ORM\Column(options: ['default' => false])]
    private bool $climbs;
    #[ORM\Column(options: ['default' => false])]
    private bool $lifts;
    /** Square centimetres laid on the table, negative for what is cleared. */
    #[ORM\Column(options: ['default' => 0])]
    private int $laid;
    /** Minutes by the rule of thumb; 0 when the sheet is older than the pace of a home. */
    #[ORM\Column(options: ['default' => 0])]
    private int $byRule;
    /** @var list<string> */
    #[ORM\Column(options: ['default' => '[]'])]
    private array $steps;
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
    #[ORM\Column(length: 26, nullable: true)]
    private ?string $spotId;
    /** Minutes that it took as somebody said; what is known from tick to tick is not stored. */
    #[ORM\Column(nullable: true)]
    private ?int $took = null;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false)]
        private Swap $swap,
        DayTask $task,
        #[ORM\Column]
        private int $ordinal,
        #[ORM\ManyToOne]
        private ?WorkDay $day = null,
    ) {
        $this->identify();
        $this->revise($task, $ordinal);
    }

    /** Becomes what the same task is in a plan worked out anew. */
    public function revise(DayTask $task, int $ordinal): void
    {
        $this->ordinal = $ordinal;
        [$this->key, $this->phase, $this->title, $this->group] = [$task->key, $task->phase, $task->title, $task->group];
        $this->moveOnly($task->moves);
        $effort = $task->effort;
        [$this->minutes, $this->hands, $this->climbs, $this->lifts] = [$effort->minutes, $effort->hands, $effort->climbs, $effort->lifts];
        [$this->laid, $this->byRule] = [$effort->laid, $effort->byRule];
        [$this->steps, $this->cautions, $this->after, $this->opensTote, $this->spotId] = [
            $task->steps,
            $task->cautions,
            $task->after,
            $task->opensTote,
            $task->spot,
        ];
    }

    /** @param list<Move> $moves */
    public function moveOnly(array $moves): void
    {
        $this->moves = StoredTask::moves($moves);
    }

    public function task(): DayTask
    {
        return $this->stored()->task;
    }

    public function stored(): StoredTask
    {
        return StoredTask::read([
            'id' => $this->id,
            'ordinal' => $this->ordinal,
            'task_key' => $this->key,
            'phase' => $this->phase->value,
            'title' => $this->title,
            'task_group' => $this->group,
            'moves' => $this->moves,
            'minutes' => $this->minutes,
            'hands' => $this->hands,
            'climbs' => $this->climbs,
            'lifts' => $this->lifts,
            'laid' => $this->laid,
            'by_rule' => $this->byRule,
            'steps' => $this->steps,
            'cautions' => $this->cautions,
            'after_keys' => $this->after,
            'opens_tote' => $this->opensTote,
            'spot_id' => $this->spotId,
            'done_at' => $this->doneAt?->format('Y-m-d H:i:s'),
            'done_by' => $this->doneBy,
            'took' => $this->took,
        ]);
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
        $this->doneAt = $this->doneBy = $this->took = null;
    }

    /** @param int|null $minutes null when it is not known */
    public function tookMinutes(?int $minutes): void
    {
        $this->took = $minutes;
    }

    /** Null on the swap day. */
    public function day(): ?WorkDay
    {
        return $this->day;
    }

    public function isDone(): bool
    {
        return null !== $this->doneAt;
    }

    public function doneBy(): ?string
    {
        return $this->doneBy;
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
