<?php

declare(strict_types=1);

namespace App\Haul;

use App\Entity\HaulLine;
use App\Entity\Need;
use App\Entity\Swap;
use App\Http\Body;
use App\Http\Conflict;
use App\Http\InvalidInput;
use App\Http\SameVersion;
use App\Journal\Journal;
use BrightCupboard\Core\Money\LineState;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Writes a haul line down or changes one that is still wanted. */
#[AsController]
final readonly class KeepLine
{
    public function __construct(private EntityManagerInterface $entities, private Journal $journal) {}

    #[Route('/api/homes/{home}/swaps/{swap}/lines', name: 'addLine', methods: ['POST'], defaults: ['_status' => 201])]
    #[Route('/api/homes/{home}/swaps/{swap}/lines/{line}', name: 'changeLine', methods: ['PUT'])]
    public function __invoke(Swap $swap, ?HaulLine $line, #[Body] LineInput $input): LineAnswer
    {
        [$thing, $price, $offer] = (new LineReader($swap->home()))->read($input);
        $isNew = null === $line;
        if ($isNew) {
            $line = new HaulLine($swap, $this->need($swap, $input->need));
            $this->entities->persist($line);
        } else {
            SameVersion::check($input->version, $line->version(), 'This line', LineAnswer::of($line));
            if (LineState::Wanted !== $line->state() && LineState::Ordered !== $line->state()) {
                throw new Conflict(sprintf('%s is %s: its price is settled and stays as it was.', $line->name(), $line->state()->value));
            }
        }
        $line->describe(trim($input->name), $input->way, $thing);
        $line->priced($price, $offer, $input->packSize, $input->needed, $input->tender);
        $this->journal->say(sprintf($isNew ? '%s is on the list' : '%s is changed', $line->name()));
        $this->entities->flush();

        return LineAnswer::of($line);
    }

    private function need(Swap $swap, ?string $id): ?Need
    {
        $need = $this->entities->find(Need::class, $id ?? '');
        if (null !== $id && (null === $need || $need->swap() !== $swap || $need->isRemoved())) {
            throw InvalidInput::at('need', 'What this line was for is no longer wanted. Write it down as a line of its own.');
        }

        return $need;
    }
}
