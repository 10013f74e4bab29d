<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Sizing;

use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Surface\Form;
use BrightCupboard\Core\Surface\SpotKind;

/** Every sum there is, and which of them are asked for where. */
enum Sums: string
{
    case Garland = 'garland';
    case Hooks = 'hooks';
    case Lights = 'lights';
    case Ribbon = 'ribbon';
    case Along = 'along';
    case Stems = 'stems';
    case Fill = 'fill';
    case Table = 'table';
    case Cloth = 'cloth';
    case Cushions = 'cushions';
    case Hanging = 'hanging';
    case Statement = 'statement';
    case Tree = 'tree';
    case Batteries = 'batteries';
    case Sockets = 'sockets';
    case Paint = 'paint';
    case Wrap = 'paper';

    public function sum(): Sum
    {
        return match ($this) {
            self::Garland => new Sum\GarlandSum(),
            self::Hooks => new Sum\HooksSum(),
            self::Lights => new Sum\LightsSum(),
            self::Ribbon => new Sum\RibbonSum(),
            self::Along => new Sum\AlongSum(),
            self::Stems => new Sum\StemsSum(),
            self::Fill => new Sum\FillSum(),
            self::Table => new Sum\TableSum(),
            self::Cloth => new Sum\ClothSum(),
            self::Cushions => new Sum\CushionsSum(),
            self::Hanging => new Sum\HangingSum(),
            self::Statement => new Sum\StatementSum(),
            self::Tree => new Sum\TreeSum(),
            self::Batteries => new Sum\BatteriesSum(),
            self::Sockets => new Sum\SocketsSum(),
            self::Paint => new Sum\PaintSum(),
            self::Wrap => new Sum\WrapSum(),
        };
    }

    /** @return list<self> what is asked at such a spot, the most usual first */
    public static function at(SpotKind $kind): array
    {
        $run = [self::Garland, self::Hooks, self::Lights, self::Ribbon, self::Along];

        return match ($kind->form()) {
            Form::Ledge => [...$run, self::Stems, self::Fill, self::Statement, self::Batteries, self::Sockets],
            Form::Tiers => [self::Lights, self::Garland, self::Stems, self::Fill, self::Batteries, self::Sockets],
            Form::Table => SpotKind::DiningTable === $kind
                ? [self::Table, self::Cloth, self::Garland, self::Stems, self::Fill, self::Batteries]
                : [self::Cloth, self::Stems, self::Fill, self::Garland, self::Batteries],
            Form::Panel => SpotKind::Window === $kind
                ? [self::Statement, self::Hanging, ...$run, self::Sockets]
                : [self::Hanging, ...$run, self::Statement, self::Sockets],
            Form::Run => [...$run, self::Batteries, self::Sockets],
            Form::Seat => [self::Cushions],
            Form::Floor => [self::Statement, self::Tree, self::Stems, self::Fill, self::Batteries, self::Sockets],
            Form::Cone => [self::Tree, self::Ribbon, self::Sockets, self::Batteries],
        };
    }

    /** @return list<PieceKind> of which owned pieces may answer it */
    public function kinds(): array
    {
        return match ($this) {
            self::Garland => [PieceKind::Garland],
            self::Hooks => [PieceKind::Hooks],
            self::Lights => [PieceKind::Lights],
            self::Ribbon => [PieceKind::Ribbon],
            self::Along => [PieceKind::Bunch, PieceKind::Bauble, PieceKind::Beads],
            self::Stems => [PieceKind::Bunch],
            self::Fill => [PieceKind::Bauble, PieceKind::Cone],
            self::Table => [PieceKind::Plate, PieceKind::Bowl, PieceKind::Napkin],
            self::Cloth => [PieceKind::Runner],
            self::Cushions => [PieceKind::Cushion],
            self::Hanging => [PieceKind::Picture, PieceKind::Mirror, PieceKind::Wreath, PieceKind::Plate],
            self::Statement => [
                PieceKind::Tree,
                PieceKind::Vase,
                PieceKind::Bunch,
                PieceKind::Mirror,
                PieceKind::Lantern,
                PieceKind::Arrangement,
                PieceKind::PotPlant,
            ],
            self::Tree => [PieceKind::Lights, PieceKind::Bauble, PieceKind::Ribbon],
            self::Batteries, self::Sockets, self::Paint, self::Wrap => [],
        };
    }

    /** The sum that answers for a kind of thing that is wanted; null when there is none. */
    public static function for(PieceKind $kind): ?self
    {
        return match ($kind) {
            PieceKind::Garland => self::Garland,
            PieceKind::Hooks => self::Hooks,
            PieceKind::Lights => self::Lights,
            PieceKind::Ribbon => self::Ribbon,
            PieceKind::Beads, PieceKind::Bauble => self::Along,
            PieceKind::Bunch => self::Stems,
            PieceKind::Plate, PieceKind::Napkin => self::Table,
            PieceKind::Runner => self::Cloth,
            PieceKind::Cushion => self::Cushions,
            PieceKind::Picture, PieceKind::Mirror, PieceKind::Wreath => self::Hanging,
            PieceKind::Tree => self::Statement,
            default => null,
        };
    }
}
