<?php

declare(strict_types=1);

namespace App\Workbench;

use App\Cupboard\Cutting;
use App\Entity\Home;
use App\Entity\Person;
use App\Entity\Piece;
use App\Http\Body;
use App\Http\Conflict;
use App\Http\InvalidInput;
use App\Journal\Journal;
use App\Repository\StandingRepository;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Sizing\Answer;
use BrightCupboard\Core\Sizing\CutRoll;
use BrightCupboard\Core\Sizing\Sums;
use BrightCupboard\Core\Stock\Place;
use BrightCupboard\Core\Stock\PlaceKind;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** Cuts what a sum says off owned rolls and lengths: true remainders stay in stock. Rolls that are not there yet are not cut. */
#[AsController]
final readonly class CutBySum
{
    private const AWAY = [PlaceKind::Lent, PlaceKind::Lost, PlaceKind::Parted, PlaceKind::Within];

    public function __construct(
        private EntityManagerInterface $entities,
        private Reckoning $reckoning,
        private Cutting $cutting,
        private StandingRepository $standing,
        private Journal $journal,
    ) {}

    #[Route('/api/homes/{home}/sums/{sum}/cuts', methods: ['POST'])]
    public function __invoke(Home $home, Sums $sum, #[Body] SumInput $input, #[CurrentUser] Person $by): void
    {
        $rolls = self::cuts($this->reckoning->answer($home, $sum, $input));
        if ([] === $rolls) {
            throw InvalidInput::at('values', 'Nothing of this is cut off what is in the cupboard.');
        }
        $left = [];
        foreach ($rolls as $roll) {
            $piece = $this->entities->find(Piece::class, $roll->from->piece->id ?? '') ?? throw new \LogicException('A roll that is owned is there.');
            $length = Length::ofTenths(array_sum($roll->cuts));
            if (0 === $roll->rest) {
                $this->cutting->whole($piece, $this->place($piece), $by);
            } else {
                $made = $this->cutting->off($piece, $this->place($piece), $length, $roll->isUsedUp, $by);
                $left[] = $made[\count($made) - 1]->name();
            }
        }
        $cuts = array_sum(array_map(static fn(CutRoll $roll): int => \count($roll->cuts), $rolls));
        $this->journal->say(sprintf(
            '%d %s cut for %s%s',
            $cuts,
            1 === $cuts ? 'length is' : 'lengths are',
            $this->reckoning->spot($home, $input->spot)?->name() ?? 'the bench',
            [] === $left ? '' : '; left: ' . implode(', ', \array_slice($left, 0, 3)),
        ));
        $this->entities->flush();
    }

    /** @return list<CutRoll> of owned ones */
    public static function cuts(Answer $answer): array
    {
        return array_values(array_filter($answer->cuts, static fn(CutRoll $roll): bool => null !== $roll->from));
    }

    /** Where a unit of it is at hand. */
    private function place(Piece $piece): Place
    {
        foreach (array_keys($this->standing->ofPiece($piece)->of($piece->id())) as $key) {
            $place = Place::ofKey($key);
            if (!\in_array($place->kind, self::AWAY, true)) {
                return $place;
            }
        }

        throw new Conflict(sprintf('%s is not at hand any more. Look again, then cut.', $piece->name()));
    }
}
