<?php

declare(strict_types=1);

namespace App\UseCase\Haul;

use App\Entity\Need;
use App\Entity\Person;
use App\Input\FillNeedInput;
use App\Input\PlacementInput;
use App\UseCase\Plan\OpenSwap;
use App\UseCase\Rooms\PlacePiece;
use App\View\Haul\NeedView;
use Doctrine\ORM\EntityManagerInterface;

/** Marks a need as answered by an owned piece, which is placed at its spot, or opens it again. */
final readonly class FillNeed
{
    public function __construct(private EntityManagerInterface $entities, private PlacePiece $place) {}

    public function __invoke(Need $need, FillNeedInput $input, Person $by): NeedView
    {
        OpenSwap::require($need->swap());
        $this->entities->wrapInTransaction(function () use ($need, $input, $by): void {
            if (null !== $input->piece) {
                ($this->place)($need->swap(), null, new PlacementInput($input->piece, $need->spot()->id(), $need->wanted()->count, null, null, 0), $by);
            }
            $need->fill($input->piece);
        });

        return NeedView::of($need);
    }
}
