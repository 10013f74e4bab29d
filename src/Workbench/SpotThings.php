<?php

declare(strict_types=1);

namespace App\Workbench;

use App\Entity\Spot;
use App\Entity\Swap;
use App\Swaps\Plans;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Stock\Hazard;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\PieceKind;

/** What is planned for a spot answers some asks as well: the largest vessel there for stems and fill, its lights for batteries and sockets. */
final readonly class SpotThings
{
    /** @var array<string, string> */
    private const VESSELS = [
        'vase' => 'cylinder', 'jug' => 'cylinder', 'jar' => 'cylinder', 'crock' => 'frustum', 'storm glass' => 'cylinder',
        'bowl' => 'bowl', 'basket' => 'frustum', 'box' => 'box',
    ];
    /** Of its width the mouth of a vessel takes so much, its foot so much, its inside so much of its height (memory). */
    private const MOUTH = 0.8;
    private const FOOT = 0.65;
    private const INSIDE = 0.95;

    public function __construct(private Plans $plans) {}

    public function of(Spot $spot, ?Swap $swap): SpotThingsFound
    {
        if (null === $swap) {
            return new SpotThingsFound([], []);
        }
        $plan = $this->plans->of($swap)->plan;
        [$vessel, $strands, $onCells] = [null, 0, 0];
        foreach ($plan->at($spot->id()) as $place) {
            $piece = $plan->stock[$place->pieceId];
            if (isset(self::VESSELS[$piece->kind->value]) && (null === $vessel || $piece->faceArea() > $vessel->faceArea())) {
                $vessel = $piece;
            }
            $strands += PieceKind::Lights === $piece->kind ? $place->count : 0;
            $onCells += PieceKind::Lights === $piece->kind && !\in_array(Hazard::Mains, $piece->hazards, true) ? $place->count : 0;
        }
        $values = [
            ...(null === $vessel ? [] : self::vessel($vessel)),
            ...($strands > 0 ? ['lightStrands' => (float) $strands] : []),
            ...($onCells > 0 ? ['devices' => (float) $onCells] : []),
        ];
        $said = [
            ...(null === $vessel ? [] : ['vessel' => sprintf('Stems and fill go into %s; its inside is estimated from its size.', $vessel->name)]),
            ...($strands > 0 ? ['lightStrands' => sprintf('%d %s of lights planned here.', $strands, 1 === $strands ? 'strand is' : 'strands are')] : []),
        ];

        return new SpotThingsFound($values, $said);
    }

    /** @return array<string, Length|string> */
    private static function vessel(Piece $piece): array
    {
        $part = static fn(Length $side, float $part): Length => Length::ofMillimetres(max(1, round($side->inMillimetres() * $part)));
        $shape = self::VESSELS[$piece->kind->value] ?? 'cylinder';
        $height = $part($piece->size->height, self::INSIDE);
        $opening = $part($piece->size->width, 'bowl' === $shape ? 1.0 : self::MOUTH);
        if ('bowl' === $shape && $height->tenths() > $opening->tenths()) {
            $shape = 'cylinder';
        }

        return [
            'vessel' => $shape,
            'vesselHeight' => $height,
            'opening' => $opening,
            'foot' => $part($piece->size->width, self::FOOT),
            'vesselDepth' => $part($piece->size->depth, self::MOUTH),
        ];
    }
}
