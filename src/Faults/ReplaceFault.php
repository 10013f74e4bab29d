<?php

declare(strict_types=1);

namespace App\Faults;

use App\Entity\FoundFault;
use App\Entity\HaulLine;
use App\Entity\HaulThing;
use App\Entity\HaulWay;
use App\Entity\Swap;
use App\Haul\LineAnswer;
use App\Http\Body;
use App\Http\Conflict;
use App\Http\InvalidInput;
use App\Journal\Journal;
use App\Repository\Catalogue;
use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Money\Money;
use BrightCupboard\Core\Money\Offer;
use BrightCupboard\Core\Money\Tender;
use BrightCupboard\Core\Stock\Fault;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** What was found wrong goes on the list of a haul; its price is not known yet. */
#[AsController]
final readonly class ReplaceFault
{
    private const UNKNOWN_COLOUR = '#CCCCC4';

    public function __construct(private EntityManagerInterface $entities, private Catalogue $catalogue, private Journal $journal) {}

    #[Route('/api/homes/{home}/swaps/{swap}/replacements', methods: ['POST'], defaults: ['_status' => 201])]
    public function __invoke(Swap $swap, #[Body] ReplaceInput $input): LineAnswer
    {
        $fault = $this->entities->find(FoundFault::class, $input->fault);
        if (null === $fault || $fault->home() !== $swap->home()) {
            throw InvalidInput::at('fault', 'This was put right meanwhile. Reload to see how things are.');
        }
        if (null !== $fault->line()) {
            throw new Conflict(sprintf('%s is on the list of %s already.', $fault->line()->name(), $fault->line()->swap()->name()));
        }
        $line = new HaulLine($swap);
        $line->describe(mb_strimwidth(self::called($fault), 0, 120, '…'), HaulWay::Buy, $this->thing($fault));
        $line->priced(Money::zero(), Offer::none(), 1, $fault->count(), Tender::Purse);
        $fault->answerBy($line);
        $this->entities->persist($line);
        $this->journal->say(sprintf('%s is on the list', $line->name()));
        $this->entities->flush();

        return LineAnswer::of($line);
    }

    private static function called(FoundFault $fault): string
    {
        return match ($fault->fault()) {
            Fault::Broken, Fault::Worn => $fault->piece()->name(),
            Fault::DeadBulbs => 'Bulbs for ' . $fault->piece()->name(),
            Fault::PartMissing => 'Missing part of ' . $fault->piece()->name(),
        };
    }

    private function thing(FoundFault $fault): HaulThing
    {
        $piece = $this->catalogue->one($fault->piece()->id())->piece ?? throw new \LogicException('A piece that was found wrong is in the catalogue.');

        return new HaulThing($piece->kind, $piece->size->width, $piece->size->height, $piece->colours[0]->colour ?? Srgb::ofHex(self::UNKNOWN_COLOUR));
    }
}
