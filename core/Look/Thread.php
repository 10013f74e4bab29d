<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Look;

use BrightCupboard\Core\Stock\Piece;

/**
 * Follows the colours of a look from room to room: each ribbon but the base returns in every dressed room, and an
 * accent stands at two places or more within a spot of three pieces or more (common practice: the colour returns). Where
 * ribbons are meant for a spot, they are looked for there and the others are not.
 */
final readonly class Thread
{
    private const ANSWERS_UP_TO = 15.0;
    private const SEEN_FROM_PERCENT = 10;
    private const ECHO_FROM_PIECES = 3;

    public function __construct(private Look $look, private FitMeter $meter) {}

    public function through(RoomDressed $room): RoomThread
    {
        $placed = $room->placed();
        $missing = $without = [];
        foreach ($this->look->ribbons as $i => $ribbon) {
            if (!$room->isMeantFor($i)) {
                $without[] = $i;
            } elseif ([] !== $placed && RibbonRole::Base !== $ribbon->role && 0 === $this->places($i, $placed)) {
                $missing[] = $i;
            }
        }

        return new RoomThread(
            $room->id,
            (new RibbonShares($this->look, $this->meter))->of($placed),
            $missing,
            $this->lonely($room),
            [] === $placed,
            $this->owed($room),
            $without,
        );
    }

    /** Whether a piece would bring a ribbon into a room. */
    public function carries(Piece $piece, int $ribbon): bool
    {
        foreach ($piece->colours as $share) {
            $answer = $this->meter->answer($share->colour);
            if ($answer->ribbon === $ribbon && $answer->distance <= self::ANSWERS_UP_TO && $share->percent >= self::SEEN_FROM_PERCENT) {
                return true;
            }
        }

        return false;
    }

    /** @return list<array{spot: string, ribbon: int}> */
    private function lonely(RoomDressed $room): array
    {
        $lonely = [];
        foreach ($room->spots as $spot => $placed) {
            foreach ($this->look->ribbons as $i => $ribbon) {
                if (
                    RibbonRole::Accent === $ribbon->role
                    && $room->isMeantAt($spot, $i)
                    && \count($placed) >= self::ECHO_FROM_PIECES
                    && 1 === $this->places($i, $placed)
                ) {
                    $lonely[] = ['spot' => $spot, 'ribbon' => $i];
                }
            }
        }

        return $lonely;
    }

    /** @return list<array{spot: string, ribbon: int}> */
    private function owed(RoomDressed $room): array
    {
        $owed = [];
        foreach ($room->meant as $spot => $meant) {
            $placed = $room->spots[$spot] ?? [];
            foreach ([] === $placed ? [] : $meant as $ribbon) {
                if (0 === $this->places($ribbon, $placed)) {
                    $owed[] = ['spot' => $spot, 'ribbon' => $ribbon];
                }
            }
        }

        return $owed;
    }

    /** @param list<array{Piece, int}> $placed */
    private function places(int $ribbon, array $placed): int
    {
        return \count(array_filter($placed, fn(array $one): bool => $this->carries($one[0], $ribbon)));
    }
}
