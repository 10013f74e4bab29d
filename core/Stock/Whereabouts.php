<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Stock;

/** Where every unit is: so many of each piece at each place. Units are moved, never made or lost. */
final class Whereabouts
{
    private const SPOT = PlaceKind::Spot->value . ':';

    /** @var array<string, array<string, int>>|null worked out once: whole stocks are asked for it */
    private ?array $standing = null;

    /** @param array<string, array<string, int>> $units pieceId => place key => count above 0 */
    public function __construct(public readonly array $units) {}

    public function at(string $pieceId, Place $place): int
    {
        return $this->units[$pieceId][$place->key()] ?? 0;
    }

    /** @return array<string, int> place key => count */
    public function of(string $pieceId): array
    {
        return $this->units[$pieceId] ?? [];
    }

    /** @return array<string, array<string, int>> units by piece and id of the spot, of what stands on one */
    public function standing(): array
    {
        if (null === $this->standing) {
            $this->standing = [];
            foreach ($this->units as $piece => $places) {
                foreach ($places as $key => $units) {
                    if (str_starts_with($key, self::SPOT)) {
                        $this->standing[$piece][substr($key, \strlen(self::SPOT))] = $units;
                    }
                }
            }
        }

        return $this->standing;
    }

    public function count(string $pieceId): int
    {
        return array_sum($this->of($pieceId));
    }

    /** Units that are a thing of their own in this home: neither gone from it nor part of an arrangement. */
    public function owned(string $pieceId): int
    {
        $owned = 0;
        foreach ($this->of($pieceId) as $key => $units) {
            $owned += PlaceKind::Parted->value === $key || str_starts_with($key, PlaceKind::Within->value . ':') ? 0 : $units;
        }

        return $owned;
    }

    public function allows(Move $move): bool
    {
        return $this->at($move->pieceId, $move->from) >= $move->count;
    }

    /** The whereabouts after a move. */
    public function after(Move $move): self
    {
        if (!$this->allows($move)) {
            throw InvalidStock::notThere($move->pieceId, $move->count, $this->at($move->pieceId, $move->from), $move->from->key());
        }
        $units = $this->units;
        $row = $units[$move->pieceId];
        $row[$move->from->key()] -= $move->count;
        $row[$move->to->key()] = ($row[$move->to->key()] ?? 0) + $move->count;
        $units[$move->pieceId] = array_filter($row, static fn(int $count): bool => $count > 0);

        return new self($units);
    }
}
