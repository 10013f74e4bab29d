<?php

declare(strict_types=1);

namespace App\UseCase\Haul;

use App\Entity\HaulLine;
use App\Entity\Need;
use App\Entity\Swap;
use App\Http\Conflict;
use App\Input\LineInput;
use App\UseCase\Plan\OpenSwap;
use App\UseCase\SameVersion;
use App\View\Haul\LineView;
use BrightCupboard\Core\Money\LineState;
use Doctrine\ORM\EntityManagerInterface;

/** Writes a haul line down or changes one that is still wanted. */
final readonly class KeepLine
{
    public function __construct(private EntityManagerInterface $entities) {}

    public function __invoke(Swap $swap, ?HaulLine $line, LineInput $input): LineView
    {
        OpenSwap::require($swap);
        [$thing, $price, $offer] = (new LineReader($swap->home()))->read($input);
        if (null === $line) {
            $need = null === $input->need ? null : $this->entities->find(Need::class, $input->need);
            $line = new HaulLine($swap, null !== $need && $need->swap() === $swap ? $need : null);
            $this->entities->persist($line);
        } else {
            SameVersion::check($input->version, $line->version(), 'This line', LineView::of($line));
            if (LineState::Wanted !== $line->state() && LineState::Ordered !== $line->state()) {
                throw new Conflict(sprintf('%s is %s: its price is settled and stays as it was.', $line->name(), $line->state()->value));
            }
        }
        $line->describe(trim($input->name), $input->way, $thing);
        $line->priced($price, $offer, $input->packSize, $input->needed, $input->tender);
        $this->entities->flush();

        return LineView::of($line);
    }
}
