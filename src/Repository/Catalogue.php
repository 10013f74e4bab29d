<?php

declare(strict_types=1);

namespace App\Repository;

use App\Entity\Home;
use App\Entity\PieceRecord;
use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\Size;
use BrightCupboard\Core\Measure\Weight;
use BrightCupboard\Core\Money\Money;
use BrightCupboard\Core\Stock\Finish;
use BrightCupboard\Core\Stock\Hazard;
use BrightCupboard\Core\Stock\Material;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Season;
use Doctrine\DBAL\Connection;

/**
 * All pieces of a home, read straight into core values.
 *
 * Rows rather than entities: every look, table and candidate list needs the whole stock, and thousands
 * of tracked entities would cost more than the judging. Repeated JSON lists are read once.
 */
final class Catalogue
{
    /** @var array<string, array<mixed>> */
    private array $lists = [];

    public function __construct(private readonly Connection $db) {}

    /**
     * @return array<string, CatalogueEntry> by id, in order of name
     */
    public function of(Home $home, int $offset = 0, int $limit = -1): array
    {
        $rows = $this->db->fetchAllAssociative('SELECT * FROM piece WHERE home_id = ? AND removed_at IS NULL ORDER BY name, id LIMIT ? OFFSET ?', [$home->id(), $limit, $offset]);
        $entries = [];
        foreach ($rows as $row) {
            $entry = $this->entry($row);
            $entries[$entry->piece->id] = $entry;
        }

        return $entries;
    }

    public function one(string $id): ?CatalogueEntry
    {
        $row = $this->db->fetchAssociative('SELECT * FROM piece WHERE id = ?', [$id]);

        return false === $row ? null : $this->entry($row);
    }

    public function count(Home $home): int
    {
        return (int) $this->text($this->db->fetchOne('SELECT COUNT(*) FROM piece WHERE home_id = ? AND removed_at IS NULL', [$home->id()]));
    }

    /** @param array<string, mixed> $row */
    private function entry(array $row): CatalogueEntry
    {
        $piece = new Piece(
            $this->text($row['id']),
            $this->text($row['name']),
            PieceKind::from($this->text($row['kind'])),
            $this->number($row['count']),
            new Size(Length::ofTenths($this->number($row['width'])), Length::ofTenths($this->number($row['depth'])), Length::ofTenths($this->number($row['height']))),
            Weight::ofGrams($this->number($row['weight'])),
            $this->list('colours', $row['colours'], fn(mixed $share): ColourShare => $this->share($share)),
            $this->list('materials', $row['materials'], fn(mixed $word): Material => Material::from($this->text($word))),
            Finish::from($this->text($row['finish'])),
            $this->list('seasons', $row['seasons'], fn(mixed $word): Season => Season::from($this->text($word))),
            $this->list('hazards', $row['hazards'], fn(mixed $word): Hazard => Hazard::from($this->text($word))),
        );
        $record = new PieceRecord(
            $this->text($row['shape']),
            $this->text($row['pattern']),
            $this->text($row['origin']),
            Money::ofMinor($this->number($row['cost_each'])),
            Money::ofMinor($this->number($row['replacement_each'])),
            null === $row['came_on'] ? null : new \DateTimeImmutable($this->text($row['came_on'])),
            $this->text($row['care']),
        );

        return new CatalogueEntry($piece, $record, $this->textOrNull($row['own_tote']), $this->textOrNull($row['got_for']), $this->number($row['version']));
    }

    /**
     * @template T
     *
     * @param \Closure(mixed): T $of
     *
     * @return list<T>
     */
    private function list(string $what, mixed $json, \Closure $of): array
    {
        $key = $what . $this->text($json);
        /** @var list<T> $list */
        $list = $this->lists[$key] ??= array_map($of, array_values((array) json_decode($this->text($json), true, 8, \JSON_THROW_ON_ERROR)));

        return $list;
    }

    private function share(mixed $share): ColourShare
    {
        return \is_array($share) ? new ColourShare(Srgb::ofHex($this->text($share['hex'] ?? '')), $this->number($share['percent'] ?? 0)) : throw new \LogicException('A stored colour is a pair.');
    }

    private function text(mixed $value): string
    {
        return \is_scalar($value) ? (string) $value : '';
    }

    private function textOrNull(mixed $value): ?string
    {
        return null === $value ? null : $this->text($value);
    }

    private function number(mixed $value): int
    {
        return \is_numeric($value) ? (int) $value : 0;
    }
}
