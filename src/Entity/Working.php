<?php

declare(strict_types=1);

namespace App\Entity;

use BrightCupboard\Core\Day\Crew;
use BrightCupboard\Core\Day\Hand;
use BrightCupboard\Core\Day\Hours;
use BrightCupboard\Core\Day\Pause;
use BrightCupboard\Core\Measure\Length;
use Doctrine\ORM\Mapping as ORM;

/** How a day is worked: who is there, from when to when, what can be laid out at once, and what its sheet was worked out from. */
#[ORM\Embeddable]
class Working
{
    /** Of the people when nobody is named. */
    #[ORM\Column]
    private int $people = 1;
    /** @var list<array{name: string, climbs: bool, lifts: bool, from: int|null, until: int|null}> */
    #[ORM\Column(options: ['default' => '[]'])]
    private array $crew = [];
    #[ORM\Column(options: ['default' => 570])]
    private int $startMinute = 570;
    #[ORM\Column(nullable: true)]
    private ?int $latestEnd = null;
    /** @var list<array{at: int, minutes: int}> */
    #[ORM\Column(options: ['default' => '[]'])]
    private array $pauses = [];
    /** The table and the floor beside it; 10 by 5 ft unless somebody says. */
    #[ORM\Column(options: ['default' => 30480])]
    private int $layWidth = 120 * Length::TENTHS_PER_INCH;
    #[ORM\Column(options: ['default' => 15240])]
    private int $layDepth = 60 * Length::TENTHS_PER_INCH;
    /** @var list<string> ids of the pieces that are moved on this day, whatever the day of their spots */
    #[ORM\Column(options: ['default' => '[]'])]
    private array $ownPieces = [];
    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $sheetBuiltAt = null;
    /** Fingerprint of the plan the day sheet was built from. */
    #[ORM\Column(length: 40, nullable: true)]
    private ?string $sheetPlan = null;

    /** Named people stay as far as the number goes; the others come without a name. */
    public function shareAmong(int $people): void
    {
        if ($people === $this->people) {
            return;
        }
        $this->people = $people;
        $this->crew = \array_slice($this->crew, 0, $people);
        $named = \count($this->crew);
        foreach (0 === $named ? [] : \array_slice(Crew::of($people)->hands, $named) as $hand) {
            $this->crew[] = self::written($hand);
        }
    }

    public function arrange(Crew $crew, Hours $hours, Length $layWidth, Length $layDepth): void
    {
        [$this->people, $this->crew] = [$crew->size(), array_map(self::written(...), $crew->hands)];
        [$this->startMinute, $this->latestEnd] = [$hours->start, $hours->latestEnd];
        $this->pauses = array_map(static fn(Pause $pause): array => ['at' => $pause->at, 'minutes' => $pause->minutes], $hours->pauses);
        [$this->layWidth, $this->layDepth] = [$layWidth->tenths(), $layDepth->tenths()];
    }

    /** The same people, hours and room to lay out. */
    public function likeThatOf(self $other): void
    {
        $this->arrange($other->crew(), $other->hours(), $other->layWidth(), $other->layDepth());
    }

    public function takePieces(string ...$pieces): void
    {
        $this->ownPieces = array_values(array_unique([...$this->ownPieces, ...$pieces]));
    }

    /** They are moved with their spots again, or on another day. */
    public function leavePieces(string ...$pieces): void
    {
        $this->ownPieces = array_values(array_diff($this->ownPieces, $pieces));
    }

    /** @return list<string> ids */
    public function ownPieces(): array
    {
        return $this->ownPieces;
    }

    public function crew(): Crew
    {
        return [] === $this->crew ? Crew::of($this->people) : new Crew(array_map(static fn(array $one): Hand => new Hand(...$one), $this->crew));
    }

    public function hours(): Hours
    {
        return new Hours(
            $this->startMinute,
            $this->latestEnd,
            array_map(static fn(array $one): Pause => new Pause($one['at'], $one['minutes']), $this->pauses),
        );
    }

    public function layWidth(): Length
    {
        return Length::ofTenths($this->layWidth);
    }

    public function layDepth(): Length
    {
        return Length::ofTenths($this->layDepth);
    }

    /** Square centimetres that can be laid out at once. */
    public function table(): int
    {
        return intdiv($this->layWidth * $this->layDepth, 10_000);
    }

    public function sheetBuilt(\DateTimeImmutable $at, string $plan): void
    {
        [$this->sheetBuiltAt, $this->sheetPlan] = [$at, $plan];
    }

    public function people(): int
    {
        return $this->people;
    }

    public function sheetBuiltAt(): ?\DateTimeImmutable
    {
        return $this->sheetBuiltAt;
    }

    public function sheetPlan(): ?string
    {
        return $this->sheetPlan;
    }

    /** @return array{name: string, climbs: bool, lifts: bool, from: int|null, until: int|null} */
    private static function written(Hand $hand): array
    {
        return ['name' => $hand->name, 'climbs' => $hand->climbs, 'lifts' => $hand->lifts, 'from' => $hand->from, 'until' => $hand->until];
    }
}
