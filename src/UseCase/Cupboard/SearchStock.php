<?php

declare(strict_types=1);

namespace App\UseCase\Cupboard;

use App\Entity\Home;
use App\Repository\SearchRepository;
use App\View\Cupboard\FoundView;
use App\View\Cupboard\SearchView;
use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Search\Found;
use BrightCupboard\Core\Search\StockQuery;

/** Answers “where is it?” over everything that is owned. */
final readonly class SearchStock
{
    private const MOST = 500;

    public function __construct(private SearchRepository $cards, private ColourNames $names) {}

    public function __invoke(Home $home, string $text): SearchView
    {
        $query = StockQuery::read($text, $home->unit(), $this->names);
        $found = $query->isEmpty() ? [] : $query->among($this->cards->cards($home, $query));

        return new SearchView(\count($found), array_map(static fn(Found $one): FoundView => new FoundView($one->id, $one->why), \array_slice($found, 0, self::MOST)));
    }
}
