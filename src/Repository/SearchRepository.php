<?php

declare(strict_types=1);

namespace App\Repository;

use App\Entity\Home;
use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Search\Opening;
use BrightCupboard\Core\Search\SearchCard;
use BrightCupboard\Core\Search\StockQuery;
use BrightCupboard\Core\Stock\Material;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\PlaceKind;
use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use Doctrine\DBAL\ParameterType;

/** Everything owned as a search looks at it: rows read one by one, colours only when a colour is asked for. */
final class SearchRepository
{
    private const PART = 'part of an arrangement';

    /** @var array<string, list<ColourShare>> */
    private array $colours = [];
    /** @var array<string, string> kind, lists and texture families in lower case, by how they are stored */
    private array $words = [];

    /** @var array<string, string> what is said of a piece nobody has looked at, by how it is stored */
    private array $assumed = ['[]' => ''];

    /** @var array<string, bool> whether a kind is measured laid out */
    private array $laidOut = [];

    public function __construct(private readonly Connection $db, private readonly HistoryRepository $history) {}

    /** @return iterable<SearchCard> with no more in them than the question asks about */
    public function cards(Home $home, StockQuery $query): iterable
    {
        $names = $this->names($home);
        [$at, $kinds] = $this->places($home, $names, $query->placesAsked($names));
        $history = $this->history->of($home, null)->histories;
        /**
         * @var iterable<array{
         *   string, string, string, int, int, int, string, string, string, string, string, string, string, string,
         *   int, int, int, int, string, int|null, string, string, string|null
         * }> $rows
         */
        $rows = $this->db->iterateNumeric(
            'SELECT id, name, kind, width, depth, height, colours, materials, finish, seasons, hazards, origin, care, set_name, cost_each, '
                . 'replacement_each, weight, count, assumed, laid_out, shape, pattern, came_on FROM piece WHERE home_id = ? AND removed_at IS NULL',
            [$home->id()],
        );
        foreach ($rows as [
            $id, $name, $kind, $width, $depth, $height, $colours, $materials, $finish, $seasons, $hazards, $origin, $care, $set, $cost,
            $worth, $grams, $count, $assumed, $run, $shape, $pattern, $came,
        ]) {
            // Lists repeat over thousands of pieces and are put into words once; what is written by hand is not.
            $said = "{$kind} {$materials} {$finish} {$seasons} {$hazards} {$shape} {$pattern} ";
            $text = ($this->words[$said] ??= mb_strtolower($said) . $this->textures($materials)) . ' ' . ('' === $origin . $care . $set
                ? ''
                : mb_strtolower("{$origin} {$care} {$set} ")) . ($this->assumed[$assumed] ??= self::assumed($assumed)) . ($at[$id] ?? '');
            $long = null === $run ? $this->length($kind, $width) : $run;
            yield new SearchCard(
                $id,
                mb_strtolower($name),
                $text,
                $query->asksForColour ? $this->colours[$colours] ??= $this->colours($colours) : [],
                $width,
                $depth,
                $height,
                ($history[$id] ?? null)?->seasonsIdle,
                $kinds[$id] ?? [],
                $cost,
                $worth,
                $grams,
                $count,
                $kind,
                $long,
                $came ?? '',
            );
        }
    }

    /** @return array<string, string> what words mean in this home */
    public function words(Home $home): array
    {
        /** @var array<string, string> $words */
        $words = $this->db->fetchAllKeyValue('SELECT word, means FROM home_word WHERE home_id = ?', [$home->id()]);

        return $words;
    }

    /** @return list<Opening> totes and spots with the room they have */
    public function openings(Home $home): array
    {
        $rows = $this->db->iterateNumeric(
            "SELECT code, width, depth, height, '[]', 1 FROM tote WHERE home_id = ? "
                . "AND removed_at IS NULL UNION ALL SELECT s.name, s.width, s.depth, s.clear_height, s.tiers, 0 FROM spot s JOIN room r "
                . "ON r.id = s.room_id WHERE r.home_id = ? AND s.removed_at IS NULL",
            [$home->id(), $home->id()],
        );
        $openings = [];
        /** @var array{string, int, int, int|null, string, int} $row */
        foreach ($rows as $row) {
            [$name, $width, $depth, $height, $tiers, $isTote] = $row;
            /** @var list<int> $clears */
            $clears = json_decode($tiers, true, 2, \JSON_THROW_ON_ERROR);
            $openings[] = new Opening(mb_strtolower($name), $width, $depth, [] === $clears ? $height : max($clears), 1 === $isTote);
        }

        return $openings;
    }

