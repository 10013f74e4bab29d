<?php

declare(strict_types=1);

namespace App\Table;

use App\Entity\Person;
use App\Entity\Swap;
use App\Http\Body;
use App\Http\Conflict;
use App\Http\InvalidInput;
use App\Journal\Journal;
use App\Swaps\Plans;
use App\Swaps\SwapState;
use BrightCupboard\Core\Plan\Choice;
use BrightCupboard\Core\Plan\PlanChange;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Uid\Ulid;

/** Takes decisions for one piece or many, all or none; what stays keeps its place in the plan. */
#[AsController]
final readonly class Decide
{
    public function __construct(private Plans $plans, private Journal $journal) {}

    #[Route('/api/homes/{home}/swaps/{swap}/decisions', methods: ['PUT'])]
    public function __invoke(Swap $swap, #[Body] DecisionsInput $input, #[CurrentUser] Person $by): DecisionsAnswer
    {
        $state = $this->plans->ofPlanned($swap, array_map(static fn(DecisionInput $one): string => $one->piece, $input->decisions));
        $this->requireSeen($state, $input);
        $stays = array_filter($input->decisions, static fn(DecisionInput $one): bool => Choice::Stay === $one->choice);
        $state = [] === $stays ? $state : $this->plans->withFormerPlaces($state);
        $change = new PlanChange();
        $plan = $state->plan;
        foreach ($input->decisions as $one) {
            $next = $plan->decide($one->piece, $one->choice, static fn(): string => (string) new Ulid());
            [$plan, $change] = [$plan->with($next), $change->and($next)];
        }
        $after = $this->plans->store($state, $change, $by->name());
        $this->journal->say($this->sentence($state, $input));

        return new DecisionsAnswer(array_map(static fn(DecisionInput $one): DecisionAnswer => self::answer($after, $one->piece), $input->decisions));
    }

    /** Every piece is there, named once, and was seen as it is decided now. */
    private function requireSeen(SwapState $state, DecisionsInput $input): void
    {
        $pieces = array_map(static fn(DecisionInput $one): string => $one->piece, $input->decisions);
        if (\count($pieces) !== \count(array_unique($pieces))) {
            throw InvalidInput::at('decisions', 'The same piece is decided twice here. Decide it once.');
        }
        $conflicts = [];
        foreach ($input->decisions as $one) {
            if (!isset($state->catalogue[$one->piece])) {
                throw InvalidInput::at('piece', 'One of these pieces is not in the cupboard any more. Reload to see how things are.');
            }
            if (($state->decisions[$one->piece]->version ?? 0) !== $one->version) {
                $conflicts[] = self::answer($state, $one->piece);
            }
        }
        if ([] !== $conflicts) {
            $first = $conflicts[0];
            throw new Conflict(
                sprintf(
                    '%s decided on %s meanwhile: %s. Nothing of yours was saved; look again, then decide.',
                    '' === $first->by ? 'Someone' : $first->by,
                    $state->catalogue[$first->piece]->piece->name,
                    $first->choice->value ?? 'not decided',
                ),
                new DecisionsAnswer($conflicts),
            );
        }
    }

    private static function answer(SwapState $state, string $piece): DecisionAnswer
    {
        $decision = $state->decisions[$piece] ?? null;

        return new DecisionAnswer($piece, $decision?->choice, $decision->by ?? '', $decision->version ?? 0);
    }

    private function sentence(SwapState $state, DecisionsInput $input): string
    {
        $first = $input->decisions[0];
        $choices = array_unique(array_map(static fn(DecisionInput $one): string => $one->choice->value ?? 'not decided', $input->decisions));
        $who = 1 === \count($input->decisions) ? $state->catalogue[$first->piece]->piece->name : \count($input->decisions) . ' pieces';

        return sprintf('%s: %s', $who, 1 === \count($choices) ? reset($choices) : 'as suggested');
    }
}
