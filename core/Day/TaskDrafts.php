<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Day;

use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\Place;
use BrightCupboard\Core\Stock\PlaceKind;
use BrightCupboard\Core\Storage\StoredTote;

/**
 * The tasks of one day as they come into being, one per phase and place.
 *
 * @internal
 */
final class TaskDrafts
{
    /** The turn of what no spot asks for. */
    private const LAST = 1_000_000;
    /** Minutes to cut, put up or try what a sum asks for (memory). */
    private const SUM = 10;

    /** @var array<string, TaskDraft> */
    private array $drafts = [];
    /** @var array<string, DaySpot> */
    private array $spots = [];
    /** @var array<string, StoredTote> */
    private array $totes = [];

    /**
     * @param list<DaySpot>    $spots
     * @param list<StoredTote> $totes
     */
    public function __construct(array $spots, array $totes)
    {
        foreach ($spots as $spot) {
            $this->spots[$spot->spot->id] = $spot;
        }
        foreach ($totes as $tote) {
            $this->totes[$tote->id] = $tote;
        }
    }

    /** The task that takes units from a place to the table. */
    public function bringing(Place $from): TaskDraft
    {
        return match ($from->kind) {
            PlaceKind::Spot => $this->atSpot(Phase::TakeDown, $this->spots[$from->id ?? '']),
            PlaceKind::Tote => $this->atTote(Phase::Fetch, $this->totes[$from->id ?? ''], 'Fetch %s'),
            PlaceKind::Arrived => $this->elsewhere(Phase::Fetch, $from, 'Unpack the haul', 'By the door', '0'),
            default => $this->elsewhere(Phase::Fetch, $from, 'Fetch what stands loose', 'In store', '1'),
        };
    }

    /** The task that takes units from the table to a place. */
    public function placing(Place $to): TaskDraft
    {
        return match ($to->kind) {
            PlaceKind::Spot => $this->atSpot(Phase::SetUp, $this->spots[$to->id ?? '']),
            PlaceKind::Tote => $this->atTote(Phase::PackAway, $this->totes[$to->id ?? ''], 'Pack %s'),
            PlaceKind::Parted => $this->elsewhere(Phase::LetGo, $to, 'Put aside what leaves the home', 'To part with', '0'),
            default => $this->elsewhere(Phase::PackAway, $to, 'Stand beside the totes: no tote has room', 'In store', '9'),
        };
    }

    /** Something to make ready before its spot is set up; where nothing is set up, it stands for itself. */
    public function prepare(Preparation $preparation): void
    {
        $at = $this->spots[$preparation->spotId ?? ''] ?? null;
        $draft = new TaskDraft(
            Phase::Prepare,
            $preparation->title,
            $at->room ?? 'At the table',
            [$at->round ?? 0, $at->focalRank ?? 0, $preparation->title],
            $preparation->key,
        );
        $draft->minutes = self::SUM;
        $this->drafts[$draft->key] = $draft;
        $setUp = $this->drafts[Phase::SetUp->value . ':' . $preparation->spotId] ?? null;
        if (null !== $setUp) {
            $setUp->after[$draft->key] = true;
        }
    }

    /**
     * The fluffing, trying and ironing of what comes to a spot; nothing where nothing needs it.
     *
     * @param list<array{Piece, int, bool}> $handled pieces with units, and whether they are new
     */
    public function ready(string $spotId, array $handled, Handling $handling, Durations $durations): void
    {
        $does = [];
        foreach ($handled as [$piece, $units, $isNew]) {
            $what = $handling->readying($piece, $isNew);
            if (null !== $what) {
                $does[$what][] = $piece->name;
            }
        }
        if ([] === $does) {
            return;
        }
        $draft = $this->atSpot(Phase::Prepare, $this->spots[$spotId]);
        $draft->minutes = $durations->readying($handled);
        foreach ($does as $what => $names) {
            $draft->steps[] = sprintf('%s: %s', implode(', ', array_unique($names)), $what);
        }
        foreach ($this->drafts[Phase::SetUp->value . ':' . $spotId]->after ?? [] as $key => $yes) {
            if (str_starts_with($key, Phase::Fetch->value)) {
                $draft->after[$key] = true;
            }
        }
        $this->drafts[Phase::SetUp->value . ':' . $spotId]->after[$draft->key] = true;
    }

