<?php

declare(strict_types=1);

namespace App\Repository;

use App\Entity\Home;
use App\Entity\PieceRecord;
use App\Entity\StoredMakeup;
use App\Entity\Swap;
use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\Size;
use BrightCupboard\Core\Measure\Weight;
use BrightCupboard\Core\Money\Money;
use BrightCupboard\Core\Stock\Assumed;
use BrightCupboard\Core\Stock\Finish;
use BrightCupboard\Core\Stock\Hazard;
use BrightCupboard\Core\Stock\Makeup;
use BrightCupboard\Core\Stock\Material;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\PieceSet;
use BrightCupboard\Core\Stock\Season;
use Doctrine\DBAL\Connection;

/**
 * All pieces of a home, read straight into core values.
 *
 * Rows rather than entities: every look, table and candidate list needs the whole stock, and thousands
 * of tracked entities would cost more than the judging. Repeated JSON lists are read once.
 *
 * @phpstan-import-type FaceRow from StoredMakeup
 * @phpstan-import-type PartRow from StoredMakeup
 *
 * @phpstan-type RecordRow array{string, string, string, string, int, int, string|null, string, string, string, string, int, int|null, string|null, string}
 * @phpstan-type Row array{string, string, string, int, int, int, int, int, string, string, string, string, string, string|null, string|null, int, string,
 *   int|null}
 */
final class Catalogue
{
    private const COLUMNS = 'id, name, kind, count, width, depth, height, weight, colours, materials, finish, seasons, hazards, own_tote, '
        . 'got_for, version, faces, laid_out';
    private const RECORD_COLUMNS = 'id, shape, pattern, origin, cost_each, replacement_each, came_on, care, faces, parts, set_name, set_of, '
        . 'laid_out, photo_at, assumed';

    /** Of a swap, what is to rest or to leave, and what is planned somewhere. */
    private const NOT_LEAVING = "id NOT IN (SELECT piece_id FROM decision WHERE swap_id = ? AND choice IN ('rest', 'part'))";
    private const PLANNED = 'SELECT piece_id FROM placement WHERE swap_id = ?';

    private const WINDOW = 'home_id = ? AND removed_at IS NULL ORDER BY name, id LIMIT ? OFFSET ?';

    /** @var array<string, list<ColourShare>> what each stored list was read as, for most come many times; so of the lists and measures below */
    private array $colours = [];
    /** @var array<string, list<Material>> */
    private array $materials = [];
    /** @var array<string, list<Season>> */
    private array $seasons = [];
    /** @var array<string, list<Hazard>> */
    private array $hazards = [];
    /** @var array<int, Length> by tenths */
    private array $lengths = [];
    /** @var array<int, Weight> by grams */
    private array $weights = [];
    private ?Makeup $plain = null;

    public function __construct(private readonly Connection $db) {}

    /**
     * @return array<string, CatalogueEntry> by id, in order of name
     */
    public function of(Home $home, int $offset = 0, int $limit = -1): array
    {
        return $this->entries(self::WINDOW, [$home->id(), $limit, $offset]);
    }

    /**
     * @param list<PieceKind> $kinds
     *
     * @return array<string, CatalogueEntry> by id, in order of name
     */
    public function ofKinds(Home $home, array $kinds): array
    {
        return $this->entries(
            sprintf('home_id = ? AND removed_at IS NULL AND kind IN (%s) ORDER BY name, id', self::asked($kinds)),
            [$home->id(), ...self::words($kinds)],
        );
    }

    /**
     * What is planned somewhere in a swap, and some more.
     *
     * @param list<string> $more ids
     *
     * @return array<string, CatalogueEntry> by id, in order of name
     */
    public function planned(Swap $swap, array $more): array
    {
        return $this->entries(
            sprintf(
                'home_id = ? AND removed_at IS NULL AND (id IN (%s) OR id IN (%s)) ORDER BY name, id',
                self::PLANNED,
                self::asked($more),
            ),
            [$swap->home()->id(), $swap->id(), ...$more],
        );
    }

    /**
     * What of some kinds could still be planned in a swap, and all that is: without what is to rest or to leave.
     *
     * @param list<PieceKind> $kinds
     *
     * @return array<string, CatalogueEntry> by id, in no order
     */
    public function open(Swap $swap, array $kinds): array
    {
        return $this->entries(
            sprintf('home_id = ? AND removed_at IS NULL AND ((kind IN (%s) AND %s) OR id IN (%s))', self::asked($kinds), self::NOT_LEAVING, self::PLANNED),
            [$swap->home()->id(), ...self::words($kinds), $swap->id(), $swap->id()],
        );
    }

    /**
     * @param list<PieceKind> $kinds
     *
     * @return list<string>
     */
    private static function words(array $kinds): array
    {
        return array_map(static fn(PieceKind $kind): string => $kind->value, $kinds);
    }

    /** @param list<mixed> $values */
    private static function asked(array $values): string
    {
        return implode(', ', array_fill(0, \count($values), '?'));
    }

    public function one(string $id): ?CatalogueEntry
    {
        foreach ($this->rows('id = ?', [$id]) as $row) {
            return $this->entry($row);
        }

        return null;
    }

