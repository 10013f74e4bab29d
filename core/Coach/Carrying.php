<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach;

use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Surface\Form;

/** What carries what on a dressed spot: risers what stands on them, vessels stems, garlands and trees what trims them. */
final readonly class Carrying
{
    /** What stems are put in, and what holds baubles and gourds. */
    private const VASES = [PieceKind::Vase, PieceKind::Jug, PieceKind::Crock, PieceKind::Jar, PieceKind::Basket];
    private const BOWLS = [PieceKind::Bowl, PieceKind::Jar, PieceKind::StormGlass, PieceKind::Basket, PieceKind::Box];
    /** What is trimmed. */
    private const TRIMMED = [PieceKind::Garland, PieceKind::Wreath, PieceKind::Tree, PieceKind::Arrangement, PieceKind::Basket, PieceKind::Lantern];

    public function __construct(private Dressing $dressing) {}

    /** Whether another stands on it, so that it is not seen for itself. */
    public function isRiser(PlacedPiece $piece): bool
    {
        if (!\in_array(Posture::Carries, $piece->piece->kind->facts()->postures, true)) {
            return false;
        }

        return [] !== $this->carriedBy($piece);
    }

    /** @return list<PlacedPiece> what stands on it */
    public function carriedBy(PlacedPiece $riser): array
    {
        return array_values(array_filter(
            $this->dressing->placed,
            fn(PlacedPiece $other): bool => $other->id !== $riser->id
                && $other->tier === $riser->tier
                && $other->raise > 0
                && !$this->dressing->isOnWall($other)
                && $other->raise >= $riser->raise + intdiv($riser->height, 2)
                && $other->overlapsAcross($riser),
        ));
    }

    /** What a piece stands on; null when that is the spot itself. */
    public function riserUnder(PlacedPiece $piece): ?PlacedPiece
    {
        foreach (0 === $piece->raise || $this->dressing->isOnWall($piece) ? [] : $this->dressing->placed as $riser) {
            if (
                $riser->id !== $piece->id
                && $riser->top === $piece->raise
                && $this->isRiser($riser)
                && $riser->tier === $piece->tier
                && $riser->overlapsAcross($piece)
            ) {
                return $riser;
            }
        }

        return null;
    }

    /** @return list<PlacedPiece> what a piece stands on, alone, and what stands on it */
    public function togetherWith(string $id): array
    {
        foreach ($this->dressing->placed as $piece) {
            if ($piece->id === $id) {
                $under = $this->riserUnder($piece);

                return [
                    ...(null !== $under && 1 === \count($this->carriedBy($under)) ? [$under] : []),
                    ...($this->isRiser($piece) ? $this->carriedBy($piece) : []),
                ];
            }
        }

        return [];
    }

    /** The vessel or the trimmed thing that a piece is in or on; null when there is none within its width. */
    public function host(PlacedPiece $guest): ?PlacedPiece
    {
        $kinds = self::hostsFor($guest->piece->kind, $guest->posture);
        foreach ($this->dressing->placed as $host) {
            if (
                $host !== $guest
                && $host->tier === $guest->tier
                && \in_array($host->piece->kind, $kinds, true)
                && $host->left <= $guest->centre
                && $guest->centre <= $host->right
            ) {
                return $host;
            }
        }

        return null;
    }

    /** What has to be here before a piece can be: what it trims or fills, what it stands on; of all that is on a tree the tree. */
    public function carrier(PlacedPiece $piece): ?PlacedPiece
    {
        $tree = Posture::Stands === $piece->posture ? null : $this->dressing->tree();
        if (null !== $tree) {
            return $tree;
        }

        return self::needsHost($piece->posture) ? $this->host($piece) : $this->riserUnder($piece);
    }

    /** How a piece goes here by habit, as far as there is something for it to be in or on; null when it goes nowhere here. */
    public function postureFor(PieceKind $kind): ?Posture
    {
        return $this->posturesFor($kind)[0] ?? null;
    }

    /** @return list<Posture> all the ways in which a piece may be put here as the spot is dressed, in order of habit */
    public function posturesFor(PieceKind $kind): array
    {
        return array_values(array_filter(
            $this->dressing->spot->posturesOf($kind),
            fn(Posture $posture): bool => !self::needsHost($posture) || Form::Cone === $this->dressing->spot->form() || $this->hasHostFor($kind, $posture),
        ));
    }

    private static function needsHost(Posture $posture): bool
    {
        return Posture::Fills === $posture || Posture::Trims === $posture;
    }

    private function hasHostFor(PieceKind $kind, Posture $posture): bool
    {
        $hosts = self::hostsFor($kind, $posture);
        foreach ($this->dressing->placed as $placed) {
            if (\in_array($placed->piece->kind, $hosts, true)) {
                return true;
            }
        }

        return false;
    }

    /** @return list<PieceKind> */
    private static function hostsFor(PieceKind $kind, Posture $posture): array
    {
        return match (true) {
            Posture::Fills !== $posture => self::TRIMMED,
            PieceKind::Bunch === $kind => self::VASES,
            default => self::BOWLS,
        };
    }
}
