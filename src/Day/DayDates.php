<?php

declare(strict_types=1);

namespace App\Day;

use App\Entity\Swap;
use App\Entity\WorkDay;
use App\Http\Fields;
use App\Http\InvalidInput;
use App\Repository\HouseRepository;
use BrightCupboard\Core\Measure\DayText;
use BrightCupboard\Core\Plan\PlannedMove;
use BrightCupboard\Core\Stock\PlaceKind;
use Psr\Clock\ClockInterface;

/** When the days of a swap may be, and what may be done on them. */
final readonly class DayDates
{
    public function __construct(private WorkDays $days, private HouseRepository $house, private ClockInterface $clock) {}

    /**
     * @param WorkDay|null $day what the date is for; null: a day to be
     *
     * @throws InvalidInput when the date is over, after the swap is struck, too early for a second look, or taken
     */
    public function free(Swap $swap, ?WorkDay $day, string $text, bool $isLook): \DateTimeImmutable
    {
        $fields = new Fields();
        $date = $fields->read('date', static fn(): \DateTimeImmutable => DayText::read($text), $swap->swapDay());
        $fields->complete();
        if ($day?->date()->format('Y-m-d') !== $date->format('Y-m-d')) {
            $this->refusePast($date, 'date');
        }
        if (null !== $swap->strikeOn() && $date > $swap->strikeOn()) {
            throw InvalidInput::at('date', sprintf('%s is struck on %s. Choose that day or an earlier one.', $swap->name(), $swap->strikeOn()->format('j F')));
        }
        if ($isLook && $date < $swap->swapDay()) {
            throw InvalidInput::at(
                'date',
                sprintf('%s is dressed on %s. What stands is looked at again later.', $swap->name(), $swap->swapDay()->format('j F')),
            );
        }
        foreach ($this->days->all($swap) as $other) {
            if (($other?->date() ?? $swap->swapDay())->format('Y-m-d') === $date->format('Y-m-d') && (null === $other || $other !== $day)) {
                throw InvalidInput::at(
                    'date',
                    sprintf('On that day is %s already. Choose another, or put the spots there.', $other?->name() ?? 'the swap day'),
                );
            }
        }

        return $date;
    }

    /** @throws InvalidInput */
    public function refusePast(\DateTimeImmutable $date, string $field): void
    {
        if ($date < $this->clock->now()->setTime(0, 0)) {
            throw InvalidInput::at($field, 'That day is over. Choose today or a later one.');
        }
    }

    /**
     * @param list<string>      $spots ids of those that are done on the date
     * @param list<PlannedMove> $moves what is moved on it whatever the day of its spot
     *
     * @throws InvalidInput that names what waits longer by a tradition
     */
    public function refuseTooEarly(Swap $swap, \DateTimeImmutable $date, array $spots, array $moves = [], string $field = 'date'): void
    {
        $waits = $this->days->of($swap)->waits;
        $held = [];
        foreach ($spots as $id) {
            $held[] = [$waits->ofSpot($id), fn(): ?string => $this->house->spot($swap->home(), $id)?->name(), 'spot'];
        }
        foreach ($moves as $move) {
            $held[] = [PlaceKind::Spot === $move->to->kind ? $waits->ofMove($move) : null, static fn(): string => $move->piece->name, 'piece'];
        }
        foreach ($held as [$wait, $name, $what]) {
            if (null !== $wait && $date < $wait->until) {
                throw InvalidInput::at($field, sprintf(
                    '%s waits until %s by a tradition of this home. Choose that day or a later one, take the %s out, or change the tradition on the calendar.',
                    $name() ?? $wait->what,
                    $wait->until->format('j F'),
                    $what,
                ));
            }
        }
    }
}
