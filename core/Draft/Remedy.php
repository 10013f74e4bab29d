<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Draft;

use BrightCupboard\Core\Coach\Check;
use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\PlacedPiece;

/** One act that was tried and betters a dressed spot: the whole score before and after, and the finding it answers. */
final readonly class Remedy
{
    /**
     * @param PlacedPiece      $piece as it will be; what is taken off as it was
     * @param PlacedPiece|null $with  what changes with it: the one it swaps places with, or what it is stood on
     */
    public function __construct(
        public Check $answers,
        public RemedyAct $act,
        public PlacedPiece $piece,
        public float $before,
        public float $after,
        public ?PlacedPiece $with = null,
    ) {}

    public function appliedTo(Dressing $dressing): Dressing
    {
        return self::tried($dressing, $this->act, $this->piece, $this->with);
    }

    public static function tried(Dressing $dressing, RemedyAct $act, PlacedPiece $piece, ?PlacedPiece $with): Dressing
    {
        $rest = $dressing->without($piece->id);
        $rest = null === $with ? $rest : $rest->without($with->id)->with($with);

        return RemedyAct::TakeOff === $act ? $rest : $rest->with($piece);
    }
}
