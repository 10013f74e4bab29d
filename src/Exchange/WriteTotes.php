<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Entity\Home;
use App\Entity\Tote;
use App\Http\FileAnswer;
use App\Repository\HouseRepository;
use BrightCupboard\Core\Stock\Condition;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** All totes of a home as a CSV file. */
#[AsController]
final readonly class WriteTotes
{
    private const HEADS = ['code', 'place', 'width', 'depth', 'height', 'conditions', 'most weight'];

    public function __construct(private HouseRepository $house) {}

    #[Route('/api/homes/{home}/totes.csv', methods: ['GET'])]
    public function __invoke(Home $home): FileAnswer
    {
        return new FileAnswer($this->text($home), 'text/csv; charset=utf-8', $home->name() . ' totes.csv');
    }

    private function text(Home $home): string
    {
        return WriteTable::csv(self::HEADS, array_map(static function (Tote $tote) use ($home): array {
            $stored = $tote->stored();
            $sides = array_map(
                static fn($side): string => TableText::length($home->unit(), $side),
                [$stored->inside->width, $stored->inside->depth, $stored->inside->height],
            );

            return [
                $tote->code(),
                $tote->place(),
                ...$sides,
                implode(', ', array_map(static fn(Condition $one): string => $one->value, $stored->conditions)),
                null === $stored->mostWeight ? '' : $stored->mostWeight->grams() . ' g',
            ];
        }, $this->house->totes($home)));
    }
}
