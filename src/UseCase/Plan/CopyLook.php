<?php

declare(strict_types=1);

namespace App\UseCase\Plan;

use App\Entity\Look;
use App\Entity\Swap;
use App\Http\InvalidInput;
use App\Input\CopyLookInput;
use App\View\Look\LookView;
use Doctrine\ORM\EntityManagerInterface;

/** Gives a swap a copy of another look; the look it had stays among the looks of the home. */
final readonly class CopyLook
{
    public function __construct(private EntityManagerInterface $entities) {}

    public function __invoke(Swap $swap, CopyLookInput $input): LookView
    {
        OpenSwap::require($swap);
        $source = $this->entities->find(Look::class, $input->look);
        if (null === $source || $source->home() !== $swap->home()) {
            throw InvalidInput::at('look', 'That look is not there any more.');
        }
        $copy = new Look($swap->home(), $source->look());
        $this->entities->persist($copy);
        $swap->wear($copy);
        $this->entities->flush();

        return LookView::of($copy);
    }
}
