<?php

declare(strict_types=1);

namespace App\Demo;

use App\Entity\Spot;
use App\Entity\Swap;
use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Coach\PlaceFinder;
use BrightCupboard\Core\Coach\PlaceSought;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Surface\Layer;
use BrightCupboard\Core\Surface\Stance;

/**
 * How the pieces of the demo stood in seasons that are over: what stays stood where it is planned to stay, but for a mirror that leant
 * and is to be hung; everything else where it is free.
 */
final class DemoPast
{
    /** @var array<string, Dressing> by swap and spot */
    private array $dressings = [];

    public function __construct(private readonly DemoValues $house, private readonly PlaceFinder $places = new PlaceFinder()) {}

    /** @param bool $isLast whether it is how the house stands now */
    public function stance(Swap $swap, Piece $piece, Spot $spot, string $spotKey, int $units, bool $isLast): Stance
    {
        $key = $swap->id() . $spot->id();
        $dressing = $this->dressings[$key] ??= new Dressing($spot->measures(), []);
        $stance = ($isLast ? $this->planned($piece->name, $spotKey, $units) : null) ?? $this->places->anywhere($dressing, $piece, $units, new PlaceSought());
        $this->dressings[$key] = $dressing->with(new PlacedPiece($piece->id, $piece, $units, $stance));

        return $stance;
    }

    /** Where the running swap has it, when it has all of it there in one place. */
    private function planned(string $name, string $spotKey, int $units): ?Stance
    {
        $there = array_values(array_filter(
            $this->house->list('running.placed'),
            static fn(DemoValues $one): bool => $name === $one->text('0') && $spotKey === $one->text('1'),
        ));
        if (1 !== \count($there) || $units !== $there[0]->whole('2')) {
            return null;
        }
        $tenths = static fn(string $at): int => (int) round($there[0]->number($at) * Length::TENTHS_PER_INCH);

        return 'hangs' === $there[0]->text('7')
            ? new Stance($tenths('3'), Layer::Back)
            : new Stance($tenths('3'), Layer::from($there[0]->text('4')), $tenths('5'), $there[0]->whole('6'));
    }
}