    /** @return list<TaskDraft> by phase, then by the walk through the house, focal spots first; what the first spots need is fetched first */
    public function ordered(): array
    {
        foreach ($this->drafts as $draft) {
            if (Phase::SetUp === $draft->phase && null !== $draft->spot && $this->isWiped($draft->spot->id)) {
                $draft->after[$this->cleaned($draft->spot->id)->key] = true;
            }
            if (Phase::TakeDown === $draft->phase && null !== $draft->spot) {
                $this->cleaned($draft->spot->id);
            }
            if (Phase::PackAway === $draft->phase) {
                $this->follow($draft, str_replace(Phase::PackAway->value, Phase::Fetch->value, $draft->key));
            }
        }
        $this->fetchInTurn();
        $drafts = array_values($this->drafts);
        usort($drafts, static fn(TaskDraft $a, TaskDraft $b): int => [$a->phase->order(), $a->order, $a->key] <=> [$b->phase->order(), $b->order, $b->key]);
        $this->openOnce($drafts);

        return $drafts;
    }

    /** What only has something added to it is not wiped round what stands there. */
    private function isWiped(string $spotId): bool
    {
        return $this->spots[$spotId]->isBare || isset($this->drafts[Phase::TakeDown->value . ':' . $spotId]);
    }

    /** The task that wipes a spot once it is empty. */
    private function cleaned(string $spotId): TaskDraft
    {
        $clean = $this->atSpot(Phase::Clean, $this->spots[$spotId]);
        $this->follow($clean, Phase::TakeDown->value . ':' . $spotId);

        return $clean;
    }

    /** A tote comes in the order of the first spot that needs something of it. */
    private function fetchInTurn(): void
    {
        foreach ($this->drafts as $draft) {
            if (Phase::SetUp !== $draft->phase) {
                continue;
            }
            foreach (array_keys($draft->after) as $key) {
                $fetch = $this->drafts[$key] ?? null;
                if (Phase::Fetch === $fetch?->phase) {
                    $fetch->order = min($fetch->order, [...$draft->order, ...\array_slice($fetch->order, -2)]);
                }
            }
        }
    }

    private function follow(TaskDraft $draft, string $key): void
    {
        if (isset($this->drafts[$key])) {
            $draft->after[$key] = true;
        }
    }

    /** @param list<TaskDraft> $drafts */
    private function openOnce(array $drafts): void
    {
        $open = [];
        foreach ($drafts as $draft) {
            $tote = explode(':', $draft->key, 2)[1];
            if (isset($this->totes[$tote]) && !isset($open[$tote])) {
                $draft->opensTote = $tote;
                $open[$tote] = true;
            }
        }
    }

    private function atSpot(Phase $phase, DaySpot $at): TaskDraft
    {
        return $this->drafts[$phase->value . ':' . $at->spot->id] ??= new TaskDraft(
            $phase,
            $at->spot->name,
            $at->room,
            [$at->round, $at->focalRank],
            $at->spot->id,
            $at->spot,
            Phase::SetUp === $phase ? $at->hung : [],
        );
    }

    private function atTote(Phase $phase, StoredTote $tote, string $title): TaskDraft
    {
        return $this->drafts[$phase->value . ':' . $tote->id] ??= new TaskDraft(
            $phase,
            sprintf($title, $tote->code),
            $tote->place,
            [self::LAST, $tote->place, $tote->code],
            $tote->id,
        );
    }

    private function elsewhere(Phase $phase, Place $place, string $title, string $group, string $order): TaskDraft
    {
        return $this->drafts[$phase->value . ':' . $place->key()] ??= new TaskDraft($phase, $title, $group, [self::LAST, $order, ''], $place->key());
    }
}
