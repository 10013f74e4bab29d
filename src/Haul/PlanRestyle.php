<?php

declare(strict_types=1);

namespace App\Haul;

use App\Cupboard\ColourInput;
use App\Entity\HaulLine;
use App\Entity\HaulThing;
use App\Entity\HaulWay;
use App\Entity\Piece;
use App\Entity\Swap;
use App\Http\Body;
use App\Http\Fields;
use App\Http\InvalidInput;
use App\Journal\Journal;
use App\Repository\Catalogue;
use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Money\Money;
use BrightCupboard\Core\Money\Offer;
use BrightCupboard\Core\Money\Tender;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Writes a restyle into the haul as a line of its own: what it costs comes out of the purse, what it changes is an owned piece. */
#[AsController]
final readonly class PlanRestyle
{
    public function __construct(private EntityManagerInterface $entities, private Catalogue $catalogue, private Journal $journal) {}

    #[Route('/api/homes/{home}/swaps/{swap}/restyles', methods: ['POST'], defaults: ['_status' => 201])]
    public function __invoke(Swap $swap, #[Body] RestyleInput $input): LineAnswer
    {
        $piece = $this->entities->find(Piece::class, $input->piece);
        $entry = $this->catalogue->one($input->piece);
        if (null === $piece || null === $entry || $piece->home() !== $swap->home() || $piece->isRemoved()) {
            throw InvalidInput::at('piece', 'That piece is not in the cupboard any more.');
        }
        $fields = new Fields();
        $colours = $fields->read(
            'colours',
            static fn(): array => ColourShare::complete(array_map(
                static fn(ColourInput $c): ColourShare => new ColourShare(Srgb::ofHex($c->hex), $c->percent),
                $input->colours,
            )),
            [],
        );
        $fields->complete();
        $size = $entry->piece->size;
        $line = new HaulLine($swap);
        $line->describe(
            mb_strimwidth(sprintf('%s: %s', $piece->name(), trim($input->sentence, ' .')), 0, 120, '…'),
            HaulWay::Restyle,
            new HaulThing($entry->piece->kind, $size->width, $size->height, $entry->piece->colours[0]->colour),
        );
        $line->priced(Money::ofMinor($input->way->costMinor()), Offer::none(), 1, $entry->piece->count, Tender::Purse);
        $line->restyle($piece, $colours);
        $this->entities->persist($line);
        $this->journal->say(sprintf('%s is on the list', $line->name()));
        $this->entities->flush();

        return LineAnswer::of($line);
    }
}
