<?php

declare(strict_types=1);

namespace App\Demo;

use App\Entity\PieceRecord;
use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Look\BalanceSchool;
use BrightCupboard\Core\Look\Look;
use BrightCupboard\Core\Look\Resting;
use BrightCupboard\Core\Look\Ribbon;
use BrightCupboard\Core\Look\RibbonRole;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\Size;
use BrightCupboard\Core\Measure\Weight;
use BrightCupboard\Core\Money\Money;
use BrightCupboard\Core\Stock\Face;
use BrightCupboard\Core\Stock\Finish;
use BrightCupboard\Core\Stock\Hazard;
use BrightCupboard\Core\Stock\Makeup;
use BrightCupboard\Core\Stock\Material;
use BrightCupboard\Core\Stock\Part;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\PieceSet;
use BrightCupboard\Core\Stock\Season;
use BrightCupboard\Core\Stock\Texture;
use BrightCupboard\Core\Surface\KeepClear;
use BrightCupboard\Core\Surface\Layout;
use BrightCupboard\Core\Surface\SeenFrom;
use BrightCupboard\Core\Surface\Spot;
use BrightCupboard\Core\Surface\SpotHazard;
use BrightCupboard\Core\Surface\SpotKind;
use BrightCupboard\Core\Surface\TableShape;

/** Reads the files of one demo home into core values. Sizes in the files are inches, weights ounces, prices whole currency units. */
final class DemoFiles
{
    /** @var list<array<string, string>>|null */
    private ?array $rows = null;
    /** @var array<string, string> */
    private array $colours;
    /** @var array<mixed>|null */
    private ?array $makeups = null;

    public function __construct(private readonly string $folder)
    {
        /** @var array<string, string> $colours */
        $colours = json_decode((string) file_get_contents(\dirname($folder) . '/colours.json'), true, 4, \JSON_THROW_ON_ERROR);
        $this->colours = $colours;
    }

    public function house(): DemoValues
    {
        return new DemoValues((array) json_decode((string) file_get_contents($this->folder . '/house.json'), true, 16, \JSON_THROW_ON_ERROR));
    }

    /** @return list<array<string, string>> */
    public function pieces(): array
    {
        if (null === $this->rows) {
            $file = new \SplFileObject($this->folder . '/pieces.csv');
            $file->setFlags(\SplFileObject::READ_CSV | \SplFileObject::SKIP_EMPTY | \SplFileObject::READ_AHEAD | \SplFileObject::DROP_NEW_LINE);
            $lines = array_values(array_filter(iterator_to_array($file), \is_array(...)));
            $heads = array_map(strval(...), array_shift($lines) ?? []);
            $this->rows = array_map(static fn(array $line): array => array_combine($heads, array_map(strval(...), $line)), $lines);
        }

        return $this->rows;
    }

    /** @return array<string, string> */
    public function row(string $name): array
    {
        foreach ($this->pieces() as $row) {
            if ($row['name'] === $name) {
                return $row;
            }
        }

        throw new \LogicException(sprintf('There is no piece "%s" in %s.', $name, $this->folder));
    }

    /** @param array<string, string> $row */
    public function piece(array $row, string $id): Piece
    {
        $words = static fn(string $list, string $by): array => '' === $list || '' === $by ? [] : explode($by, $list);

        return new Piece(
            $id,
            $row['name'],
            PieceKind::from($row['kind']),
            (int) $row['count'],
            $this->size([(float) $row['width'], (float) $row['depth'], (float) $row['height']]),
            Weight::ofGrams((int) round((float) $row['ounces'] * 28.3495)),
            $this->shares($row['colours']),
            array_map(Material::from(...), $words($row['materials'], '+')),
            Finish::from($row['finish']),
            array_map(Season::from(...), $words($row['seasons'], ' ')),
            array_map(Hazard::from(...), $words($row['hazards'], '+')),
        );
    }

    /** @param array<string, string> $row */
    public function record(array $row, \DateTimeImmutable $today): PieceRecord
    {
        $came = $today->modify(sprintf('-%d days', 80 + 365 * (int) $row['years']));

        return new PieceRecord(
            $row['shape'],
            $row['pattern'],
            $row['origin'],
            Money::ofMinor((int) $row['cost'] * 100),
            Money::ofMinor((int) $row['replacement'] * 100),
            $came,
            $this->care($row['name']),
            $this->makeup($row['name']),
        );
    }

