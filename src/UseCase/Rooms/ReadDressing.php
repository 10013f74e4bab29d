<?php

declare(strict_types=1);

namespace App\UseCase\Rooms;

use App\Entity\Need;
use App\Entity\Note;
use App\Entity\Spot;
use App\Entity\Swap;
use App\Repository\PlacementRepository;
use App\UseCase\Plan\SwapReader;
use App\View\Haul\NeedView;
use App\View\Rooms\CandidateView;
use App\View\Rooms\DressingView;
use App\View\Rooms\FindingView;
use App\View\Rooms\LeftOutView;
use App\View\Rooms\PlacementView;
use App\View\Rooms\PointView;
use BrightCupboard\Core\Coach\Coach;
use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Coach\Skyline;
use BrightCupboard\Core\Draft\CandidateRanking;
use BrightCupboard\Core\Look\FitVerdict;
use Doctrine\ORM\EntityManagerInterface;

/** One spot of the plan, looked over by the coach, with the best of what could still stand there. */
final readonly class ReadDressing
{
    private const CANDIDATES = 12;

    public function __construct(private SwapReader $read, private PlacementRepository $placements, private Availability $availability, private EntityManagerInterface $entities) {}

    public function __invoke(Swap $swap, Spot $spot): DressingView
    {
        $state = ($this->read)($swap);
        $by = $state->judgement();
        $placed = $views = [];
        foreach ($this->placements->atSpot($swap, $spot) as $placement) {
            $piece = $state->catalogue[$placement->piece()->id()]->piece ?? null;
            if (null === $piece) {
                continue;
            }
            $placed[] = $one = new PlacedPiece($placement->id(), $piece, $placement->count(), $placement->left(), $placement->layer(), $placement->raise());
            $fit = $state->meter->fit($piece);
            $views[] = PlacementView::of($placement, $one, FitVerdict::Outside === $fit->verdict ? null : $fit->ribbon);
        }
        $dressing = new Dressing($spot->measures(), $placed);
        $ranking = (new CandidateRanking())->rank($dressing, $this->availability->of($state, false), $by, $swap->season(), self::CANDIDATES);
        $moments = $dressing->moments();

        return new DressingView(
            $spot->id(),
            $views,
            array_map(FindingView::of(...), (new Coach())->lookOver($dressing, $by)),
            round($moments->left, 1),
            round($moments->right, 1),
            array_map(static fn(array $p): PointView => new PointView($p['x'], $p['top']), (new Skyline())->over($dressing)),
            array_map(CandidateView::of(...), $ranking->candidates),
            $ranking->suitable,
            array_map(static fn(string $reason, int $pieces): LeftOutView => new LeftOutView($reason, $pieces), array_keys($ranking->leftOut), array_values($ranking->leftOut)),
            array_map(NeedView::of(...), array_values($this->entities->getRepository(Need::class)->findBy(['swap' => $swap, 'spot' => $spot, 'removedAt' => null], ['id' => 'ASC']))),
            $this->lastYear($swap, $spot),
        );
    }

    /** @return list<string> */
    private function lastYear(Swap $swap, Spot $spot): array
    {
        $said = [];
        foreach ($this->entities->getRepository(Note::class)->findBy(['spot' => $spot, 'removedAt' => null], ['at' => 'DESC', 'id' => 'DESC'], 12) as $note) {
            if ($note->swap() !== $swap) {
                $said[] = sprintf('%s: %s', $note->swap()->name(), $note->text());
            }
        }

        return \array_slice($said, 0, 3);
    }
}
