<?php

declare(strict_types=1);

namespace App\UseCase\Plan;

use App\Entity\Swap;
use App\Repository\CatalogueEntry;
use App\Repository\DecisionRow;
use BrightCupboard\Core\Coach\Judgement;
use BrightCupboard\Core\Look\FitMeter;
use BrightCupboard\Core\Look\Look;
use BrightCupboard\Core\Stock\Place;
use BrightCupboard\Core\Stock\PlaceKind;
use BrightCupboard\Core\Stock\Whereabouts;
use BrightCupboard\Core\Swap\Choice;
use BrightCupboard\Core\Swap\History;

/** Everything that is known of a swap at one moment: stock, whereabouts, decisions, places, history. */
final readonly class SwapState
{
    /** Keys of the places from which nothing can be placed, and how the key of a spot begins; compared as text, thousands of times an answer. */
    private const AWAY = [PlaceKind::Lent->value => true, PlaceKind::Lost->value => true, PlaceKind::Parted->value => true];
    private const WITHIN = PlaceKind::Within->value . ':';
    private const SPOT = PlaceKind::Spot->value . ':';

    public FitMeter $meter;
    public Look $look;

    /**
     * @param array<string, CatalogueEntry>     $catalogue by piece id, in order of name
     * @param array<string, DecisionRow>        $decisions by piece id
     * @param array<string, array<string, int>> $placed    piece id => spot id => units
     * @param array<string, History>            $history   by piece id
     * @param array<string, true>               $outOfHand by piece id
     */
    public function __construct(
        public Swap $swap,
        public array $catalogue,
        public Whereabouts $now,
        public array $decisions,
        public array $placed,
        public array $history,
        private int $closedSwaps,
        private array $outOfHand,
    ) {
        $this->look = $swap->look()->look();
        $this->meter = new FitMeter($this->look, $swap->season());
    }

    public function judgement(): Judgement
    {
        return new Judgement($this->look, $this->meter, $this->swap->home()->lengths());
    }

    public function historyOf(string $pieceId): History
    {
        return $this->history[$pieceId] ?? new History(0, $this->closedSwaps, null);
    }

    public function choice(string $pieceId): ?Choice
    {
        return ($this->decisions[$pieceId] ?? null)?->choice;
    }

    /** Whether none of it can be decided on: all its units have left the home or are put together with others. */
    public function isOutOfHand(string $pieceId): bool
    {
        return isset($this->outOfHand[$pieceId]);
    }

    /** Units not lent, lost, gone, put together with others or placed in this swap. */
    public function free(string $pieceId): int
    {
        $free = -array_sum($this->placed[$pieceId] ?? []);
        foreach ($this->now->of($pieceId) as $key => $units) {
            $free += isset(self::AWAY[$key]) || str_starts_with($key, self::WITHIN) ? 0 : $units;
        }

        return $free;
    }

    /** The spot it stands at now; null when none of it is out. */
    public function spotNow(string $pieceId): ?string
    {
        foreach ($this->now->of($pieceId) as $key => $units) {
            if (str_starts_with($key, self::SPOT)) {
                return Place::ofKey($key)->id;
            }
        }

        return null;
    }
}
