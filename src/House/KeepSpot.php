<?php

declare(strict_types=1);

namespace App\House;

use App\Entity\Home;
use App\Entity\Room;
use App\Entity\Spot;
use App\Http\Body;
use App\Http\Fields;
use App\Http\InvalidInput;
use App\Http\SameVersion;
use App\Journal\Journal;
use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Surface\KeepClear;
use BrightCupboard\Core\Surface\Spot as SpotMeasures;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Makes a spot or changes one. */
#[AsController]
final readonly class KeepSpot
{
    public function __construct(private EntityManagerInterface $entities, private Journal $journal) {}

    #[Route('/api/homes/{home}/spots', name: 'addSpot', methods: ['POST'], defaults: ['_status' => 201])]
    #[Route('/api/homes/{home}/spots/{spot}', name: 'changeSpot', methods: ['PUT'])]
    public function __invoke(Home $home, ?Spot $spot, #[Body] SpotInput $input): SpotAnswer
    {
        $room = $this->entities->find(Room::class, $input->room);
        if (null === $room || $room->home() !== $home || $room->isRemoved()) {
            throw InvalidInput::at('room', 'Choose the room this spot is in.');
        }
        $measures = $this->measures($home, $input);
        $isNew = null === $spot;
        if ($isNew) {
            $spot = new Spot($room, $input->focalRank);
            $this->entities->persist($spot);
        } else {
            SameVersion::check($input->version, $spot->version(), 'This spot', SpotAnswer::of($spot));
        }
        $spot->describe($room, $measures, $input->focalRank);
        $this->journal->say(sprintf($isNew ? '%s is a spot in %s' : '%s in %s is changed', $spot->name(), $room->name()));
        $this->entities->flush();

        return SpotAnswer::of($spot);
    }

    private function measures(Home $home, SpotInput $input): SpotMeasures
    {
        $fields = new Fields();
        $lengths = $home->lengths();
        $none = Length::ofTenths(1);
        $width = $fields->read('width', static fn(): Length => $lengths->read($input->width), $none);
        $depth = $fields->read('depth', static fn(): Length => $lengths->read($input->depth), $none);
        $ledge = $fields->read('ledgeHeight', static fn(): Length => $lengths->read($input->ledgeHeight), $none);
        $clear = '' === trim($input->clearHeight) ? null : $fields->read('clearHeight', static fn(): Length => $lengths->read($input->clearHeight), null);
        $wall = $fields->read('wall', static fn(): Srgb => Srgb::ofHex($input->wall), Srgb::ofHex('#FFFFFF'));
        $zones = [];
        foreach ($input->keepClear as $i => $zone) {
            $zones[] = $fields->read("keepClear[{$i}]", static fn(): KeepClear => new KeepClear($lengths->read($zone->from), $lengths->read($zone->to), trim($zone->reason)), null);
        }
        $zones = array_values(array_filter($zones, static fn(?KeepClear $zone): bool => null !== $zone));
        $measures = $fields->read('width', static fn(): SpotMeasures => new SpotMeasures('', trim($input->name), $input->kind, $width, $depth, $ledge, $clear, $input->seenFrom, $zones, $wall, $input->hazards), null);
        $fields->complete();

        return $measures ?? throw new \LogicException('A spot that was read is complete.');
    }
}
