<?php

declare(strict_types=1);

namespace App\Damage;

use App\Entity\FoundDamage;
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
use BrightCupboard\Core\Stock\Damage;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** What was found wrong goes on the list of a haul; its price is not known yet. */
#[AsController]
final readonly class ReplaceDamaged
{
    private const UNKNOWN_COLOUR = '#CCCCC4';

    public function __construct(private EntityManagerInterface $entities, private Catalogue $catalogue, private Journal $journal) {}

    #[Route('/api/homes/{home}/swaps/{swap}/replacements', methods: ['POST'], defaults: ['_status' => 201])]
    public function __invoke(Swap $swap, #[Body] ReplaceInput $input): LineAnswer
    {
        $damage = $this->entities->find(FoundDamage::class, $input->damage);
        if (null === $damage || $damage->home() !== $swap->home()) {
            throw InvalidInput::at('damage', 'This was put right meanwhile. Reload to see how things are.');
        }
        if (null !== $damage->line()) {
            throw new Conflict(sprintf('%s is on the list of %s already.', $damage->line()->name(), $damage->line()->swap()->name()));
        }
        $line = new HaulLine($swap);
        $line->describe(mb_strimwidth(self::called($damage), 0, 120, '…'), HaulWay::Buy, $this->thing($damage));
        $line->priced(Money::zero(), Offer::none(), 1, $damage->count(), Tender::Purse);
        $damage->answerBy($line);
        $this->entities->persist($line);
        $this->journal->say(sprintf('%s is on the list', $line->name()));
        $this->entities->flush();

        return LineAnswer::of($line);
    }

    private static function called(FoundDamage $damage): string
    {
        return match ($damage->damage()) {
            Damage::Broken, Damage::Worn => $damage->piece()->name(),
            Damage::DeadBulbs => 'Bulbs for ' . $damage->piece()->name(),
            Damage::PartMissing => 'Missing part of ' . $damage->piece()->name(),
        };
    }

    private function thing(FoundDamage $damage): HaulThing
    {
        $piece = $this->catalogue->one($damage->piece()->id())->piece ?? throw new \LogicException('A piece that was found wrong is in the catalogue.');

        return new HaulThing($piece->kind, $piece->size->width, $piece->size->height, $piece->colours[0]->colour ?? Srgb::ofHex(self::UNKNOWN_COLOUR));
    }
}
