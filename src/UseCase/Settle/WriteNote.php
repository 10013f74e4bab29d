<?php

declare(strict_types=1);

namespace App\UseCase\Settle;

use App\Entity\Note;
use App\Entity\Person;
use App\Entity\Swap;
use App\Http\InvalidInput;
use App\Input\NoteInput;
use App\Repository\HouseRepository;
use Psr\Clock\ClockInterface;
use App\View\Settle\NoteView;
use Doctrine\ORM\EntityManagerInterface;

final readonly class WriteNote
{
    public function __construct(private EntityManagerInterface $entities, private HouseRepository $house, private ClockInterface $clock) {}

    public function __invoke(Swap $swap, NoteInput $input, Person $by): NoteView
    {
        $spot = null === $input->spot ? null : ($this->house->spot($swap->home(), $input->spot) ?? throw InvalidInput::at('spot', 'That spot is not there any more.'));
        $note = new Note($swap, $spot, trim($input->text), $this->clock->now(), $by->name());
        $this->entities->persist($note);
        $this->entities->flush();

        return NoteView::of($note);
    }
}
