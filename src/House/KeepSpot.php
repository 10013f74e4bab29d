<?php

declare(strict_types=1);

namespace App\House;

use App\Calendar\RenamedThings;
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
use BrightCupboard\Core\Measure\LengthText;
use BrightCupboard\Core\Surface\Form;
use BrightCupboard\Core\Surface\KeepClear;
use BrightCupboard\Core\Surface\Layout;
use BrightCupboard\Core\Surface\Spot as SpotMeasures;
use BrightCupboard\Core\Surface\SpotKind;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Makes a spot or changes one. */
#[AsController]
final readonly class KeepSpot
{
    public function __construct(private EntityManagerInterface $entities, private RenamedThings $renamed, private Journal $journal) {}

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
            $this->renamed->follow($home, [$spot->id()], $spot->name(), $measures->name);
        }
        $spot->describe($room, $measures, $input->focalRank);
        $spot->noteThat($input->note);
        $this->journal->say(sprintf($isNew ? '%s is a spot in %s' : '%s in %s is changed', $spot->name(), $room->name()));
        $this->entities->flush();

        return SpotAnswer::of($spot);
    }

    private function layout(Fields $fields, LengthText $lengths, SpotInput $input): Layout
    {
        $length = static fn(string $field, string $text): ?Length => '' === trim($text)
            ? null
            : $fields->read($field, static fn(): Length => $lengths->read($text), null);
        $tiers = [];
        foreach ($input->tiers as $i => $text) {
            $tiers[] = $fields->read("tiers[{$i}]", static function () use ($lengths, $text, $i): Length {
                $clear = $lengths->read($text);
                Layout::requireTier($i + 1, $clear);

                return $clear;
            }, Length::ofInches(12));
        }
        $fields->read('seats', static fn(): Layout => new Layout(seats: $input->seats), new Layout());
        $fields->read('posts', static fn(): Layout => new Layout(posts: $input->posts), new Layout());
        [$rise, $belowWidth, $belowTop] = [$length('rise', $input->rise), $length('belowWidth', $input->belowWidth), $length('belowTop', $input->belowTop)];
        $inRange = static fn(int $count, int $most): int => max(0, min($most, $count));

        return new Layout(
            $tiers,
            $input->tableShape,
            $inRange($input->seats, Layout::MOST_SEATS),
            $rise,
            $inRange($input->posts, Layout::MOST_POSTS),
            $belowWidth,
            $belowTop,
        );
    }

    private function measures(Home $home, SpotInput $input): SpotMeasures
    {
        $fields = new Fields();
        $lengths = $home->lengths();
        $side = static fn(string $side, string $text): Length => $fields->read(
            $side,
            static fn(): Length => SpotMeasures::requireSide($side, $lengths->read($text)),
            Length::ofTenths(1),
        );
        [$width, $depth, $ledge] = [$side('width', $input->width), $side('depth', $input->depth), $side('ledgeHeight', $input->ledgeHeight)];
        $clear = '' === trim($input->clearHeight) ? null : $side('clearHeight', $input->clearHeight);
        $wall = $fields->read('wall', static fn(): Srgb => Srgb::ofHex($input->wall), Srgb::ofHex('#FFFFFF'));
        $cover = null === $input->cover ? null : $fields->read('cover', static fn(): Srgb => Srgb::ofHex($input->cover), null);
        $zones = [];
        foreach ($input->keepClear as $i => $zone) {
            $zones[] = $fields->read("keepClear[{$i}]", static fn(): KeepClear => new KeepClear(
                $lengths->read($zone->from),
                $lengths->read($zone->to),
                trim($zone->reason),
            ), null);
        }
        $zones = array_values(array_filter($zones, static fn(?KeepClear $zone): bool => null !== $zone));
        $layout = $this->layout($fields, $lengths, $input);
        // What the parts make together is judged once each is one: a width that is none would bring more complaints with it.
        $fields->complete();
        $whole = match ($input->kind->form()) {
            Form::Table => 'seats',
            Form::Run => SpotKind::Doorway === $input->kind ? 'clearHeight' : 'rise',
            default => 'width',
        };
        $measures = $fields->read(
            $whole,
            static fn(): SpotMeasures => (new SpotMeasures(
                '',
                trim($input->name),
                $input->kind,
                $width,
                $depth,
                $ledge,
                $clear,
                $input->seenFrom,
                $zones,
                $wall,
                $input->hazards,
                [],
                $layout,
                $cover,
            ))->roomSized(),
            null,
        );
        $fields->complete();

        return $measures ?? throw new \LogicException('A spot that was read is complete.');
    }
}
