<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Look;

use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Stock\Face;
use BrightCupboard\Core\Stock\Material;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\PieceKind;

/**
 * Finds what would bring a piece that is nearly right into the look, by trying each change and measuring it again.
 *
 * A turned face brings its own colours; the other ways take the ribbon that lifts the fit most. Only what gains
 * eight points or more and reaches 70 is said, the greatest gain first, then the cheapest.
 */
final readonly class RestyleIdeas
{
    private const LEAST_GAIN = 8;
    private const WORTH_FROM = 70;
    private const PAINTABLE = [Material::Wood, Material::Clay, Material::Tin, Material::Iron, Material::Plastic, Material::Reed, Material::Paper];

    public function __construct(private Look $look, private FitMeter $meter) {}

    /**
     * @param list<Face> $faces other sides of the piece
     *
     * @return list<Restyle>
     */
    public function of(Piece $piece, array $faces): array
    {
        $before = $this->meter->fit($piece)->score;
        $ideas = [];
        foreach ($faces as $face) {
            $ideas[] = $this->tried($piece, $before, RestyleWay::TurnFace, $face->colours, sprintf('Turn it to “%s”.', $face->name), $face->name);
        }
        foreach ($this->ways($piece) as $way) {
            $ideas[] = $this->best($piece, $before, $way);
        }
        $ideas = array_values(array_filter(
            $ideas,
            static fn(Restyle $idea): bool => $idea->scoreAfter - $before >= self::LEAST_GAIN && $idea->scoreAfter >= self::WORTH_FROM,
        ));
        usort(
            $ideas,
            static fn(Restyle $a, Restyle $b): int => [$b->scoreAfter, $a->costMinor, $a->way->value] <=> [$a->scoreAfter, $b->costMinor, $b->way->value],
        );

        return $ideas;
    }

    /** @return list<RestyleWay> */
    private function ways(Piece $piece): array
    {
        $paintable = array_filter($piece->materials, static fn(Material $material): bool => \in_array($material, self::PAINTABLE, true));

        return array_values(array_filter([
            $piece->kind->facts()->isTied() && \count($piece->colours) > 1 ? RestyleWay::SwapRibbon : null,
            PieceKind::Cushion === $piece->kind ? RestyleWay::OtherCover : null,
            PieceKind::Picture === $piece->kind && \count($piece->colours) > 1 ? RestyleWay::OtherPrint : null,
            [] !== $paintable && !$piece->kind->facts()->isNeverPainted() ? RestyleWay::Paint : null,
        ]));
    }

    private function best(Piece $piece, int $before, RestyleWay $way): Restyle
    {
        $best = null;
        foreach ($this->look->ribbons as $ribbon) {
            $idea = $this->tried($piece, $before, $way, $this->changed($piece, $way, $ribbon), $this->sentence($way, $ribbon));
            $best = null === $best || $idea->scoreAfter > $best->scoreAfter ? $idea : $best;
        }

        return $best ?? throw new \LogicException('A look has ribbons.');
    }

    /** @param list<ColourShare> $colours */
    private function tried(Piece $piece, int $before, RestyleWay $way, array $colours, string $sentence, ?string $face = null): Restyle
    {
        return new Restyle(
            $way,
            $sentence,
            $colours,
            $before,
            $this->meter->fit($piece->withColours($colours))->score,
            $way->costMinor(),
            $way->minutes(),
            $face,
        );
    }

    /**
     * The first colour is the body; a ribbon, a print or a bow is what comes after it.
     *
     * @return list<ColourShare>
     */
    private function changed(Piece $piece, RestyleWay $way, Ribbon $ribbon): array
    {
        $body = $piece->colours[0];
        $rest = 100 - $body->percent;

        return match ($way) {
            RestyleWay::OtherCover => [new ColourShare($ribbon->colour, 100)],
            RestyleWay::Paint => [new ColourShare($ribbon->colour, $body->percent), ...\array_slice($piece->colours, 1)],
            default => [$body, new ColourShare($ribbon->colour, max(1, $rest))],
        };
    }

    private function sentence(RestyleWay $way, Ribbon $ribbon): string
    {
        return sprintf(match ($way) {
            RestyleWay::SwapRibbon => 'Tie it with %s.',
            RestyleWay::OtherCover => 'Put on a cover in %s.',
            RestyleWay::OtherPrint => 'Slip a print in %s over the first.',
            default => 'Paint it %s.',
        }, $ribbon->name);
    }
}
