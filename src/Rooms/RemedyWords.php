<?php

declare(strict_types=1);

namespace App\Rooms;

use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Draft\Remedy;
use BrightCupboard\Core\Draft\RemedyAct;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\LengthText;
use BrightCupboard\Core\Surface\Form;
use BrightCupboard\Core\Surface\Stance;

/** What a remedy asks to be done, from how the spot is now: "Shift Heron 4 in to the left". */
final readonly class RemedyWords
{
    public function __construct(private Dressing $now, private LengthText $lengths) {}

    public function say(Remedy $remedy): string
    {
        $piece = $remedy->piece;

        return match ($remedy->act) {
            RemedyAct::Add => sprintf('Add %s, %s', $piece->piece->name, $this->side($piece)),
            RemedyAct::TakeOff => sprintf('Take off %s', $piece->piece->name),
            RemedyAct::Shift => $this->shift($piece),
            RemedyAct::Swap => sprintf('Let %s and %s swap places', $piece->piece->name, $remedy->with->piece->name ?? ''),
            RemedyAct::Turn => sprintf('Turn %s to “%s”', $piece->piece->name, $piece->stance->face ?? ''),
            RemedyAct::Raise => sprintf(
                'Stand %s on %s, %s higher',
                $piece->piece->name,
                $remedy->with->piece->name ?? '',
                $this->lengths->write(Length::ofTenths($remedy->with->height ?? 0)),
            ),
        };
    }

    private function shift(PlacedPiece $to): string
    {
        $from = array_values(array_filter($this->now->placed, static fn(PlacedPiece $one): bool => $one->id === $to->id))[0] ?? $to;
        $by = $to->left - $from->left;
        $hasLayers = \in_array($this->now->spot->form(), [Form::Ledge, Form::Tiers, Form::Floor, Form::Seat, Form::Table], true);
        $moves = array_filter([
            0 === $by ? '' : $this->lengths->write(Length::ofTenths(abs($by))) . ' ' . $this->way($by),
            $to->tier === $from->tier ? '' : sprintf('to %s %d', $this->tierWord(), $to->tier + 1),
            $to->layer === $from->layer || !$hasLayers ? '' : 'to the ' . $to->layer->value,
            $to->stance->dips === $from->stance->dips ? '' : $this->dips($to->stance),
            $to->posture === $from->posture ? '' : 'so that it ' . $to->posture->value,
            $to->raise === $from->raise
                ? ''
                : ($to->raise > $from->raise
                    ? $this->lengths->write(Length::ofTenths($to->raise - $from->raise)) . ' higher'
                    : $this->lengths->write(Length::ofTenths($from->raise - $to->raise)) . ' lower'),
        ], static fn(string $move): bool => '' !== $move);

        return sprintf('Shift %s %s', $to->piece->name, implode(', ', $moves));
    }

    private function dips(Stance $to): string
    {
        return 0 === $to->dips ? 'so that it lies along' : sprintf($to->girth > 0 ? 'with %d turns' : 'with %d dips', $to->dips);
    }

    private function way(int $by): string
    {
        return $this->now->spot->isUpright() ? ($by < 0 ? 'down' : 'up') : ($by < 0 ? 'to the left' : 'to the right');
    }

    private function side(PlacedPiece $piece): string
    {
        $at = $this->now->spot->sideOf($piece->centre);
        $side = match ($at) {
            'middle' => 'in the middle',
            'foot', 'top' => 'at the ' . $at,
            default => 'on the ' . $at,
        };

        return $this->now->spot->tierCount() > 1 ? sprintf('%s %d, %s', $this->tierWord(), $piece->tier + 1, $side) : $side;
    }

    private function tierWord(): string
    {
        return Form::Cone === $this->now->spot->form() ? 'band' : 'board';
    }
}
