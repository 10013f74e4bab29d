<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Surface;

use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Posture;

/** Which things a form takes in which postures (docs/rules.md, postures). */
final readonly class Takes
{
    /** Where linen lies ready. */
    private const SERVED_AT = [SpotKind::Sideboard, SpotKind::CounterCorner, SpotKind::Drinks];

    /** Whether a thing of a kind that is put so goes to a spot in that posture. */
    public static function of(Spot $spot, PieceKind $kind, Posture $posture): bool
    {
        return match ($spot->form()) {
            Form::Ledge, Form::Tiers, Form::Table, Form::Floor => match ($posture) {
                Posture::Hangs => PieceKind::Stocking === $kind
                    ? Form::Ledge === $spot->form() // from the edge
                    : $spot->kind->hasWallOver() && PieceKind::Hooks !== $kind,
                Posture::Sits => false,
                Posture::Lies => match ($kind) {
                    PieceKind::TreeSkirt => Form::Floor === $spot->form(),
                    PieceKind::Napkin => Form::Ledge !== $spot->form() || \in_array($spot->kind, self::SERVED_AT, true),
                    default => true,
                },
                Posture::Leans => Form::Table !== $spot->form(), // against what?
                Posture::Drapes => PieceKind::Lights !== $kind // they are hidden in greenery
                    && (PieceKind::Ribbon !== $kind || Form::Table === $spot->form()) // down the middle of a table
                    && (PieceKind::Throw !== $kind || Form::Floor === $spot->form() || SpotKind::LowTable === $spot->kind), // a ladder, an ottoman
                default => true,
            },
            Form::Panel => match ($posture) {
                Posture::Hangs => !\in_array($kind, [PieceKind::Stocking, PieceKind::Hooks], true),
                Posture::Leans => PieceKind::Mirror === $kind || PieceKind::Picture === $kind,
                default => false,
            },
            Form::Run => match ($posture) {
                Posture::Drapes => PieceKind::Throw !== $kind,
                // Round a post goes what runs; on a rail it may follow a garland.
                Posture::Trims => !$spot->isUpright() || !$kind->facts()->isStrung(),
                default => PieceKind::Stocking === $kind && !$spot->isUpright() && 0 === $spot->sides(),
            },
            Form::Seat => match ($posture) {
                Posture::Sits => true,
                Posture::Drapes => PieceKind::Throw === $kind,
                Posture::Lies => PieceKind::Tray === $kind && SpotKind::Bed === $spot->kind,
                Posture::Stands => SpotKind::Bench === $spot->kind,
                default => false,
            },
            Form::Cone => match ($posture) {
                Posture::Trims, Posture::Drapes => PieceKind::Throw !== $kind,
                Posture::Stands => PieceKind::Tree === $kind,
                Posture::Lies => PieceKind::TreeSkirt === $kind,
                Posture::Hangs => PieceKind::Star === $kind || PieceKind::Bell === $kind,
                default => false,
            },
        };
    }

    /**
     * How a kind may be put on a spot, in order of habit: on a wall or a door what can hang does so first, on a tree what is strung goes round.
     *
     * @return list<Posture>
     */
    public static function inOrder(Spot $spot, PieceKind $kind): array
    {
        $postures = array_values(array_filter($kind->facts()->postures, static fn(Posture $posture): bool => self::of($spot, $kind, $posture)));

        $first = match (true) {
            Form::Panel === $spot->form(), Form::Cone === $spot->form() && PieceKind::Star === $kind => Posture::Hangs, // a star goes on the tip
            Form::Cone === $spot->form() && $kind->facts()->isStrung() => Posture::Drapes, // round it
            default => null,
        };

        return null !== $first && \in_array($first, $postures, true)
            ? [$first, ...array_values(array_filter($postures, static fn(Posture $posture): bool => $first !== $posture))]
            : $postures;
    }
}
