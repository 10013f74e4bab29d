<?php

declare(strict_types=1);

namespace App\Cupboard;

use App\Entity\Home;
use App\Repository\SearchRepository;
use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Search\Answered;
use BrightCupboard\Core\Search\Found;
use BrightCupboard\Core\Search\StockQuery;
use BrightCupboard\Core\Search\TitleQuery;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\Routing\Attribute\Route;

/** Answers “where is it?” over everything that is owned, and over what else goes by a name. */
#[AsController]
final readonly class SearchStock
{
    private const MOST = 500;
    /** Only then the room of totes and spots is looked at. */
    private const ASKS_FOR_ROOM = '/\b(?:fit|put|stand|go|place|set|sit)/i';
    private const NO_TOTE = 'No tote is as %s as that.';

    public function __construct(
        private SearchRepository $cards,
        private SearchElsewhere $elsewhere,
        private ColourNames $names,
        private ClockInterface $clock,
    ) {}

    #[Route('/api/homes/{home}/search', methods: ['GET'])]
    public function __invoke(Home $home, #[MapQueryParameter] string $q = ''): SearchAnswer
    {
        $words = $this->cards->words($home);
        $titles = TitleQuery::read($q);
        $elsewhere = $this->elsewhere->find($home, $titles);
        $query = StockQuery::read(
            $q,
            $home->unit(),
            $this->names,
            1 !== preg_match(self::ASKS_FOR_ROOM, $q) ? [] : $this->cards->openings($home),
            $words,
            $this->clock->now(),
        );
        $answered = null !== $titles->fill || ($titles->isElsewhere() && [] !== $elsewhere)
            ? new Answered([], [])
            : $query->among(fn(): iterable => $this->cards->cards($home, $query));
        $all = \count(array_filter($answered->found, static fn(Found $one): bool => [] === $one->misses));
        $used = array_filter(
            $words,
            static fn(string $word): bool => 1 === preg_match('/(?<!\pL)' . preg_quote($word, '/') . '(?!\pL)/iu', $q),
            \ARRAY_FILTER_USE_KEY,
        );

        return new SearchAnswer(
            $all,
            null !== $titles->fill && [] === $elsewhere
                ? sprintf(self::NO_TOTE, $titles->fill)
                : (new AnswerWords($home))->of($query->asking, $answered->totals, $all),
            array_map(static fn(Found $one): FoundAnswer => new FoundAnswer($one->id, $one->why, $one->misses), \array_slice($answered->found, 0, self::MOST)),
            $answered->unknown,
            array_map(static fn(string $word, string $means): WordAnswer => new WordAnswer($word, $means), array_keys($used), $used),
            $elsewhere,
        );
    }
}