    /**
     * What is kept of pieces beside what the core judges by; read apart, because most answers judge thousands of pieces without it.
     *
     * @return array<string, PieceRecord> by piece id
     */
    public function records(Home $home, int $offset = 0, int $limit = -1): array
    {
        /** @var list<RecordRow> $rows */
        $rows = $this->db->fetchAllNumeric('SELECT ' . self::RECORD_COLUMNS . ' FROM piece WHERE ' . self::WINDOW, [$home->id(), $limit, $offset]);
        $records = [];
        foreach ($rows as [
            $id, $shape, $pattern, $origin, $cost, $replacement, $cameOn, $care, $faces, $parts, $setName, $setOf, $laidOut, $photoAt,
            $assumed,
        ]) {
            $records[$id] = new PieceRecord(
                $shape,
                $pattern,
                $origin,
                Money::ofMinor($cost),
                Money::ofMinor($replacement),
                null === $cameOn ? null : new \DateTimeImmutable($cameOn),
                $care,
                $this->makeup($faces, $parts, $setName, $setOf, $laidOut),
                null === $photoAt ? null : new \DateTimeImmutable($photoAt),
                '[]' === $assumed ? [] : $this->list($assumed, fn(mixed $word): Assumed => Assumed::from($this->text($word))),
            );
        }

        return $records;
    }

    /** @return array<string, PieceSet> by the id of each piece that belongs to a set */
    public function sets(Home $home): array
    {
        /** @var list<array{string, string, int}> $rows */
        $rows = $this->db->fetchAllNumeric("SELECT id, set_name, set_of FROM piece WHERE home_id = ? AND removed_at IS NULL AND set_name <> ''", [$home->id()]);
        $sets = [];
        foreach ($rows as [$id, $name, $of]) {
            $sets[$id] = new PieceSet($name, $of);
        }

        return $sets;
    }

    private function makeup(string $faces, string $parts, string $setName, int $setOf, ?int $laidOut): Makeup
    {
        if ('[]' === $faces && '[]' === $parts && '' === $setName && null === $laidOut) {
            return $this->plain ??= new Makeup();
        }
        /** @var list<FaceRow> $faceRows */
        $faceRows = json_decode($faces, true, 8, \JSON_THROW_ON_ERROR);
        /** @var list<PartRow> $partRows */
        $partRows = json_decode($parts, true, 8, \JSON_THROW_ON_ERROR);

        return StoredMakeup::read($faceRows, $partRows, $setName, $setOf, $laidOut);
    }

    public function count(Home $home): int
    {
        return (int) $this->text($this->db->fetchOne('SELECT COUNT(*) FROM piece WHERE home_id = ? AND removed_at IS NULL', [$home->id()]));
    }

    /**
     * @param list<int|string> $parameters
     *
     * @return array<string, CatalogueEntry> by id, in the order of the rows
     */
    private function entries(string $where, array $parameters): array
    {
        $entries = [];
        foreach ($this->rows($where, $parameters) as $row) {
            $entries[$row[0]] = $this->entry($row);
        }

        return $entries;
    }

    /**
     * @param list<int|string> $parameters
     *
     * @return list<Row>
     */
    private function rows(string $where, array $parameters): array
    {
        /** @var list<Row> $rows */
        $rows = $this->db->fetchAllNumeric('SELECT ' . self::COLUMNS . ' FROM piece WHERE ' . $where, $parameters);

        return $rows;
    }

    /** @param Row $row */
    private function entry(array $row): CatalogueEntry
    {
        $piece = new Piece(
            $row[0],
            $row[1],
            PieceKind::from($row[2]),
            $row[3],
            new Size(
                $this->lengths[$row[4]] ??= Length::ofTenths($row[4]),
                $this->lengths[$row[5]] ??= Length::ofTenths($row[5]),
                $this->lengths[$row[6]] ??= Length::ofTenths($row[6]),
            ),
            $this->weights[$row[7]] ??= Weight::ofGrams($row[7]),
            $this->colours[$row[8]] ??= $this->list($row[8], fn(mixed $share): ColourShare => $this->share($share)),
            $this->materials[$row[9]] ??= $this->list($row[9], fn(mixed $word): Material => Material::from($this->text($word))),
            Finish::from($row[10]),
            $this->seasons[$row[11]] ??= $this->list($row[11], fn(mixed $word): Season => Season::from($this->text($word))),
            $this->hazards[$row[12]] ??= $this->list($row[12], fn(mixed $word): Hazard => Hazard::from($this->text($word))),
            null === $row[17] ? null : $this->lengths[$row[17]] ??= Length::ofTenths($row[17]),
        );

        return new CatalogueEntry($piece, $row[13], $row[14], $row[15], '[]' === $row[16] ? [] : $this->makeup($row[16], '[]', '', 0, null)->faces);
    }

    /**
     * @template T
     *
     * @param \Closure(mixed): T $of
     *
     * @return list<T>
     */
    private function list(string $json, \Closure $of): array
    {
        return array_map($of, array_values((array) json_decode($json, true, 8, \JSON_THROW_ON_ERROR)));
    }

    private function share(mixed $share): ColourShare
    {
        return \is_array($share)
            ? new ColourShare(Srgb::ofHex($this->text($share['hex'] ?? '')), \is_int($share['percent'] ?? null) ? $share['percent'] : 0)
            : throw new \LogicException('A stored colour is a pair.');
    }

    private function text(mixed $value): string
    {
        return \is_scalar($value) ? (string) $value : '';
    }
}
