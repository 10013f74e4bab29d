<?php

declare(strict_types=1);

namespace App\House;

use App\Entity\Home;
use App\Http\Body;
use App\Http\InvalidInput;
use App\Journal\Journal;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Takes in what a line of a walk through the house says: a room, a spot in it, or a tote. */
#[AsController]
final readonly class TakeHouseLine
{
    public function __construct(private HouseLines $lines, private EntityManagerInterface $entities, private Journal $journal) {}

    #[Route('/api/homes/{home}/house/lines', methods: ['POST'], defaults: ['_status' => 201])]
    public function __invoke(Home $home, #[Body] HouseLineInput $input): HouseLineAnswer
    {
        [$room, $spot, $tote, $questions, $remarks] = $this->lines->read($home, $input);
        foreach ($questions as $question) {
            throw InvalidInput::at($question->field, $question->sentence);
        }
        foreach (array_filter([$room, $spot, $tote]) as $thing) {
            $this->entities->persist($thing);
        }
        $this->journal->say(match (true) {
            null !== $tote => sprintf('Tote %s, %s, is put up', $tote->code(), $tote->place()),
            null !== $spot => sprintf('%s is a spot in %s', $spot->name(), $spot->room()->name()),
            default => sprintf('%s is a room of the house', $room?->name() ?? ''),
        });
        $this->entities->flush();

        return $this->lines->answer($room, $spot, $tote, [], $remarks);
    }
}
