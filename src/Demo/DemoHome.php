<?php

declare(strict_types=1);

namespace App\Demo;

use App\Entity\Floor;
use App\Entity\FoundDamage;
use App\Entity\Furniture;
use App\Entity\HaulLine;
use App\Entity\HaulThing;
use App\Entity\HaulWay;
use App\Entity\Home;
use App\Entity\Look;
use App\Entity\Movement;
use App\Entity\Note;
use App\Entity\Piece;
use App\Entity\Placement;
use App\Entity\Room;
use App\Entity\Spot;
use App\Entity\Standing;
use App\Entity\Swap;
use App\Entity\Tote;
use App\Entity\Wear;
use BrightCupboard\Core\Calendar\SwapDates;
use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Floor\FloorPlace;
use BrightCupboard\Core\Floor\FloorRoom;
use BrightCupboard\Core\Floor\Furniture as CoreFurniture;
use BrightCupboard\Core\Floor\FurnitureKind;
use BrightCupboard\Core\Floor\Opening;
use BrightCupboard\Core\Floor\OpeningKind;
use BrightCupboard\Core\Floor\Wall;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\LengthUnit;
use BrightCupboard\Core\Measure\Weight;
use BrightCupboard\Core\Money\GiftMoney;
use BrightCupboard\Core\Money\LineState;
use BrightCupboard\Core\Money\Money;
use BrightCupboard\Core\Money\Offer;
use BrightCupboard\Core\Money\Tender;
use BrightCupboard\Core\Stock\Condition;
use BrightCupboard\Core\Stock\Damage;
use BrightCupboard\Core\Stock\Move;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Place;
use BrightCupboard\Core\Stock\PlaceKind;
use BrightCupboard\Core\Stock\Season;
use Doctrine\ORM\EntityManagerInterface;

/**
 * One invented home, read from its files under demo/ and stored: rooms, spots, totes, pieces, looks,
 * closed swaps with their wear and spend, and the running one. Dates are laid relative to today.
 */
final class DemoHome
{
    /** @var array<string, Spot> by key */
    private array $spots = [];
    /** @var array<string, Tote> by code */
    private array $totes = [];
    /** @var array<string, Piece> by name */
    private array $pieces = [];
    /** @var array<string, Look> by key */
    private array $looks = [];
    private Home $home;

    public function __construct(
        private readonly EntityManagerInterface $entities,
        private readonly DemoFiles $files,
        private readonly \DateTimeImmutable $today,
        private readonly string $by,
    ) {}

    public function store(): Home
    {
        $house = $this->files->house();
        $this->home = new Home(
            $house->text('home.name'),
            LengthUnit::from($house->text('home.unit')),
            $house->text('home.currency'),
            GiftMoney::from($house->text('home.giftMoney')),
        );
        $this->entities->persist($this->home);
        $this->storeHouse($house);
        $this->storePieces();
        $last = null;
        $past = new DemoPast($house);
        foreach ($house->list('closed') as $closed) {
            $last = $this->storeClosed($closed, $last, $past);
        }
        $this->entities->flush();

        return $this->home;
    }

    private function storeHouse(DemoValues $house): void
    {
        $rooms = [];
        foreach ($house->list('rooms') as $round => $room) {
            $rooms[$room->text('key')] = $stored = new Room($this->home, $room->text('name'), $round);
            $this->entities->persist($stored);
        }
        foreach ($house->list('floors') as $floor) {
            $this->storeFloor($rooms[$floor->text('room')], $floor);
        }
        foreach ($house->list('spots') as $spot) {
            $stored = new Spot($rooms[$spot->text('room')], $spot->whole('rank'));
            $stored->describe($rooms[$spot->text('room')], $this->files->spot($spot, $stored->id()), $spot->whole('rank'));
            $stored->noteThat($spot->isNull('note') ? '' : $spot->text('note'));
            $this->entities->persist($this->spots[$spot->text('key')] = $stored);
        }
        foreach ($house->list('totes') as $tote) {
            $this->entities->persist($this->totes[$tote->text('code')] = new Tote(
                $this->home,
                $tote->text('code'),
                $tote->text('place'),
                $this->files->size($tote->numbers('size')),
                array_map(Condition::from(...), $tote->texts('conditions')),
                $tote->isNull('mostPounds') ? null : Weight::ofGrams((int) round($tote->number('mostPounds') * 453.59237)),
            ));
        }
        foreach ($house->list('looks') as $look) {
            $this->entities->persist($this->looks[$look->text('key')] = new Look($this->home, $this->files->look($look)));
        }
    }

    private function storePieces(): void
    {
        foreach ($this->files->pieces() as $row) {
            $piece = new Piece($this->home);
            $piece->describe($this->files->piece($row, $piece->id()), $this->files->record($row, $this->today));
            $piece->keepIn('' === $row['tote'] ? null : $this->totes[$row['tote']]->id());
            $this->entities->persist($this->pieces[$row['name']] = $piece);
            $place = match (true) {
                '' !== $row['spot'] => Place::spot($this->spots[$row['spot']]->id()),
                '' !== $row['tote'] => Place::tote($this->totes[$row['tote']]->id()),
                default => Place::of(PlaceKind::Loose),
            };
            $this->entities->persist(new Standing($piece, $place, $piece->count()));
            $this->entities->persist(new Movement(
                $piece,
                new Move($piece->id(), $piece->count(), Place::of(PlaceKind::Arrived), $place),
                $this->today->modify('-70 days'),
                $this->by,
                'came in',
            ));
        }
    }

