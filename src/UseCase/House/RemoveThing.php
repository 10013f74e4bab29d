<?php

declare(strict_types=1);

namespace App\UseCase\House;

use App\Entity\Piece;
use App\Entity\Removable;
use App\Entity\Room;
use App\Entity\Spot;
use App\Entity\Tote;
use App\Http\Conflict;
use App\Repository\HouseRepository;
use App\Repository\StandingRepository;
use Psr\Clock\ClockInterface;
use BrightCupboard\Core\Stock\Place;
use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;

/** Takes a room, spot, tote, piece, need or note away, unless something still depends on it; RestoreThing undoes it. */
final readonly class RemoveThing
{
    public function __construct(private EntityManagerInterface $entities, private HouseRepository $house, private StandingRepository $standing, private Connection $db, private ClockInterface $clock) {}

    public function __invoke(Removable $thing): void
    {
        $objection = match (true) {
            $thing instanceof Tote => $this->objectionToTote($thing),
            $thing instanceof Spot => $this->objectionToSpot($thing),
            $thing instanceof Room => $this->objectionToRoom($thing),
            $thing instanceof Piece => $this->objectionToPiece($thing),
            default => null,
        };
        if (null !== $objection) {
            throw new Conflict($objection);
        }
        $thing->remove($this->clock->now());
        $this->entities->flush();
    }

    private function objectionToTote(Tote $tote): ?string
    {
        $units = $this->standing->unitsAt(Place::tote($tote->id()));

        return 0 === $units ? null : sprintf('Tote %s still holds %d %s. Move them to another tote first.', $tote->code(), $units, 1 === $units ? 'thing' : 'things');
    }

    private function objectionToSpot(Spot $spot): ?string
    {
        $units = $this->standing->unitsAt(Place::spot($spot->id()));
        $planned = $this->count('SELECT COUNT(*) FROM placement p JOIN swap s ON s.id = p.swap_id WHERE p.spot_id = ? AND s.closed_at IS NULL', $spot->id());

        return match (true) {
            $units > 0 => sprintf('%d %s on %s. Move them first.', $units, 1 === $units ? 'thing stands' : 'things stand', $spot->name()),
            $planned > 0 => sprintf('The running swap plans %d %s for %s. Take them off the plan first.', $planned, 1 === $planned ? 'piece' : 'pieces', $spot->name()),
            default => null,
        };
    }

    private function objectionToRoom(Room $room): ?string
    {
        $spots = array_filter($this->house->spots($room->home()), static fn(Spot $spot): bool => $spot->room() === $room);

        return [] === $spots ? null : sprintf('%s still has %d %s. Take them away or move them to another room first.', $room->name(), \count($spots), 1 === \count($spots) ? 'spot' : 'spots');
    }

    private function objectionToPiece(Piece $piece): ?string
    {
        $planned = $this->count('SELECT COUNT(*) FROM placement p JOIN swap s ON s.id = p.swap_id WHERE p.piece_id = ? AND s.closed_at IS NULL', $piece->id());

        $within = $this->standing->unitsAt(Place::within($piece->id()));

        return match (true) {
            $planned > 0 => sprintf('The running swap has a place for %s. Take it off the plan first.', $piece->name()),
            $within > 0 => sprintf('%s is put together from %d %s. Take it apart first.', $piece->name(), $within, 1 === $within ? 'thing' : 'things'),
            default => null,
        };
    }

    private function count(string $sql, string $id): int
    {
        $count = $this->db->fetchOne($sql, [$id]);

        return \is_numeric($count) ? (int) $count : 0;
    }
}
