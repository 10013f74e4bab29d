<?php

declare(strict_types=1);

namespace App\Workbench;

use App\Entity\HaulLine;
use App\Entity\HaulThing;
use App\Entity\HaulWay;
use App\Entity\Need;
use App\Entity\Swap;
use App\Haul\LineAnswer;
use App\Http\Body;
use App\Http\InvalidInput;
use App\Journal\Journal;
use App\Workbench\Words\SumWords;
use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Money\Money;
use BrightCupboard\Core\Money\Tender;
use BrightCupboard\Core\Sizing\Sums;
use BrightCupboard\Core\Sizing\Supply;
use BrightCupboard\Core\Stock\Material;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Puts what a sum still misses onto the haul list, in packs, with its price and offer. */
#[AsController]
final readonly class BuyForSum
{
    private const GREEN = '#5B6B4C';

    public function __construct(private EntityManagerInterface $entities, private Reckoning $reckoning, private Journal $journal) {}

    #[Route('/api/homes/{home}/swaps/{swap}/sums/{sum}/lines', methods: ['POST'], defaults: ['_status' => 201])]
    public function __invoke(Swap $swap, Sums $sum, #[Body] SumInput $input): LinesAnswer
    {
        $home = $swap->home();
        $answer = $this->reckoning->answer($home, $sum, new SumInput($input->values, $swap->id(), $input->spot));
        $missing = array_filter($answer->supplies, static fn(Supply $one): bool => $one->missing > 0);
        if ([] === $missing) {
            throw InvalidInput::at('values', 'Nothing is missing: the cupboard has all of it.');
        }
        $need = null === $input->need ? null : $this->entities->find(Need::class, $input->need);
        if (null !== $input->need && (null === $need || $need->swap() !== $swap || $need->isRemoved())) {
            throw InvalidInput::at('need', 'What this was for is no longer wanted.');
        }
        $words = new SumWords($home);
        $spot = $this->reckoning->spot($home, $input->spot);
        $lines = [];
        foreach ($missing as $supply) {
            $lines[] = $line = new HaulLine($swap, $need);
            $name = $words->supply($supply) . (null === $spot ? '' : sprintf(' (%s)', $spot->name()));
            $line->describe(mb_substr($name, 0, 120), HaulWay::Buy, $this->thing($swap, $supply));
            $line->priced(
                $supply->buying->packPrice ?? Money::zero(),
                $supply->buying->offer,
                $supply->buying->packSize,
                min(1000, $supply->missing),
                Tender::Purse,
            );
            $line->runs(self::unrolled($supply));
            $this->entities->persist($line);
        }
        $names = array_map(static fn(HaulLine $line): string => sprintf('%s × %d', $line->name(), $line->needed()), $lines);
        $this->journal->say(sprintf('On the haul list: %s', implode(', ', \array_slice($names, 0, 3))));
        $this->entities->flush();

        return new LinesAnswer(array_map(LineAnswer::of(...), $lines));
    }

    /** In the colour of its kind when that is green, else in the first accent of the look. */
    private function thing(Swap $swap, Supply $supply): HaulThing
    {
        $ribbons = $swap->look()->look()->ribbons;
        $isGreen = Material::FauxGreenery === $supply->kind->facts()->material;
        $usual = $supply->kind->facts()->usualSize();

        return new HaulThing(
            $supply->kind,
            self::some($supply->width, $usual->width),
            self::some($supply->height, $usual->height),
            $isGreen ? Srgb::ofHex(self::GREEN) : (($ribbons[1] ?? $ribbons[0] ?? null)->colour ?? Srgb::ofHex('#CCCCC4')),
        );
    }

    /** How long it runs beyond how it lies: a roll of ribbon, but not a garland that is as long as it is wide. */
    private static function unrolled(Supply $supply): ?Length
    {
        return null === $supply->run || null === $supply->width || $supply->width->equals($supply->run) ? null : $supply->run;
    }

    private static function some(?Length $length, Length $usual): Length
    {
        return null === $length || 0 === $length->tenths() ? $usual : $length;
    }
}
