<?php

declare(strict_types=1);

namespace App\Haul;

use App\Entity\HaulLine;
use App\Entity\HaulThing;
use App\Entity\HaulWay;
use App\Entity\Swap;
use App\Http\Conflict;
use App\Journal\Journal;
use App\Swaps\Differences;
use App\Swaps\Plans;
use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Money\LineState;
use BrightCupboard\Core\Money\Money;
use BrightCupboard\Core\Money\Offer;
use BrightCupboard\Core\Money\Tender;
use BrightCupboard\Core\Stock\PieceKind;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** The totes that would take what has no room go on the list of the haul; what they cost is not known yet. */
#[AsController]
final readonly class BuyTotes
{
    private const COLOUR = '#8C9A94';

    public function __construct(private EntityManagerInterface $entities, private Plans $plans, private Differences $differences, private Journal $journal) {}

    #[Route('/api/homes/{home}/swaps/{swap}/totes-to-buy', methods: ['POST'], defaults: ['_status' => 201])]
    public function __invoke(Swap $swap): LineAnswer
    {
        $difference = $this->differences->of($swap, $this->plans->of($swap)->plan);
        $tote = ($this->areListed($swap) ? null : $this->differences->toteToBuy($swap, $difference))
            ?? throw new Conflict('Everything has room, or the totes for it are on the list already.');
        $lengths = $swap->home()->lengths();
        $inside = implode(' x ', array_map($lengths->write(...), [$tote->inside->width, $tote->inside->depth, $tote->inside->height]));
        $line = new HaulLine($swap);
        $line->describe(
            'Tote, ' . $inside . ' inside',
            HaulWay::Buy,
            new HaulThing(PieceKind::Box, $tote->inside->width, $tote->inside->height, Srgb::ofHex(self::COLOUR)),
        );
        $line->isTote($tote->inside->depth);
        $line->priced(Money::zero(), Offer::none(), 1, $tote->count, Tender::Purse);
        $this->entities->persist($line);
        $this->journal->say(sprintf('%s is on the list', $line->name()));
        $this->entities->flush();

        return LineAnswer::of($line);
    }

    /** Whether totes are wanted or ordered already. */
    public function areListed(Swap $swap): bool
    {
        foreach ($this->entities->getRepository(HaulLine::class)->findBy(['swap' => $swap]) as $line) {
            if (null !== $line->toteInside() && \in_array($line->state(), [LineState::Wanted, LineState::Ordered], true)) {
                return true;
            }
        }

        return false;
    }
}
