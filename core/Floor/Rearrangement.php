<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Floor;

/** What has to be moved from one arrangement of a room to another, in working order: rugs first, on the bare floor, then the heaviest. */
final readonly class Rearrangement
{
    /** @param list<array{Furniture, FloorPlace, FloorPlace}> $moves furniture, where it stands, where it is to stand */
    private function __construct(public array $moves) {}

    /**
     * @param array<string, array{Furniture, FloorPlace}> $now
     * @param array<string, array{Furniture, FloorPlace}> $then
     */
    public static function of(array $now, array $then): self
    {
        $moves = [];
        foreach ($then as $id => [$furniture, $to]) {
            if (isset($now[$id]) && !$now[$id][1]->equals($to)) {
                $moves[] = [$furniture, $now[$id][1], $to];
            }
        }
        usort(
            $moves,
            static fn(array $a, array $b): int => [
                $b[0]->kind->isFlat(),
                $b[0]->kind->minutes(),
                $a[0]->name,
                $a[0]->id,
            ] <=> [$a[0]->kind->isFlat(), $a[0]->kind->minutes(), $b[0]->name, $b[0]->id],
        );

        return new self($moves);
    }

    public function minutes(): int
    {
        return array_sum(array_map(static fn(array $move): int => $move[0]->kind->minutes(), $this->moves));
    }

    /** Whether something of it is not for one person alone. */
    public function isForTwo(): bool
    {
        return [] !== array_filter($this->moves, static fn(array $move): bool => !$move[0]->kind->isLight());
    }
}
