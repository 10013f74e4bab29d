<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Stock;

/** The plain word for what a thing is; each has a silhouette. */
enum PieceKind: string
{
    case Arrangement = 'arrangement';
    case Basket = 'basket';
    /** A ball or cone that hangs or lies in a bowl. */
    case Bauble = 'bauble';
    case Beads = 'beads';
    case Bell = 'bell';
    case Boat = 'boat';
    case Books = 'books';
    case Bowl = 'bowl';
    case Box = 'box';
    case Bunch = 'bunch';
    case Candlestick = 'candlestick';
    case CandleGroup = 'candle group';
    case Clock = 'clock';
    case Cone = 'cone';
    case Crock = 'crock';
    case Cushion = 'cushion';
    /** A standing figure: a person, an animal. */
    case Figure = 'figure';
    case Garland = 'garland';
    case Gourd = 'gourd';
    case Hare = 'hare';
    case Heron = 'heron';
    case Hooks = 'hooks';
    case House = 'little house';
    case Jar = 'jar';
    case Jug = 'jug';
    case Lamp = 'lamp';
    case Lantern = 'lantern';
    case Lights = 'lights';
    /** What has a plug and stands by the socket: a coffee machine, a kettle, a toaster. */
    case Machine = 'machine';
    case Mirror = 'mirror';
    case Napkin = 'napkin';
    case Picture = 'picture';
    case Pillar = 'pillar candle';
    case Plate = 'plate';
    case PotPlant = 'pot plant';
    case Pumpkin = 'pumpkin';
    case Ribbon = 'ribbon';
    case Runner = 'runner';
    case Sign = 'sign';
    case Sled = 'sled';
    /** What others are served or stood on: a cake stand, a tiered tray. */
    case Stand = 'stand';
    case Star = 'star';
    case Stocking = 'stocking';
    case StormGlass = 'storm glass';
    case Throw = 'throw';
    case Tray = 'tray';
    case Tree = 'tree';
    /** Laid out round the foot of a tree. */
    case TreeSkirt = 'tree skirt';
    /** A little one on wheels: truck, car, train. */
    case Truck = 'truck';
    case Vase = 'vase';
    case Wreath = 'wreath';

    /** "a vase", "an arrangement", but "lights". */
    public function withArticle(): string
    {
        return match (true) {
            \in_array($this, [self::Beads, self::Books, self::Hooks, self::Lights], true) => $this->value,
            1 === preg_match('/^[aeiou]/', $this->value) => 'an ' . $this->value,
            default => 'a ' . $this->value,
        };
    }

    public function facts(): KindFacts
    {
        return KindFacts::of($this);
    }
}
