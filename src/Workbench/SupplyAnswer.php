<?php

declare(strict_types=1);

namespace App\Workbench;

use App\Workbench\Words\SumWords;
use BrightCupboard\Core\Sizing\OwnedPiece;
use BrightCupboard\Core\Sizing\Supply;
use BrightCupboard\Core\Sizing\Taken;

/** What a sum needs so many of, from the cupboard first. Money in minor units. */
final readonly class SupplyAnswer
{
    /**
     * @param list<TakenAnswer> $taken
     * @param list<OwnedLengthAnswer> $lengths all that is owned of what is laid or cut by length
     * @param string|null       $per   the price of one metre, foot, bulb, stem, in words
     */
    private function __construct(
        public string $name,
        public int $needed,
        public array $taken,
        public int $missing,
        public ?int $packs,
        public ?int $spare,
        public ?int $total,
        public ?string $per,
        public array $lengths,
    ) {}

    public static function of(Supply $supply, SumWords $words): self
    {
        $price = $supply->price();
        $used = [];
        foreach ($supply->taken as $one) {
            $used[$one->from->piece->id] = $one->units;
        }

        return new self(
            $words->supply($supply),
            $supply->needed,
            array_map(static fn(Taken $one): TakenAnswer => TakenAnswer::of($one, $words), $supply->taken),
            $supply->missing,
            $price?->packs,
            $price?->spare,
            $price?->total->minor,
            null === $price ? null : $words->pricePer($supply, $price),
            array_map(
                static fn(OwnedPiece $one): OwnedLengthAnswer => new OwnedLengthAnswer(
                    $one->piece->id,
                    $one->piece->name,
                    $one->run->tenths(),
                    $one->free,
                    $used[$one->piece->id] ?? 0,
                ),
                $supply->lengths,
            ),
        );
    }
}
