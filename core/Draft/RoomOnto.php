<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Draft;

use BrightCupboard\Core\Surface\Spot;

/**
 * Which spots of one room answer to which of another, so that a room can be dressed like it: first those of one kind, then those
 * of one form, in the order in which they are given; each answers to one only.
 */
final readonly class RoomOnto
{
    /**
     * @param list<Spot> $from those that are dressed, focal ones first
     * @param list<Spot> $onto focal ones first
     *
     * @return list<array{Spot, Spot|null}> each of the first with the one that answers to it; null where there is none
     */
    public static function pairs(array $from, array $onto): array
    {
        $answers = [];
        foreach ([
            static fn(Spot $a, Spot $b): bool => $a->kind === $b->kind,
            static fn(Spot $a, Spot $b): bool => $a->form() === $b->form(),
        ] as $isAlike) {
            foreach ($from as $i => $spot) {
                foreach (isset($answers[$i]) ? [] : $onto as $j => $other) {
                    if ($isAlike($spot, $other)) {
                        $answers[$i] = $other;
                        unset($onto[$j]);
                        break;
                    }
                }
            }
        }

        return array_map(static fn(Spot $spot, int $i): array => [$spot, $answers[$i] ?? null], $from, array_keys($from));
    }
}
