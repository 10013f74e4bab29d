<?php

declare(strict_types=1);

namespace App\UseCase\Exchange;

use App\Entity\Home;
use App\Entity\Tote;
use App\Repository\HouseRepository;
use BrightCupboard\Core\Stock\Condition;

/** All totes of a home as a CSV file. */
final readonly class WriteTotes
{
    private const HEADS = ['code', 'place', 'width', 'depth', 'height', 'conditions', 'most weight'];

    public function __construct(private HouseRepository $house) {}

    public function __invoke(Home $home): string
    {
        return WriteTable::csv(self::HEADS, array_map(static function (Tote $tote) use ($home): array {
            $stored = $tote->stored();
            $sides = array_map(static fn($side): string => TableText::length($home->unit(), $side), [$stored->inside->width, $stored->inside->depth, $stored->inside->height]);

            return [$tote->code(), $tote->place(), ...$sides, implode(', ', array_map(static fn(Condition $one): string => $one->value, $stored->conditions)), null === $stored->mostWeight ? '' : $stored->mostWeight->grams() . ' g'];
        }, $this->house->totes($home)));
    }
}
