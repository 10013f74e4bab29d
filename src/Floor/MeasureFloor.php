<?php

declare(strict_types=1);

namespace App\Floor;

use App\Entity\Floor;
use App\Entity\Room;
use App\Http\Body;
use App\Http\Fields;
use App\Http\SameVersion;
use App\Journal\Journal;
use BrightCupboard\Core\Floor\FloorRoom;
use BrightCupboard\Core\Floor\Opening;
use BrightCupboard\Core\Floor\OpeningKind;
use BrightCupboard\Core\Measure\Length;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Writes down how large a room's floor is and what is in its walls. */
#[AsController]
final readonly class MeasureFloor
{
    /** Usual widths in inches where none is said (memory). */
    private const USUAL = ['door' => 32, 'window' => 36, 'outlet' => 3];

    public function __construct(private EntityManagerInterface $entities, private Floors $floors, private Journal $journal) {}

    #[Route('/api/homes/{home}/rooms/{room}/floor', methods: ['PUT'])]
    public function __invoke(Room $room, #[Body] FloorInput $input): void
    {
        $floor = $this->floors->of($room);
        SameVersion::check($input->version ?? 0, $floor?->version() ?? 0, 'This floor', (object) ['version' => $floor?->version() ?? 0]);
        $floor ??= new Floor($room);
        $floor->measure($this->measured($room, $input));
        $this->entities->persist($floor);
        $this->journal->say(sprintf('The floor of %s is measured', $room->name()));
        $this->entities->flush();
    }

    private function measured(Room $room, FloorInput $input): FloorRoom
    {
        $fields = new Fields();
        $lengths = $room->home()->lengths();
        $read = static fn(string $field, string $text): Length => $fields->read($field, static fn(): Length => $lengths->read($text), Length::zero());
        [$width, $depth] = [$read('width', $input->width), $read('depth', $input->depth)];
        $openings = [];
        foreach ($input->openings as $i => $one) {
            $usual = Length::ofInches(self::USUAL[$one->kind->value]);
            $openings[] = new Opening(
                $one->kind,
                $one->wall,
                $read("openings[{$i}].from", $one->from),
                '' === trim($one->width) || OpeningKind::Outlet === $one->kind ? $usual : $read("openings[{$i}].width", $one->width),
            );
        }
        $fields->complete();
        $bare = $fields->read('width', static fn(): FloorRoom => new FloorRoom($width, $depth), null);
        foreach (null === $bare ? [] : $openings as $i => $opening) {
            $fields->read("openings[{$i}].from", static fn(): FloorRoom => new FloorRoom($width, $depth, [$opening]), null);
        }
        $fields->complete();

        return new FloorRoom($width, $depth, $openings);
    }
}