    /** @return array<string, string> what places are called, in lower case, by their keys */
    private function names(Home $home): array
    {
        $names = array_combine($kinds = array_map(static fn(PlaceKind $kind): string => $kind->value, PlaceKind::cases()), $kinds);
        $names[PlaceKind::Within->value] = self::PART;
        /** @var iterable<array{string, string}> $rows rows rather than entities: a question is answered in a blink */
        $rows = $this->db->iterateNumeric(
            "SELECT 'tote:' || id, code || ' ' || place FROM tote WHERE home_id = ? "
                . "AND removed_at IS NULL UNION ALL SELECT 'spot:' || s.id, s.name || ' ' || r.name FROM spot s JOIN room r "
                . "ON r.id = s.room_id WHERE r.home_id = ? AND s.removed_at IS NULL",
            [$home->id(), $home->id()],
        );
        foreach ($rows as [$key, $called]) {
            $names[$key] = mb_strtolower($called);
        }

        return $names;
    }

    /**
     * @param array<string, string> $names
     * @param list<string>          $asked keys of places; the others are not looked at
     *
     * @return array{array<string, string>, array<string, list<string>>} by piece: the names of its places, the kinds of them
     */
    private function places(Home $home, array $names, array $asked): array
    {
        if ([] === $asked) {
            return [[], []];
        }
        $at = $kinds = [];
        $within = \in_array(PlaceKind::Within->value, $asked, true) ? "OR s.place GLOB 'within:*'" : '';
        /** @var iterable<array{string, string}> $rows CROSS JOIN: from the places that are asked for to their pieces, not through all pieces */
        $rows = $this->db->iterateNumeric(
            "SELECT s.piece_id, s.place FROM standing s CROSS JOIN piece p ON p.id = s.piece_id WHERE p.home_id = ? "
            . "AND p.removed_at IS NULL AND s.count > 0 AND (s.place IN (?) {$within})",
            [$home->id(), $asked],
            [ParameterType::STRING, ArrayParameterType::STRING],
        );
        foreach ($rows as [$piece, $place]) {
            $at[$piece] = ($at[$piece] ?? '') . ' ' . ($names[$place] ?? self::PART);
            $kinds[$piece][] = explode(':', $place, 2)[0];
        }

        return [$at, $kinds];
    }

    /** How long one runs whose length on the roll nobody wrote down: as long as it is wide, where its kind is measured laid out. */
    private function length(string $kind, int $width): int
    {
        $this->laidOut[$kind] ??= PieceKind::from($kind)->facts()->isLaidOut();

        return $this->laidOut[$kind] ? $width : 0;
    }

    private function textures(string $materials): string
    {
        /** @var list<string> $words */
        $words = json_decode($materials, true, 4, \JSON_THROW_ON_ERROR);

        return implode(
            ' ',
            array_map(
                static fn(string $word): string => explode(' and ', Material::from($word)->texture()->value)[0],
                $words,
            ) /* “glass and mirror” makes no mirror of a vase */,
        );
    }

    /** @return list<ColourShare> */
    private function colours(string $json): array
    {
        /** @var list<array{hex: string, percent: int}> $shares */
        $shares = json_decode($json, true, 4, \JSON_THROW_ON_ERROR);

        return array_map(static fn(array $share): ColourShare => new ColourShare(Srgb::ofHex($share['hex']), $share['percent']), $shares);
    }

    /** "assumed size assumed colour " of a stored list. */
    private static function assumed(string $stored): string
    {
        $words = array_filter((array) json_decode($stored, true, 2, \JSON_THROW_ON_ERROR), \is_string(...));

        return implode('', array_map(static fn(string $word): string => "assumed {$word} ", $words));
    }
}
