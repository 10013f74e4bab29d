<?php

declare(strict_types=1);

namespace App\Cupboard;

use App\Entity\Home;
use App\Repository\SearchRepository;
use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Search\Found;
use BrightCupboard\Core\Search\StockQuery;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\Routing\Attribute\Route;

/** Answers “where is it?” over everything that is owned. */
#[AsController]
final readonly class SearchStock
{
    private const MOST = 500;

    public function __construct(private SearchRepository $cards, private ColourNames $names) {}

    #[Route('/api/homes/{home}/search', methods: ['GET'])]
    public function __invoke(Home $home, #[MapQueryParameter] string $q = ''): SearchAnswer
    {
        $query = StockQuery::read($q, $home->unit(), $this->names, false === stripos($q, 'fit') ? [] : $this->cards->openings($home));
        $answered = $query->among(fn(): iterable => $this->cards->cards($home, $query));

        return new SearchAnswer(
            \count($answered->found),
            $answered->units(),
            array_map(static fn(Found $one): FoundAnswer => new FoundAnswer($one->id, $one->why, $one->misses), \array_slice($answered->found, 0, self::MOST)),
            $answered->unknown,
        );
    }
}
