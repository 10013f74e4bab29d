<?php

declare(strict_types=1);

namespace App\Demo;

use App\Entity\Home;
use App\Entity\KeptSum;
use App\Entity\Swap;
use App\Workbench\Reckoning;
use App\Workbench\SumInput;
use App\Workbench\SumValueInput;
use App\Workbench\Words\SumWords;
use BrightCupboard\Core\Sizing\Said;
use BrightCupboard\Core\Sizing\Sums;
use Doctrine\ORM\EntityManagerInterface;

/** The sums that a demo home has kept: last year's with what they really took, and those of the running swap. */
final readonly class DemoSums
{
    public function __construct(private EntityManagerInterface $entities, private Reckoning $reckoning) {}

    /** Each: name, sum, key of the spot, pairs of field and figure, name of the swap, part of the reckoned that was really used (0: not known). */
    public function store(Home $home, DemoHome $stored, DemoValues $house): void
    {
        foreach ($house->list('sums') as $row) {
            $swap = $this->swap($home, $row->text('4'), $row->number('5') > 0.0);
            $spot = $stored->spots()[$row->text('2')] ?? null;
            $values = array_map(static fn(DemoValues $pair): SumValueInput => new SumValueInput($pair->text('0'), $pair->text('1')), $row->list('3'));
            $sum = Sums::from($row->text('1'));
            $answer = $this->reckoning->answer($home, $sum, new SumInput($values, null === $swap->closedAt() ? $swap->id() : null, $spot?->id()));
            $words = new SumWords($home);
            $kept = new KeptSum($home, $swap, $spot, $swap->swapDay()->modify('-10 days'));
            $kept->describe(
                $sum,
                $row->text('0'),
                array_map(static fn(SumValueInput $value): array => ['name' => $value->name, 'text' => $value->text], $values),
                array_map(static fn(Said $said): string => $words->line($said), $answer->figures),
                $answer->amount,
            );
            $kept->cameTo(0.0 === $row->number('5') ? null : (int) round(($kept->reckoned() ?? 0) * $row->number('5')));
            $this->entities->persist($kept);
        }
        $this->entities->flush();
    }

    private function swap(Home $home, string $name, bool $isClosed): Swap
    {
        foreach ($this->entities->getRepository(Swap::class)->findBy(['home' => $home, 'name' => $name]) as $swap) {
            if ($isClosed === (null !== $swap->closedAt())) {
                return $swap;
            }
        }

        throw new \LogicException(sprintf('The demo has no swap called %s.', $name));
    }
}
