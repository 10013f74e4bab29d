<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Entity\Floor;
use App\Entity\Furniture;
use App\Entity\FurniturePlan;
use App\Entity\HaulLine;
use App\Entity\Home;
use App\Entity\HomeCalendar;
use App\Entity\Look;
use App\Entity\Need;
use App\Entity\Photo;
use App\Entity\Placement;
use App\Entity\SheetTask;
use App\Entity\Spot;
use App\Entity\SpotPhoto;
use App\Entity\SpotVersion;
use App\Entity\Tote;
use App\Http\InvalidInput;
use App\Repository\Catalogue;
use BrightCupboard\Core\CoreException;
use BrightCupboard\Core\Surface\Stance;
use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;

/** Looks over a home that came from a document: the core must be able to read all of it, and every unit must be somewhere. */
final readonly class CheckHome
{
    public function __construct(private EntityManagerInterface $entities, private Connection $db, private Catalogue $catalogue) {}

    public function __invoke(Home $home): void
    {
        try {
            $this->readEverything($home);
        } catch (CoreException $refusal) {
            throw InvalidInput::at('document', 'Something in the document cannot be: ' . $refusal->getMessage());
        } catch (\ValueError|\TypeError|\JsonException|\LogicException) {
            throw InvalidInput::at('document', 'A list in the document holds something that does not belong there.');
        }
        $uncounted = $this->db->fetchOne(
            'SELECT p.name FROM piece p WHERE p.home_id = ? AND p.count <> (SELECT COALESCE(SUM(s.count), 0) FROM standing s WHERE s.piece_id = p.id)',
            [$home->id()],
        );
        if (\is_string($uncounted)) {
            throw InvalidInput::at('document', sprintf('The units of %s do not add up to its count.', $uncounted));
        }
        if (0 < $this->db->fetchOne('SELECT COUNT(*) FROM standing s JOIN piece p ON p.id = s.piece_id WHERE p.home_id = ? AND s.count < 0', [$home->id()])) {
            throw InvalidInput::at('document', 'A place in the document holds less than nothing.');
        }
        $this->refuseCircles($home);
        $dips = $this->db->fetchOne(
            'SELECT COUNT(*) FROM placement q JOIN swap s ON s.id = q.swap_id WHERE s.home_id = ? AND q.dips NOT BETWEEN 0 AND ?',
            [$home->id(), Stance::MOST_DIPS],
        );
        if (0 < $dips) {
            throw InvalidInput::at('document', sprintf('A garland has at most %d dips.', Stance::MOST_DIPS));
        }
    }

    /** A swap begins from one before it: followed back, each is met once, or where things are could never be told. */
    private function refuseCircles(Home $home): void
    {
        /** @var list<array{string, string, string|null}> $rows */
        $rows = $this->db->fetchAllNumeric('SELECT id, name, from_id FROM swap WHERE home_id = ?', [$home->id()]);
        $from = array_column($rows, 2, 0);
        foreach ($rows as [$id, $name]) {
            $seen = [];
            for ($at = $id; null !== $at; $at = $from[$at] ?? null) {
                if (isset($seen[$at])) {
                    throw InvalidInput::at('document', sprintf('%s begins from itself, or from one that begins from it.', $name));
                }
                $seen[$at] = true;
            }
        }
    }

    private function readEverything(Home $home): void
    {
        /** @var list<string> $pieces */
        $pieces = $this->db->fetchFirstColumn('SELECT id FROM piece WHERE home_id = ? AND removed_at IS NOT NULL', [$home->id()]);
        array_walk($pieces, fn(string $id): mixed => $this->catalogue->one($id));
        $this->catalogue->of($home);
        $this->catalogue->records($home);
        foreach ([
            'Spot s JOIN s.room r WHERE r.home' => static fn(Spot $spot): mixed => [$spot->measures(), $spot->taste()],
            'Tote s WHERE s.home' => static fn(Tote $tote): mixed => $tote->stored(),
            'Look s WHERE s.home' => static fn(Look $look): mixed => $look->look(),
            'HaulLine s JOIN s.swap w WHERE w.home' => static fn(HaulLine $line): mixed => [$line->price(), $line->thing(), $line->restyledColours()],
            'SheetTask s JOIN s.swap w WHERE w.home' => static fn(SheetTask $task): mixed => $task->task(),
            'Placement s JOIN s.swap w WHERE w.home' => static fn(Placement $placement): mixed => $placement->layer(),
            'SpotVersion s JOIN s.swap w WHERE w.home' => static fn(SpotVersion $version): mixed => $version->places(),
            'Need s JOIN s.swap w WHERE w.home' => static fn(Need $need): mixed => $need->wanted(),
            'Photo s JOIN s.piece w WHERE w.home' => self::photo(...),
            'SpotPhoto s JOIN s.swap w WHERE w.home' => self::photo(...),
            'HomeCalendar s WHERE s.home' => static fn(HomeCalendar $calendar): mixed => $calendar->feasts(),
            'Floor s JOIN s.room r WHERE r.home' => static fn(Floor $floor): mixed => $floor->floor(),
            'Furniture s JOIN s.room r WHERE r.home' => static fn(Furniture $one): mixed => [$one->furniture(), $one->place()],
            'FurniturePlan s JOIN s.swap w WHERE w.home' => static fn(FurniturePlan $plan): mixed => $plan->place(),
        ] as $from => $read) {
            foreach ($this->entities->createQuery('SELECT s FROM App\Entity\\' . $from . ' = :home')->setParameter('home', $home)->toIterable() as $thing) {
                $read($thing);
            }
        }
    }

    private static function photo(Photo|SpotPhoto $photo): void
    {
        $size = getimagesizefromstring($photo->jpeg());
        if (false === $size || \IMAGETYPE_JPEG !== $size[2]) {
            throw InvalidInput::at('document', 'A photo in the document is not a photo.');
        }
    }
}
