<?php

declare(strict_types=1);

namespace App\Day;

use App\Entity\Swap;
use App\Entity\WorkDay;
use App\Entity\Working;
use App\Http\Fields;
use App\Http\InvalidInput;
use App\Repository\HouseRepository;
use BrightCupboard\Core\Day\Crew;
use BrightCupboard\Core\Day\Hand;
use BrightCupboard\Core\Day\Hours;
use BrightCupboard\Core\Day\Pause;
use BrightCupboard\Core\Measure\InvalidMeasure;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\TimeText;
use Doctrine\ORM\EntityManagerInterface;

/** Reads how a day is to be worked and writes it down; everything that does not go is said at once. */
final readonly class WriteWorkDay
{
    public function __construct(
        private EntityManagerInterface $entities,
        private WorkDays $days,
        private HouseRepository $house,
        private DayDates $dates,
    ) {}

    public function working(Swap $swap, Working $working, WorkDayInput $input): void
    {
        $fields = new Fields();
        $time = static fn(string $field, string $text, ?int $otherwise): ?int => '' === trim($text)
            ? $otherwise
            : $fields->read($field, static fn(): int => TimeText::read($text), $otherwise);
        $start = $time('start', $input->start, $working->hours()->start) ?? 0;
        $end = $time('latestEnd', $input->latestEnd, null);
        $pauses = $hands = [];
        foreach ($input->pauses as $i => $pause) {
            $pauses[] = new Pause($time("pauses[{$i}].at", $pause->at, $start) ?? $start, $pause->minutes);
        }
        foreach ($input->crew as $i => $hand) {
            $from = $time("crew[{$i}].from", $hand->from, null);
            $until = $time("crew[{$i}].until", $hand->until, null);
            $hands[] = $fields->read(
                "crew[{$i}].until",
                static fn(): Hand => new Hand(trim($hand->name), $hand->climbs, $hand->lifts, $from, $until),
                new Hand($hand->name),
            );
        }
        $hours = $fields->read($this->field($start, $end), static fn(): Hours => new Hours($start, $end, $pauses), new Hours());
        $crew = $fields->read('crew', static fn(): Crew => new Crew($hands), Crew::of(1));
        [$width, $depth] = $fields->read('layRoom', fn(): array => $this->layRoom($swap, $input->layRoom), [$working->layWidth(), $working->layDepth()]);
        $fields->complete();
        $working->arrange($crew, $hours, $width, $depth);
    }

    /** The name, the date and the spots of a day beside the swap day. */
    public function describe(Swap $swap, ?WorkDay $day, WorkDayInput $input): WorkDay
    {
        $date = $this->dates->free($swap, $day, $input->date, $input->isLook);
        $known = array_map(static fn($spot): string => $spot->id(), $this->house->spots($swap->home()));
        if ([] !== array_diff($input->spots, $known)) {
            throw InvalidInput::at('spots', 'One of these spots is not there any more. Reload to see how things are.');
        }
        $this->dates->refuseTooEarly($swap, $date, $input->spots);
        $day ??= new WorkDay($swap, trim($input->name), $date);
        $day->describe(trim($input->name), $date, array_values(array_unique($input->spots)), $input->isLook, $input->movesFurniture);
        foreach ($this->days->beside($swap) as $other) {
            if ($other === $day) {
                continue;
            }
            $other->leaveSpots(...$day->spots());
        }
        $this->entities->persist($day);

        return $day;
    }

    private function field(int $start, ?int $end): string
    {
        return null !== $end && $end <= $start ? 'latestEnd' : 'pauses';
    }

    /**
     * @return list<Length> width and depth
     *
     * @throws InvalidMeasure
     */
    private function layRoom(Swap $swap, string $text): array
    {
        $parts = explode('x', (string) preg_replace('/\s*[x×]\s*/iu', 'x', trim($text)));
        if (2 !== \count($parts)) {
            throw InvalidMeasure::unreadable('size', $text, '10 x 5 ft');
        }
        // "10 x 5 ft": the unit stands once and counts for both.
        if (1 === preg_match('/^[\d.,\s\/-]+$/', $parts[0]) && 1 === preg_match('/[^\d.,\s\/-]+\s*$/u', $parts[1], $unit)) {
            $parts[0] .= ' ' . $unit[0];
        }

        return array_map($swap->home()->lengths()->read(...), [$parts[0], $parts[1]]);
    }
}
