<?php

declare(strict_types=1);

namespace App\Haul;

use App\Entity\Need;
use App\Entity\Person;
use App\Http\Body;
use App\Http\Conflict;
use App\Http\Fields;
use App\Http\InvalidInput;
use App\Journal\Journal;
use App\Swaps\Plans;
use BrightCupboard\Core\Coach\PlaceSought;
use BrightCupboard\Core\Plan\PlanChange;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Uid\Ulid;

/** Marks a need as answered by an owned piece, which is placed at its spot, or opens it again. */
#[AsController]
final readonly class FillNeed
{
    public function __construct(private EntityManagerInterface $entities, private Plans $plans, private Journal $journal) {}

    #[Route('/api/homes/{home}/needs/{need}/piece', methods: ['PUT'])]
    public function __invoke(Need $need, #[Body] FillNeedInput $input, #[CurrentUser] Person $by): NeedAnswer
    {
        if (null === $input->piece) {
            $need->fill(null);
            $this->journal->say(sprintf('“%s” is wanted again for %s', $need->text(), $need->spot()->name()));
        } elseif ($need->filledBy() !== $input->piece) {
            $this->bring($need, $input->piece, $by->name());
        }
        $this->entities->flush();

        return NeedAnswer::of($need);
    }

    private function bring(Need $need, string $id, string $by): void
    {
        if (null !== $need->filledBy()) {
            throw new Conflict(
                sprintf('“%s” was answered meanwhile. Nothing of yours was saved: look again, then decide.', $need->text()),
                NeedAnswer::of($need),
            );
        }
        $state = $this->plans->of($need->swap());
        $piece = $state->plan->stock[$id] ?? throw InvalidInput::at('piece', 'That piece is not in the cupboard any more.');
        $fields = new Fields();
        $change = $fields->read(
            'piece',
            static fn(): PlanChange => $state->plan->place(
                (string) new Ulid(),
                $id,
                $need->spot()->measures(),
                $need->wanted()->count,
                new PlaceSought($state->look->balance),
            ),
            new PlanChange(),
        );
        $fields->complete();
        $this->plans->store($state, $change, $by);
        $need->fill($id);
        $this->journal->say(sprintf('%s is brought for “%s”', $piece->name, $need->text()));
    }
}
