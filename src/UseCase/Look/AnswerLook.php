<?php

declare(strict_types=1);

namespace App\UseCase\Look;

use App\Entity\Swap;
use App\Input\LookInput;
use App\Repository\Catalogue;
use App\Repository\PlanRepository;
use App\Repository\StandingRepository;
use App\View\Look\LookReadingView;
use App\View\Look\PieceAnswerView;
use App\View\Look\StockAnswerView;
use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Colour\Contrast;
use BrightCupboard\Core\Look\FitMeter;
use BrightCupboard\Core\Look\FitVerdict;
use BrightCupboard\Core\Look\Look;
use BrightCupboard\Core\Look\PaletteReader;
use BrightCupboard\Core\Look\Ribbon;
use BrightCupboard\Core\Look\RibbonsApart;
use BrightCupboard\Core\Look\RibbonShares;

/** What the whole stock says to a look that may not be saved yet. */
final readonly class AnswerLook
{
    public function __construct(private Catalogue $catalogue, private StandingRepository $standing, private PlanRepository $plan, private ColourNames $names) {}

    public function __invoke(Swap $swap, LookInput $input): StockAnswerView
    {
        $look = LookReader::read($input);
        $meter = new FitMeter($look, $swap->season());
        $placed = $this->plan->placed($swap);
        $answers = $standing = [];
        $counts = [FitVerdict::In->value => 0, FitVerdict::Near->value => 0, FitVerdict::Outside->value => 0];
        foreach (array_diff_key($this->catalogue->of($swap->home()), $this->standing->outOfHand($swap->home())) as $id => $entry) {
            $answers[] = $answer = PieceAnswerView::of($meter->fit($entry->piece));
            ++$counts[$answer->verdict->value];
            if (isset($placed[$id])) {
                $standing[] = [$entry->piece, array_sum($placed[$id])];
            }
        }

        return new StockAnswerView($counts[FitVerdict::In->value], $counts[FitVerdict::Near->value], $counts[FitVerdict::Outside->value], $answers, (new RibbonShares($look, $meter))->of($standing), $this->reading($look));
    }

    private function reading(Look $look): LookReadingView
    {
        $names = array_map(fn(Ribbon $ribbon): string => $this->names->of($ribbon->colour), $look->ribbons);
        $resting = array_map($this->names->of(...), $look->resting->colours);
        $darkFigures = array_map(static fn(Ribbon $ribbon): bool => Contrast::darkReadsBetterOn($ribbon->colour), $look->ribbons);

        return LookReadingView::of((new PaletteReader())->read($look), $names, $resting, $darkFigures, (new RibbonsApart())->warnings($look));
    }
}
