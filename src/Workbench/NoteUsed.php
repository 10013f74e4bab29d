<?php

declare(strict_types=1);

namespace App\Workbench;

use App\Entity\KeptSum;
use App\Entity\Role;
use App\Http\Allowed;
use App\Http\Body;
use App\Http\Fields;
use App\Http\InvalidInput;
use App\Journal\Journal;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Notes down what a sum really took: next time it starts from there. */
#[AsController]
#[Allowed(Role::Helper)]
final readonly class NoteUsed
{
    private const MOST = 100_000;

    public function __construct(private EntityManagerInterface $entities, private Journal $journal) {}

    #[Route('/api/homes/{home}/kept-sums/{kept}/used', methods: ['PUT'])]
    public function __invoke(KeptSum $kept, #[Body] UsedInput $input): KeptSumAnswer
    {
        if (null === $kept->reckoned()) {
            throw InvalidInput::at('used', 'Nothing is used up by this sum.');
        }
        $text = trim($input->used);
        $fields = new Fields();
        $used = match (true) {
            '' === $text => null,
            $kept->isLength() => $fields->read('used', static fn(): int => $kept->home()->lengths()->read($text)->tenths(), null),
            1 === preg_match('/^\d{1,6}$/D', $text) && (int) $text <= self::MOST => (int) $text,
            default => throw InvalidInput::at('used', sprintf('“%s” is not a number. Write how many were used, like 12.', mb_strimwidth($text, 0, 40, '…'))),
        };
        $fields->complete();
        $kept->cameTo($used);
        $answer = KeptSumAnswer::of($kept);
        $this->journal->say(null === $used
            ? sprintf('What %s took is not known after all', $kept->name())
            : sprintf('%s took %s, reckoned were %s', $kept->name(), $answer->used, $answer->reckoned));
        $this->entities->flush();

        return KeptSumAnswer::of($kept);
    }
}
