<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Plan;

use BrightCupboard\Core\Sizing\Owned;
use BrightCupboard\Core\Sizing\OwnedPiece;
use BrightCupboard\Core\Sizing\Sums;
use BrightCupboard\Core\Stock\Place;
use BrightCupboard\Core\Stock\PlaceKind;
use BrightCupboard\Core\Stock\Season;
use BrightCupboard\Core\Storage\StoredTote;

/** What of the stock a sum may use: what is at home, is not planned to stand elsewhere, nor to leave. */
final readonly class FreeForSum
{
    /** @var array<string, string> words by key of place */
    private array $places;

    /** @param list<StoredTote> $totes */
    public function __construct(private Plan $plan, array $totes)
    {
        $places = [PlaceKind::Arrived->value => 'just come in', PlaceKind::Loose->value => 'loose in store', PlaceKind::Table->value => 'on the table'];
        foreach ($totes as $tote) {
            $places[Place::tote($tote->id)->key()] = $tote->code . ', ' . $tote->place;
        }
        foreach ($plan->spots as $id => $spot) {
            $places[Place::spot($id)->key()] = 'now on ' . $spot->name;
        }
        $this->places = $places;
    }

    /**
     * By name. What is planned for the spot itself is there for its sums, whatever season it is for.
     *
     * @param Season|null $season that it is to serve; null for any
     * @param string|null $spotId of the spot the sum is for
     */
    public function of(Sums $sum, ?Season $season, ?string $spotId): Owned
    {
        $kinds = $sum->kinds();
        $pieces = [];
        foreach ($this->plan->stock as $id => $piece) {
            if (!\in_array($piece->kind, $kinds, true) || Choice::Part === $this->plan->choice($id)) {
                continue;
            }
            $here = $this->plan->placed[$id][$spotId ?? ''] ?? 0;
            $free = $this->plan->free($id) + $here;
            if ($free > 0 && (null === $season || $here > 0 || $piece->serves($season))) {
                $place = (string) array_key_first($this->plan->atHome($id));
                $pieces[] = new OwnedPiece($piece, $free, $this->places[$place] ?? 'in store', $place);
            }
        }
        usort($pieces, static fn(OwnedPiece $a, OwnedPiece $b): int => [$a->piece->name, $a->piece->id] <=> [$b->piece->name, $b->piece->id]);

        return new Owned($pieces);
    }
}