    private function care(string $name): string
    {
        $values = $this->made($name);

        return $values->isNull('care') ? '' : $values->text('care');
    }

    /** What the home has a file of: faces, parts, sets and care of single pieces. */
    private function made(string $name): DemoValues
    {
        $this->makeups ??= is_file($this->folder . '/makeup.json')
            ? (array) json_decode((string) file_get_contents($this->folder . '/makeup.json'), true, 8, \JSON_THROW_ON_ERROR)
            : [];

        return new DemoValues((array) ($this->makeups[$name] ?? []));
    }

    private function makeup(string $name): Makeup
    {
        $values = $this->made($name);

        return new Makeup(
            array_map(
                fn(DemoValues $f): Face => new Face($f->text('0'), array_map(Season::from(...), $f->texts('1')), $this->shares($f->text('2'))),
                $values->list('faces'),
            ),
            array_map(
                fn(DemoValues $p): Part => new Part(
                    $p->text('0'),
                    PieceKind::from($p->text('1')),
                    $p->whole('2'),
                    $this->size($p->numbers('3')),
                    $this->colour($p->text('4')),
                    Material::from($p->text('5')),
                ),
                $values->list('parts'),
            ),
            $values->isNull('set.0') ? null : new PieceSet($values->text('set.0'), $values->whole('set.1')),
            $values->isNull('laidOut') ? null : Length::ofInches($values->number('laidOut')),
        );
    }

    /** @return list<ColourShare> "rust 60+plum 40" */
    private function shares(string $text): array
    {
        return array_map(function (string $share): ColourShare {
            [$word, $percent] = explode(' ', $share);

            return new ColourShare($this->colour($word), (int) $percent);
        }, explode('+', $text));
    }

    public function spot(DemoValues $spot, string $id): Spot
    {
        return new Spot(
            $id,
            $spot->text('name'),
            SpotKind::from($spot->text('kind')),
            Length::ofInches($spot->number('width')),
            Length::ofInches($spot->number('depth')),
            Length::ofInches($spot->number('ledge')),
            $spot->isNull('clear') ? null : Length::ofInches($spot->number('clear')),
            SeenFrom::from($spot->text('seen')),
            array_map(
                static fn(DemoValues $zone): KeepClear => new KeepClear(
                    Length::ofInches($zone->number('0')),
                    Length::ofInches($zone->number('1')),
                    $zone->text('2'),
                ),
                $spot->list('keepClear'),
            ),
            Srgb::ofHex($spot->text('wall')),
            array_map(SpotHazard::from(...), $spot->texts('hazards')),
            [],
            new Layout(
                array_map(Length::ofInches(...), $spot->numbers('tiers')),
                TableShape::from($spot->isNull('shape') ? 'rectangular' : $spot->text('shape')),
                $spot->isNull('seats') ? 0 : $spot->whole('seats'),
                $spot->isNull('rise') ? null : Length::ofInches($spot->number('rise')),
                $spot->isNull('posts') ? 0 : $spot->whole('posts'),
                $spot->isNull('below') ? null : Length::ofInches($spot->number('below.0')),
                $spot->isNull('below') ? null : Length::ofInches($spot->number('below.1')),
            ),
            $spot->isNull('cover') ? null : Srgb::ofHex($spot->text('cover')),
        );
    }

    public function look(DemoValues $look): Look
    {
        return new Look(
            $look->text('name'),
            array_map(
                fn(DemoValues $r): Ribbon => new Ribbon($r->text('0'), $this->colour($r->text('1')), RibbonRole::from($r->text('2')), $r->whole('3')),
                $look->list('ribbons'),
            ),
            array_map(Texture::from(...), $look->texts('textures')),
            new Resting(array_map($this->colour(...), $look->texts('restColours')), array_map(Finish::from(...), $look->texts('restFinishes'))),
            $look->whole('mood'),
            BalanceSchool::from($look->text('balance')),
        );
    }

    public function colour(string $word): Srgb
    {
        return Srgb::ofHex($this->colours[$word] ?? $word);
    }

    /** @param list<float> $inches */
    public function size(array $inches): Size
    {
        return new Size(Length::ofInches($inches[0]), Length::ofInches($inches[1]), Length::ofInches($inches[2]));
    }
}
