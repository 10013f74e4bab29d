<?php

declare(strict_types=1);

namespace App\Look;

use App\Entity\Role;
use App\Entity\Swap;
use App\Http\Allowed;
use App\Http\Body;
use App\Repository\Catalogue;
use App\Repository\PlanRepository;
use App\Repository\StandingRepository;
use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Colour\Contrast;
use BrightCupboard\Core\Look\FitMeter;
use BrightCupboard\Core\Look\FitVerdict;
use BrightCupboard\Core\Look\Look;
use BrightCupboard\Core\Look\PaletteReader;
use BrightCupboard\Core\Look\Ribbon;
use BrightCupboard\Core\Look\RibbonsApart;
use BrightCupboard\Core\Look\RibbonShares;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** What the whole stock says to a look that may not be saved yet. */
#[AsController]
#[Allowed(Role::Guest)]
final readonly class AnswerLook
{
    public function __construct(private Catalogue $catalogue, private StandingRepository $standing, private PlanRepository $plan, private ColourNames $names) {}

    #[Route('/api/homes/{home}/swaps/{swap}/look-answer', methods: ['POST'])]
    public function __invoke(Swap $swap, #[Body] LookInput $input): StockByLookAnswer
    {
        $look = LookReader::read($input);
        $meter = new FitMeter($look, $swap->season());
        $placed = [];
        foreach ($this->plan->places($swap) as $place) {
            $placed[$place->pieceId] = ($placed[$place->pieceId] ?? 0) + $place->count;
        }
        $answers = $standing = [];
        $counts = array_fill_keys(array_column(FitVerdict::cases(), 'value'), 0);
        foreach (array_diff_key($this->catalogue->of($swap->home()), $this->standing->outOfHand($swap->home())) as $id => $entry) {
            $answers[] = $answer = PieceInLookAnswer::of($meter->fit($entry->piece));
            ++$counts[$answer->verdict->value];
            if (isset($placed[$id])) {
                $standing[] = [$entry->piece, $placed[$id]];
            }
        }

        return new StockByLookAnswer(
            $counts[FitVerdict::In->value],
            $counts[FitVerdict::Near->value],
            $counts[FitVerdict::Outside->value],
            $answers,
            (new RibbonShares($look, $meter))->of($standing),
            $this->reading($look),
        );
    }

    private function reading(Look $look): LookReadingAnswer
    {
        $names = array_map(fn(Ribbon $ribbon): string => $this->names->of($ribbon->colour), $look->ribbons);
        $resting = array_map($this->names->of(...), $look->resting->colours);
        $darkFigures = array_map(static fn(Ribbon $ribbon): bool => Contrast::darkReadsBetterOn($ribbon->colour), $look->ribbons);

        return LookReadingAnswer::of((new PaletteReader())->read($look), $names, $resting, $darkFigures, (new RibbonsApart())->warnings($look));
    }
}
