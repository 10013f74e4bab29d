<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Stock;

use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\Size;
use BrightCupboard\Core\Measure\Weight;

/** One arrangement put together from units of owned pieces: what it is, as far as its parts say. */
final readonly class Arrangement
{
    private const MOST_MATERIALS = 6;
    /** Put into the others, or tied and hung on them: they take no ground of their own. */

    /** @var non-empty-list<PartUnits> largest face first */
    public array $parts;

    /** @param list<PartUnits> $parts two units or more, each piece named once */
    public function __construct(array $parts)
    {
        $units = [];
        foreach ($parts as $part) {
            if ($part->units < 1 || $part->units > $part->piece->count || isset($units[$part->piece->id])) {
                throw InvalidStock::partUnits($part->piece->name, $part->piece->count);
            }
            $units[$part->piece->id] = $part->units;
        }
        if (array_sum($units) < 2 || \count($parts) > Makeup::MOST_PARTS) {
            throw InvalidStock::tooFewParts(Makeup::MOST_PARTS);
        }
        usort(
            $parts,
            static fn(PartUnits $a, PartUnits $b): int => [
                $b->units * $b->piece->faceArea(),
                $a->piece->id,
            ] <=> [$a->units * $a->piece->faceArea(), $b->piece->id],
        );
        $this->parts = [] === $parts ? throw new \LogicException('Two units are of some piece.') : $parts;
    }

    /** The box round its parts, those that stand side by side, soft ones in and on them: a first measure, until it is measured as it was made. */
    public function size(): Size
    {
        [$width, $depth, $height, $side] = [0, 0, 0, 0];
        foreach ($this->parts as $part) {
            $size = $part->piece->size;
            $side += $part->piece->kind->facts()->goesInOthers() ? 0 : $part->units * $size->width->tenths();
            [$width, $depth, $height] = [max($width, $size->width->tenths()), max($depth, $size->depth->tenths()), max($height, $size->height->tenths())];
        }

        return new Size(Length::ofTenths(max($width, $side)), Length::ofTenths($depth), Length::ofTenths($height));
    }

    /** Sum over its parts; parts nobody weighed count nothing. */
    public function weight(): Weight
    {
        return Weight::ofGrams(array_sum(array_map(static fn(PartUnits $part): int => $part->units * $part->piece->weight->grams(), $this->parts)));
    }

    /** @return list<Season> that all its parts serve, or any of them where they share none; empty when all are staples */
    public function seasons(): array
    {
        $bound = array_filter(array_map(static fn(PartUnits $part): Piece => $part->piece, $this->parts), static fn(Piece $piece): bool => !$piece->isStaple());
        $serving = static fn(Season $season): int => \count(array_filter($bound, static fn(Piece $piece): bool => $piece->serves($season)));
        $least = [] === array_filter(Season::cases(), static fn(Season $season): bool => $serving($season) === \count($bound)) ? 1 : \count($bound);

        return [] === $bound ? [] : array_values(array_filter(Season::cases(), static fn(Season $season): bool => $serving($season) >= $least));
    }

    /** One unit of it, of the size it was measured at. */
    public function piece(string $id, string $name, PieceKind $kind, Size $size): Piece
    {
        $largest = $this->parts[0]->piece;
        $materials = self::each(array_map(static fn(PartUnits $part): array => $part->piece->materials, $this->parts));
        $hazards = self::each(array_map(static fn(PartUnits $part): array => $part->piece->hazards, $this->parts));

        return new Piece(
            $id,
            $name,
            $kind,
            1,
            $size,
            $this->weight(),
            (new PieceColours())->ofUnits($this->parts),
            \array_slice($materials, 0, self::MOST_MATERIALS),
            $largest->finish,
            $this->seasons(),
            $hazards,
        );
    }

    /** @return list<Part> */
    public function makeup(): array
    {
        return array_map(
            static fn(PartUnits $part): Part => new Part(
                mb_substr($part->piece->name, 0, 80),
                $part->piece->kind,
                $part->units,
                $part->piece->size,
                $part->piece->colours[0]->colour,
                $part->piece->materials[0] ?? Material::Plastic,
                $part->piece->id,
            ),
            $this->parts,
        );
    }

    /**
     * @template T of \BackedEnum
     *
     * @param list<list<T>> $lists
     *
     * @return list<T> each once
     */
    private static function each(array $lists): array
    {
        $once = [];
        foreach (array_merge(...$lists) as $one) {
            $once[$one->value] = $one;
        }

        return array_values($once);
    }
}
