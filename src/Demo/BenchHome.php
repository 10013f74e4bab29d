<?php

declare(strict_types=1);

namespace App\Demo;

use App\Entity\Decision;
use App\Entity\Home;
use App\Entity\Look;
use App\Entity\Person;
use App\Entity\Piece;
use App\Entity\Placement;
use App\Entity\Role;
use App\Entity\Room;
use App\Entity\Spot;
use App\Entity\Standing;
use App\Entity\Swap;
use App\Entity\Tote;
use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Plan\Choice;
use BrightCupboard\Core\Stock\Piece as CorePiece;
use BrightCupboard\Core\Stock\Place;
use BrightCupboard\Core\Stock\Season;
use BrightCupboard\Core\Surface\Layer;
use BrightCupboard\Core\Surface\Stance;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\PasswordHasher\Hasher\UserPasswordHasherInterface;

/** A large invented home for measuring: thousands of pieces of Ferry House's kinds and colours in 120 totes, 60 spots, 400 pieces out, 300 placed. */
final readonly class BenchHome
{
    public const EMAIL = 'bench@long-barn.example';
    public const PASSWORD = 'long-barn-bench';
    private const AT_ONCE = 1000;
    private const SPOTS = 60;
    private const TOTES = 120;

    public function __construct(
        private EntityManagerInterface $entities,
        private UserPasswordHasherInterface $passwords,
        private string $projectDir,
    ) {}

    /** @return array{string, string} ids of the swap and of a dressed spot */
    public function store(int $pieces): array
    {
        $files = new DemoFiles($this->projectDir . '/demo/ferry-house');
        $home = new Home('Long Barn');
        $this->entities->persist($home);
        $person = new Person(self::EMAIL, 'Bench');
        $person->keepPassword($this->passwords->hashPassword($person, self::PASSWORD));
        $this->entities->persist($person);
        $this->entities->persist($person->join($home, Role::Stylist));
        $this->entities->persist($look = new Look($home, $files->look($files->house()->list('looks')[0])));
        $this->entities->persist($swap = new Swap($home, 'Midwinter', Season::Winter, new \DateTimeImmutable('2026-12-05'), $look));
        $spots = $this->storeSpots($home, $files);
        $totes = [];
        for ($i = 0; $i < self::TOTES; ++$i) {
            $this->entities->persist($totes[] = new Tote($home, 'T' . $i, ['attic', 'cellar', 'shed'][$i % 3], $files->size([40, 30, 30])));
        }
        $rows = $files->pieces();
        for ($i = 0; $i < $pieces; ++$i) {
            $row = $rows[($i * 37) % \count($rows)];
            $piece = new Piece($home);
            $like = $files->piece($row, $piece->id());
            $piece->describe(
                new CorePiece(
                    $piece->id(),
                    $row['name'] . ' ' . $i,
                    $like->kind,
                    $like->count,
                    $like->size,
                    $like->weight,
                    $this->varied($like->colours, $i),
                    $like->materials,
                    $like->finish,
                    $like->seasons,
                    $like->hazards,
                ),
                $files->record($row, new \DateTimeImmutable('2026-11-13')),
            );
            $tote = $totes[$i % self::TOTES];
            $piece->keepIn($tote->id());
            $this->entities->persist($piece);
            $this->entities->persist(new Standing($piece, $i < 400 ? Place::spot($spots[$i % self::SPOTS]->id()) : Place::tote($tote->id()), $piece->count()));
            if ($i >= 300 && $i < 600) {
                $placement = new Placement($swap, $piece, $spots[$i % self::SPOTS], 1);
                $placement->stand(1, new Stance(($i * 311) % 12_000, Layer::cases()[$i % 3]));
                $this->entities->persist($placement);
            }
            $this->entities->persist(new Decision($swap, $piece, Choice::cases()[$i % 4], 'bench'));
            if (0 === $i % self::AT_ONCE) {
                $this->entities->flush();
            }
        }
        $this->entities->flush();
        $this->entities->clear();

        return [$swap->id(), $spots[1]->id()];
    }

    /** @return list<Spot> */
    private function storeSpots(Home $home, DemoFiles $files): array
    {
        $spots = [];
        for ($i = 0; $i < self::SPOTS; ++$i) {
            if (0 === $i % 5) {
                $this->entities->persist($room = new Room($home, 'Room ' . intdiv($i, 5), intdiv($i, 5)));
            }
            $values = $files->house()->list('spots');
            $spot = new Spot($room ?? throw new \LogicException('A spot has a room.'), $i);
            $spot->describe($room, $files->spot($values[$i % \count($values)], $spot->id()), $i);
            $this->entities->persist($spots[] = $spot);
        }

        return $spots;
    }

    /**
     * A different shade for each run through the catalogue, so that colours are not all remembered: about 1,500 in all.
     *
     * @param list<ColourShare> $colours
     *
     * @return list<ColourShare>
     */
    private function varied(array $colours, int $i): array
    {
        $step = intdiv($i, 500);

        return array_map(
            static fn(ColourShare $c): ColourShare => new ColourShare(
                Srgb::ofHex(sprintf('#%02X%02X%02X', max(0, $c->colour->red - $step), min(255, $c->colour->green + $step), $c->colour->blue)),
                $c->percent,
            ),
            $colours,
        );
    }
}