    private function storeClosed(DemoValues $closed, ?Swap $from, DemoPast $past): Swap
    {
        $day = $this->today->modify(sprintf('-%d days', $closed->whole('daysAgo')));
        $look = new Look($this->home, $this->looks[$closed->text('look')]->look());
        $swap = new Swap($this->home, $closed->text('name'), Season::from($closed->text('season')), $day, $look, $from);
        $swap->describe(
            $closed->text('name'),
            Season::from($closed->text('season')),
            SwapDates::of($day, null, null),
            Money::ofMinor($closed->whole('budget')),
            Money::ofMinor($closed->whole('giftCard')),
        );
        $swap->close($day->modify('+3 days'));
        $this->entities->persist($look);
        $this->entities->persist($swap);
        foreach ($closed->list('lines') as $bought) {
            [$name, $kind, $price] = [$bought->text('0'), $bought->text('1'), $bought->whole('2')];
            $line = new HaulLine($swap);
            $line->describe($name, HaulWay::Buy, new HaulThing(PieceKind::from($kind), Length::ofInches(10), Length::ofInches(10), Srgb::ofHex('#CCCCC4')));
            $line->priced(Money::ofMinor($price), Offer::none(), 1, 1, Tender::Purse);
            $line->goOnTo(LineState::Got);
            $this->entities->persist($line);
            ($this->pieces[$name] ?? null)?->gotFor($swap->id());
        }
        foreach ($closed->list('notes') as $note) {
            $this->entities->persist(new Note($swap, $this->spots[$note->text('0')] ?? null, $note->text('1'), $day->modify('+10 days'), $this->by));
        }
        foreach ($closed->list('damages') as $damage) {
            $this->entities->persist(new FoundDamage(
                $this->pieces[$damage->text('0')],
                $swap,
                Damage::from($damage->text('1')),
                $damage->whole('2'),
                $day,
                $this->by,
            ));
        }
        $this->storeWear($closed->text('key'), $swap, $past);

        return $swap;
    }

    /** What stood in a closed swap: "W@stove-shelf" in the file, and for the last one what stands now. */
    private function storeWear(string $key, Swap $swap, DemoPast $past): void
    {
        foreach ($this->files->pieces() as $row) {
            $at = [];
            foreach (explode(' ', $row['worn']) as $worn) {
                if (str_starts_with($worn, $key . '@')) {
                    $at[] = substr($worn, 2);
                }
            }
            if ('H' === $key && '' !== $row['spot']) {
                $at[] = $row['spot'];
            }
            foreach ($at as $i => $spot) {
                $units = intdiv($this->pieces[$row['name']]->count(), \count($at)) + (0 === $i ? $this->pieces[$row['name']]->count() % \count($at) : 0);
                if ($units > 0) {
                    $this->entities->persist(new Wear($swap, $this->pieces[$row['name']], $this->spots[$spot], $units));
                    $placement = new Placement($swap, $this->pieces[$row['name']], $this->spots[$spot], $units);
                    $piece = $this->files->piece($row, $this->pieces[$row['name']]->id());
                    $placement->stand($units, $past->stance($swap, $piece, $this->spots[$spot], $spot, $units, 'H' === $key));
                    $this->entities->persist($placement);
                }
            }
        }
    }

    /** @return array<string, Piece> */
    public function pieces(): array
    {
        return $this->pieces;
    }

    /** @return array<string, Spot> */
    public function spots(): array
    {
        return $this->spots;
    }

    public function look(string $key): Look
    {
        return $this->looks[$key];
    }

    private function storeFloor(Room $room, DemoValues $values): void
    {
        $inches = static fn(DemoValues $of, string $at): Length => Length::ofInches($of->number($at));
        $openings = array_map(
            static fn(DemoValues $one): Opening => new Opening(
                OpeningKind::from($one->text('0')),
                Wall::from($one->text('1')),
                $inches($one, '2'),
                $inches($one, '3'),
            ),
            $values->list('openings'),
        );
        $this->entities->persist($floor = new Floor($room));
        $floor->measure(new FloorRoom($inches($values, 'width'), $inches($values, 'depth'), $openings));
        foreach ($values->list('furniture') as $one) {
            $this->entities->persist($furniture = new Furniture($room));
            $furniture->describe(new CoreFurniture(
                $furniture->id(),
                $one->text('0'),
                FurnitureKind::from($one->text('1')),
                $inches($one, '2'),
                $inches($one, '3'),
            ));
            $furniture->stand(new FloorPlace($inches($one, '4'), $inches($one, '5'), $one->whole('6')));
        }
    }
}
