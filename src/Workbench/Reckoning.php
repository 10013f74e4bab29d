<?php

declare(strict_types=1);

namespace App\Workbench;

use App\Entity\Home;
use App\Entity\Spot;
use App\Entity\Swap;
use App\Http\InvalidInput;
use App\Repository\HouseRepository;
use BrightCupboard\Core\Sizing\Answer;
use BrightCupboard\Core\Sizing\Sums;
use Doctrine\ORM\EntityManagerInterface;

/** Reckons a sum for a home from what was written, with what its cupboard has free. */
final readonly class Reckoning
{
    public function __construct(private EntityManagerInterface $entities, private HouseRepository $house, private SumStock $stock) {}

    public function answer(Home $home, Sums $which, SumInput $input): Answer
    {
        $owned = $this->stock->of($home, $which, $this->swap($home, $input->swap), $this->spot($home, $input->spot));

        return (new SumReader($home))->answer($which->sum(), $input->values, $owned);
    }

    public function swap(Home $home, ?string $id): ?Swap
    {
        $swap = null === $id ? null : $this->entities->find(Swap::class, $id);

        return null === $id || (null !== $swap && $swap->home() === $home) ? $swap : throw InvalidInput::at('swap', 'That swap is not there any more.');
    }

    public function spot(Home $home, ?string $id): ?Spot
    {
        return null === $id ? null : ($this->house->spot($home, $id) ?? throw InvalidInput::at('spot', 'That spot is not there any more.'));
    }
}
