<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Entity\HaulLine;
use App\Entity\Swap;
use App\Http\FileAnswer;
use BrightCupboard\Core\Money\Money;
use BrightCupboard\Core\Money\Offer;
use BrightCupboard\Core\Money\OfferKind;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** The haul of a swap as a CSV file, with what each line has come to. */
#[AsController]
final readonly class WriteHaulLines
{
    private const HEADS = ['name', 'way', 'kind', 'width', 'height', 'colour', 'price', 'offer', 'pack', 'needed', 'paid with', 'state', 'packs', 'total'];

    public function __construct(private EntityManagerInterface $entities) {}

    #[Route('/api/homes/{home}/swaps/{swap}/lines.csv', methods: ['GET'])]
    public function __invoke(Swap $swap): FileAnswer
    {
        return new FileAnswer($this->text($swap), 'text/csv; charset=utf-8', $swap->name() . ' haul.csv');
    }

    private function text(Swap $swap): string
    {
        $unit = $swap->home()->unit();
        $lines = $this->entities->getRepository(HaulLine::class)->findBy(['swap' => $swap], ['id' => 'ASC']);

        return WriteTable::csv(self::HEADS, array_values(array_map(static fn(HaulLine $line): array => [
            $line->name(),
            $line->way()->value,
            $line->thing()->kind->value,
            TableText::length($unit, $line->thing()->width),
            TableText::length($unit, $line->thing()->height),
            $line->thing()->colour->hex(),
            TableText::money($line->packPrice()),
            self::offer($line->offer()),
            (string) $line->packSize(),
            (string) $line->needed(),
            $line->tender()->value,
            $line->state()->value,
            (string) $line->price()->packs,
            TableText::money($line->price()->total),
        ], $lines)));
    }

    private static function offer(Offer $offer): string
    {
        return match ($offer->kind) {
            OfferKind::None => '',
            OfferKind::Percent => $offer->value . ' %',
            OfferKind::Fixed => TableText::money(Money::ofMinor($offer->value)) . ' off',
            OfferKind::Deal => sprintf('%d for %d', $offer->value, $offer->payFor),
        };
    }
}
