<?php

declare(strict_types=1);

namespace App\Workbench;

use App\Entity\Home;
use App\Entity\KeptSum;
use App\Http\Body;
use App\Http\Conflict;
use App\Http\SameVersion;
use App\Journal\Journal;
use App\Workbench\Words\SumWords;
use BrightCupboard\Core\Sizing\Said;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Keeps a sum by name with what it came to, or changes one that is kept. */
#[AsController]
final readonly class KeepSum
{
    public function __construct(
        private EntityManagerInterface $entities,
        private Reckoning $reckoning,
        private ClockInterface $clock,
        private Journal $journal,
    ) {}

    #[Route('/api/homes/{home}/kept-sums', name: 'addKeptSum', methods: ['POST'], defaults: ['_status' => 201])]
    #[Route('/api/homes/{home}/kept-sums/{kept}', name: 'changeKeptSum', methods: ['PUT'])]
    public function __invoke(Home $home, ?KeptSum $kept, #[Body] KeptSumInput $input): KeptSumAnswer
    {
        $swap = $this->reckoning->swap($home, $input->swap);
        if (null !== $swap?->closedAt()) {
            throw new Conflict(sprintf('%s is closed and kept as it was. Keep the sum for the running swap.', $swap->name()));
        }
        $sumInput = new SumInput($input->values, $input->swap, $input->spot);
        $answer = $this->reckoning->answer($home, $input->sum, $sumInput);
        $isNew = null === $kept;
        if ($isNew) {
            $kept = new KeptSum($home, $swap, $this->reckoning->spot($home, $input->spot), $this->clock->now());
            $this->entities->persist($kept);
        } else {
            SameVersion::check($input->version, $kept->version(), 'This sum', KeptSumAnswer::of($kept));
        }
        $words = new SumWords($home);
        $bare = array_values(array_filter($input->values, static fn(SumValueInput $value): bool => 'allowance' !== $value->name));
        $kept->describe(
            $input->sum,
            trim($input->name),
            array_map(static fn(SumValueInput $value): array => ['name' => $value->name, 'text' => trim($value->text)], $input->values),
            array_map(static fn(Said $said): string => $words->line($said), $answer->figures),
            $this->reckoning->answer($home, $input->sum, new SumInput($bare, $input->swap, $input->spot))->amount,
        );
        $this->journal->say(sprintf($isNew ? 'The sum “%s” is kept' : 'The sum “%s” is changed', $kept->name()));
        $this->entities->flush();

        return KeptSumAnswer::of($kept);
    }
}
