<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Day;

use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Surface\Form;
use BrightCupboard\Core\Surface\Spot;

/** How long tasks take, in minutes for one pair of hands: a start for each phase and what each unit takes. All values are from memory of the trade. */
final readonly class Durations
{
    /** Minutes to go there and begin, and when it is set up to stand back and look. */
    private const START = [
        'take down' => 1.0, 'move furniture' => 0.0, 'clean' => 2.0, 'fetch' => 3.0, 'prepare' => 1.0, 'set up' => 3.0, 'pack away' => 2.0,
        'let go' => 2.0, 'look again' => 2.0,
    ];
    /** Of more than so many units alike each goes faster, since the hands know it by then. */
    private const FEW = 4;
    private const PRACTISED = 0.7;
    /** Square feet that are wiped in a minute. */
    private const WIPED = 3.0;

    public function __construct(private Handling $handling = new Handling()) {}

    /**
     * Rounded up to whole minutes.
     *
     * @param list<array{Piece, int}> $handled pieces with units
     */
    public function minutes(Phase $phase, array $handled, ?Spot $spot = null): int
    {
        $minutes = self::START[$phase->value];
        foreach ($handled as [$piece, $units]) {
            $minutes += $this->handling->minutes($phase, $piece) * self::practised($units);
        }
        if (Phase::Clean === $phase && null !== $spot) {
            $minutes += self::squareFeet($spot) / self::WIPED;
        }

        return self::whole($minutes);
    }

    /** @param list<array{Piece, int, bool}> $handled pieces with units, and whether they are new */
    public function readying(array $handled): int
    {
        $minutes = self::START[Phase::Prepare->value];
        foreach ($handled as [$piece, $units, $isNew]) {
            $minutes += $this->handling->readyingMinutes($piece, $isNew) * self::practised($units);
        }

        return self::whole($minutes);
    }

    private static function whole(float $minutes): int
    {
        return (int) ceil(round($minutes, 6));
    }

    private static function practised(int $units): float
    {
        return min($units, self::FEW) + self::PRACTISED * max(0, $units - self::FEW);
    }

    /** What is wiped: of boards all of them, of what hangs or stands on the floor nothing to speak of. */
    private static function squareFeet(Spot $spot): float
    {
        $foot = 12 * Length::TENTHS_PER_INCH;

        return match ($spot->form()) {
            Form::Panel, Form::Cone, Form::Run => 0.0,
            default => $spot->tierCount() * $spot->width->tenths() * $spot->depth->tenths() / $foot ** 2,
        };
    }
}
