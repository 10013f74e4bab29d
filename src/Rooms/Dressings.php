<?php

declare(strict_types=1);

namespace App\Rooms;

use App\Entity\Need;
use App\Entity\Spot;
use App\Entity\Swap;
use App\Haul\NeedAnswer;
use App\Swaps\SwapState;
use BrightCupboard\Core\Coach\Coach;
use BrightCupboard\Core\Coach\Finding;
use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Coach\Rule\HangingHeight;
use BrightCupboard\Core\Coach\Skyline;
use BrightCupboard\Core\Measure\Length;
use Doctrine\ORM\EntityManagerInterface;

/** A spot of the plan, looked over by the coach. */
final readonly class Dressings
{
    public function __construct(private Availability $availability, private EntityManagerInterface $entities) {}

    public function answer(SwapState $state, Spot $spot): DressingAnswer
    {
        $by = $state->judgement()->at($spot->taste());
        $measures = $spot->measures();
        $dressing = $state->plan->dressing($measures);
        $coach = new Coach();
        $findings = $coach->lookOver($dressing, $by);
        $lengths = $state->swap->home()->lengths();
        $coachWords = new CoachWords($lengths);
        $placeWords = $this->availability->places($state);
        $places = Availability::whereabouts($state, array_map(static fn(PlacedPiece $placed): string => $placed->piece->id, $dressing->placed), $placeWords);
        $placements = array_map(
            static fn(PlacedPiece $placed): PlacementAnswer => PlacementAnswer::of(
                $state->plan->places[$placed->id],
                $placed,
                $dressing,
                $state->meter,
                $places[$placed->piece->id] ?? 'in store',
            ),
            $dressing->placed,
        );
        $moments = $dressing->moments();

        return new DressingAnswer(
            $spot->id(),
            $spot->taste()->school,
            $spot->taste()->mood,
            $spot->taste()->ribbons,
            (int) round($measures->middle()),
            array_map($dressing->heights()->tierHeight(...), range(0, $measures->tierCount() - 1)),
            HangingHeight::aim($measures),
            $placements,
            [] === $findings ? null : (int) round($coach->score($dressing, $findings)),
            array_map(static fn(Finding $finding): FindingAnswer => FindingAnswer::of($finding, $coachWords), $findings),
            round($moments->left, 1),
            round($moments->right, 1),
            round($dressing->visualWeight() * $measures->half() / Length::TENTHS_PER_INCH, 1),
            array_map(static fn(array $p): PointAnswer => new PointAnswer($p['x'], $p['top']), (new Skyline())->over($dressing)),
            array_map(
                NeedAnswer::of(...),
                array_values($this->entities->getRepository(Need::class)->findBy(
                    ['swap' => $state->swap, 'spot' => $spot, 'removedAt' => null],
                    ['id' => 'ASC'],
                )),
            ),
            $this->lastYear($state->swap, $spot),
        );
    }

    /** @return list<string> */
    private function lastYear(Swap $swap, Spot $spot): array
    {
        /** @var list<array{name: string, text: string}> $notes */
        $notes = $this->entities->createQuery(
            'SELECT s.name, n.text FROM App\Entity\Note n JOIN n.swap s WHERE n.spot = :spot AND n.removedAt IS NULL '
                . 'AND s <> :swap ORDER BY n.at DESC, n.id DESC',
        )
            ->setParameter('spot', $spot)->setParameter('swap', $swap)->setMaxResults(3)->getArrayResult();

        return array_map(static fn(array $note): string => sprintf('%s: %s', $note['name'], $note['text']), $notes);
    }
}
