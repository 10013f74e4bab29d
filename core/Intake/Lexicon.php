<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake;

use BrightCupboard\Core\Stock\Finish;
use BrightCupboard\Core\Stock\Hazard;
use BrightCupboard\Core\Stock\Material;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Season;

/**
 * The words people write for kinds, materials, finishes, seasons, origins and hazards.
 */
final readonly class Lexicon
{
    /** Word → kind and, after a slash, the shape it tells. Singular forms; plurals are worked out. */
    private const KINDS = [
        'arrangement' => 'arrangement', 'centrepiece' => 'arrangement', 'centerpiece' => 'arrangement', 'basket' => 'basket', 'bauble' => 'bauble', 'ornament' => 'bauble', 'ball' => 'bauble', 'pine cone' => 'bauble/cone', 'pinecone' => 'bauble/cone', 'acorn' => 'bauble/drop', 'egg' => 'bauble/drop', 'trug' => 'basket/handle', 'crate' => 'box', 'box' => 'box', 'riser' => 'box',
        'beads' => 'beads', 'bead garland' => 'beads', 'bell' => 'bell', 'bird' => 'figure/bird', 'owl' => 'figure/bird', 'raven' => 'figure/bird', 'crow' => 'figure/bird', 'dove' => 'figure/bird', 'robin' => 'figure/bird', 'swan' => 'figure/bird', 'duck' => 'figure/bird', 'bookend' => 'heron', 'boat' => 'boat', 'ship' => 'boat', 'book' => 'books', 'books' => 'books', 'stack of books' => 'books',
        'bowl' => 'bowl', 'bunch' => 'bunch', 'bouquet' => 'bunch', 'stem' => 'bunch', 'branch' => 'bunch/twig', 'stick' => 'bunch/twig', 'sheaf' => 'bunch/wheat', 'candlestick' => 'candlestick', 'candle holder' => 'candlestick', 'taper holder' => 'candlestick', 'taper candle holder' => 'candlestick',
        'tea light holder' => 'candlestick/block', 'tealight holder' => 'candlestick/block', 'votive holder' => 'candlestick/block', 'tea light' => 'pillar candle', 'votive' => 'pillar candle', 'candle group' => 'candle group', 'pillar candle' => 'pillar candle', 'candle' => 'pillar candle', 'taper candle' => 'pillar candle', 'taper' => 'candlestick', 'cone' => 'cone', 'paper cone' => 'cone', 'crock' => 'crock', 'pot' => 'crock', 'planter' => 'crock', 'bucket' => 'crock', 'pail' => 'crock', 'watering can' => 'jug',
        'cushion' => 'cushion', 'pillow' => 'cushion', 'cushion cover' => 'cushion', 'pillow cover' => 'cushion', 'figure' => 'figure', 'figurine' => 'figure', 'statue' => 'figure', 'angel' => 'figure', 'nutcracker' => 'figure', 'gnome' => 'figure', 'snowman' => 'figure/snowman', 'deer' => 'figure/deer', 'reindeer' => 'figure/deer', 'stag' => 'figure/deer', 'garland' => 'garland', 'swag' => 'garland', 'bunting' => 'garland', 'gourd' => 'gourd', 'hare' => 'hare', 'rabbit' => 'hare', 'bunny' => 'hare', 'heron' => 'heron', 'hook' => 'hooks', 'hooks' => 'hooks', 'stocking holder' => 'hooks',
        'little house' => 'little house', 'cottage' => 'little house', 'house' => 'little house', 'jar' => 'jar', 'jug' => 'jug', 'pitcher' => 'jug', 'lantern' => 'lantern', 'lights' => 'lights', 'string lights' => 'lights', 'fairy lights' => 'lights', 'light string' => 'lights',
        'mirror' => 'mirror', 'picture' => 'picture', 'print' => 'picture', 'frame' => 'picture', 'painting' => 'picture', 'sign' => 'picture', 'napkin' => 'napkin', 'serviette' => 'napkin', 'tea towel' => 'napkin', 'pot plant' => 'pot plant', 'potted plant' => 'pot plant', 'houseplant' => 'pot plant', 'plant' => 'pot plant', 'poinsettia' => 'pot plant/flower', 'amaryllis' => 'pot plant/flower', 'hyacinth' => 'pot plant/flower', 'cyclamen' => 'pot plant/flower', 'topiary' => 'pot plant/ball', 'succulent' => 'pot plant', 'plate' => 'plate', 'platter' => 'plate', 'charger' => 'plate', 'pumpkin' => 'pumpkin', 'ribbon' => 'ribbon', 'runner' => 'runner', 'tablecloth' => 'runner', 'table cloth' => 'runner',
        'star' => 'star', 'tree topper' => 'star', 'snow globe' => 'storm glass', 'cloche' => 'storm glass', 'tree skirt' => 'throw', 'tree collar' => 'basket', 'stocking' => 'stocking', 'storm glass' => 'storm glass', 'hurricane' => 'storm glass', 'bell jar' => 'storm glass', 'throw' => 'throw', 'blanket' => 'throw', 'rug' => 'throw', 'sheepskin' => 'throw', 'tray' => 'tray', 'board' => 'tray/rect', 'tree' => 'tree', 'fir' => 'tree', 'little tree' => 'tree',
        'vase' => 'vase', 'bottle' => 'vase/bottle', 'urn' => 'vase/urn', 'bud vase' => 'vase/bud', 'ginger jar' => 'vase/ginger', 'moon vase' => 'vase/moon', 'wreath' => 'wreath',
    ];
    /** Things of the everyday without a kind of their own → the kind they are drawn and kept as; said whenever it is taken. */
    private const NEAREST = [
        'clock' => 'box', 'lamp' => 'lantern', 'ladder' => 'figure', 'wine glass' => 'storm glass', 'goblet' => 'storm glass', 'tumbler' => 'jar', 'mug' => 'jug', 'cup' => 'jug', 'teapot' => 'jug', 'stool' => 'box', 'birdcage' => 'lantern', 'cake stand' => 'tray',
        'advent calendar' => 'picture', 'calendar' => 'picture', 'chalkboard' => 'picture', 'moss' => 'bunch', 'filler' => 'bunch', 'easel' => 'picture', 'bookends' => 'books', 'corbel' => 'box', 'scroll' => 'picture', 'dough bowl' => 'bowl', 'tiered tray' => 'tray', 'scale' => 'box',
        'bucket' => 'crock', 'pail' => 'crock', 'watering can' => 'jug', 'mould' => 'bowl', 'mold' => 'bowl', 'candle ring' => 'wreath', 'pick' => 'bunch', 'bow' => 'ribbon', 'mat' => 'throw', 'doormat' => 'throw', 'village house' => 'little house', 'sled' => 'boat', 'sleigh' => 'boat', 'trunk' => 'box', 'suitcase' => 'box',
    ];
    /** Letters that a mistyped word may be off, by its own length. */
    private const TYPO_FROM = 4;
    private const TWO_TYPOS_FROM = 7;
    private const MATERIALS = [
        'reed' => 'reed', 'seagrass' => 'reed', 'bamboo' => 'reed', 'grapevine' => 'reed', 'burlap' => 'jute', 'hessian' => 'jute', 'rattan' => 'reed', 'wicker' => 'reed', 'willow' => 'reed', 'jute' => 'jute', 'rope' => 'jute', 'wood' => 'wood', 'wooden' => 'wood', 'oak' => 'wood', 'walnut' => 'wood', 'pine wood' => 'wood', 'clay' => 'clay', 'terracotta' => 'clay',
        'stoneware' => 'stoneware', 'pottery' => 'stoneware', 'ceramic' => 'stoneware', 'porcelain' => 'porcelain', 'china' => 'porcelain', 'stone' => 'stone', 'marble' => 'stone', 'concrete' => 'stone', 'brass' => 'brass', 'gold metal' => 'brass', 'copper' => 'brass', 'iron' => 'iron', 'steel' => 'iron', 'metal' => 'iron', 'tin' => 'tin', 'galvanised' => 'tin', 'galvanized' => 'tin', 'pewter' => 'tin', 'silver plate' => 'tin',
        'glass' => 'glass', 'mercury glass' => 'glass', 'faux' => 'faux greenery', 'artificial' => 'faux greenery', 'silk flowers' => 'faux greenery', 'juniper' => 'faux greenery', 'fresh' => 'fresh greenery', 'live' => 'fresh greenery', 'real' => 'fresh greenery', 'preserved' => 'dried stems', 'dried' => 'dried stems', 'wheat' => 'dried stems', 'pampas' => 'dried stems',
        'cotton' => 'cotton', 'linen' => 'linen', 'wool' => 'wool', 'woollen' => 'wool', 'felt' => 'wool', 'velvet' => 'velvet', 'paper' => 'paper', 'card' => 'paper', 'wax' => 'wax', 'beeswax' => 'wax', 'plastic' => 'plastic', 'resin' => 'plastic', 'acrylic' => 'plastic',
    ];
    private const FINISHES = [
        'matt' => 'matt', 'matte' => 'matt', 'glazed' => 'glazed', 'shiny' => 'glazed', 'drip glaze' => 'drip glaze', 'clear' => 'clear', 'woven' => 'woven', 'knit' => 'knit', 'knitted' => 'knit', 'cable knit' => 'knit', 'glitter' => 'glitter', 'glittery' => 'glitter', 'sparkly' => 'glitter', 'aged' => 'aged', 'distressed' => 'aged', 'antique' => 'aged', 'rusty' => 'aged', 'hammered' => 'metal',
    ];
    private const SEASONS = ['spring' => 'spring', 'easter' => 'spring', 'summer' => 'summer', 'autumn' => 'autumn', 'fall' => 'autumn', 'harvest' => 'autumn', 'halloween' => 'autumn', 'thanksgiving' => 'autumn', 'winter' => 'winter', 'midwinter' => 'winter', 'christmas' => 'winter', 'xmas' => 'winter', 'yule' => 'winter', 'advent' => 'winter'];
    private const ORIGINS = ['bought' => 'bought', 'new' => 'bought', 'thrifted' => 'thrifted', 'secondhand' => 'thrifted', 'second hand' => 'thrifted', 'flea market' => 'thrifted', 'yard sale' => 'thrifted', 'charity shop' => 'thrifted', 'made' => 'made', 'homemade' => 'made', 'handmade' => 'made', 'given' => 'given', 'gift' => 'given', 'inherited' => 'given', 'borrowed' => 'borrowed', 'found' => 'found'];
    private const HAZARDS = ['breakable' => 'breakable', 'fragile' => 'breakable', 'open flame' => 'open flame', 'real flame' => 'open flame', 'small parts' => 'small parts', 'button cells' => 'button cells', 'toxic to pets' => 'toxic to pets', 'mains' => 'mains cord', 'plug in' => 'mains cord', 'needs a ladder' => 'needs a ladder'];
    private const PATTERNS = ['striped' => 'stripe', 'stripe' => 'stripe', 'stripes' => 'stripe', 'check' => 'check', 'checked' => 'check', 'plaid' => 'check', 'tartan' => 'check', 'gingham' => 'check', 'ribbed' => 'rib', 'banded' => 'band', 'speckled' => 'speck', 'rings' => 'rings', 'sprigged' => 'sprig'];
    private const SHAPES = ['round' => 'round', 'square' => 'square', 'arch' => 'arch', 'arched' => 'arch', 'oval' => 'oval', 'tall' => 'tall', 'rectangular' => 'rect'];
    private const FLAMELESS = ['flameless', 'battery', 'led'];
    /** Written at the start instead of a number. */
    private const COUNTS = ['a' => 1, 'an' => 1, 'one' => 1, 'pair of' => 2, 'a pair of' => 2, 'two' => 2, 'three' => 3, 'four' => 4, 'five' => 5, 'six' => 6, 'seven' => 7, 'eight' => 8, 'nine' => 9, 'ten' => 10, 'eleven' => 11, 'twelve' => 12, 'thirteen' => 13, 'fourteen' => 14, 'fifteen' => 15, 'sixteen' => 16, 'seventeen' => 17, 'eighteen' => 18, 'nineteen' => 19, 'a dozen' => 12, 'dozen' => 12];
    private const TENS = ['twenty' => 20, 'thirty' => 30, 'forty' => 40, 'fifty' => 50, 'sixty' => 60, 'seventy' => 70, 'eighty' => 80, 'ninety' => 90];

    /** @return array{PieceKind, string}|null the kind and the shape its word tells, '' where none */
    public static function kind(string $word): ?array
    {
        foreach ([$word, ...self::singulars($word)] as $form) {
            if (isset(self::KINDS[$form])) {
                [$kind, $shape] = explode('/', self::KINDS[$form] . '/');

                return [PieceKind::from($kind), $shape];
            }
        }
        $kind = PieceKind::tryFrom($word) ?? self::nearest($word);

        return null === $kind ? null : [$kind, ''];
    }

    /** The kind that a thing without one of its own is drawn and kept as. */
    public static function nearest(string $word): ?PieceKind
    {
        foreach ([$word, ...self::singulars($word)] as $form) {
            if (isset(self::NEAREST[$form])) {
                return PieceKind::from(self::NEAREST[$form]);
            }
        }

        return null;
    }

    /** The word for a kind that a mistyped one stands for: one letter off, from seven letters on two (a kitchen is no pitcher: the first is right then), or two that changed places; null where several are as near. */
    public static function meant(string $word): ?string
    {
        $length = \strlen($word);
        if ($length < self::TYPO_FROM || 1 !== preg_match('/^[a-z]+$/', $word)) {
            return null;
        }
        /** @var array<int, array<string, string>> $near the form that is near, by how many letters it is off and by the word */
        $near = [];
        foreach (array_keys(self::KINDS + self::NEAREST) as $known) {
            foreach ([$known, $known . 's'] as $form) {
                $off = levenshtein($word, $form);
                $isSwapped = 2 === $off && \strlen($form) === $length && count_chars($form, 1) === count_chars($word, 1);
                if (1 === $off || $isSwapped || (2 === $off && $length >= self::TWO_TYPOS_FROM && $word[0] === $form[0])) {
                    $near[$isSwapped ? 1 : $off][$known] = $form;
                }
            }
        }
        $best = $near[1] ?? $near[2] ?? [];

        return 1 === \count($best) ? reset($best) : null;
    }

    public static function material(string $word): ?Material
    {
        return isset(self::MATERIALS[$word]) ? Material::from(self::MATERIALS[$word]) : Material::tryFrom($word);
    }

    public static function finish(string $word): ?Finish
    {
        return isset(self::FINISHES[$word]) ? Finish::from(self::FINISHES[$word]) : Finish::tryFrom($word);
    }

    public static function season(string $word): ?Season
    {
        return isset(self::SEASONS[$word]) ? Season::from(self::SEASONS[$word]) : null;
    }

    public static function origin(string $word): ?string
    {
        return self::ORIGINS[$word] ?? null;
    }

    public static function hazard(string $word): ?Hazard
    {
        return isset(self::HAZARDS[$word]) ? Hazard::from(self::HAZARDS[$word]) : Hazard::tryFrom($word);
    }

    public static function pattern(string $word): ?string
    {
        return self::PATTERNS[$word] ?? null;
    }

    public static function shape(string $word): ?string
    {
        return self::SHAPES[$word] ?? null;
    }

    public static function count(string $words): ?int
    {
        [$ten, $one] = [...explode('-', str_replace(' ', '-', $words), 2), ''];
        if (isset(self::TENS[$ten])) {
            $ones = '' === $one ? 0 : self::COUNTS[$one] ?? null;

            return null === $ones || $ones > 9 || \in_array($one, ['a', 'an'], true) ? null : self::TENS[$ten] + $ones;
        }

        return self::COUNTS[$words] ?? null;
    }

    /** Whether a word is no part of a name: where it came from, its season, that it has no flame. */
    public static function isAside(string $word): bool
    {
        return null !== self::origin($word) || null !== self::season($word) || null !== self::hazard($word) || \in_array($word, self::FLAMELESS, true) || \in_array($word, ['roll', 'rolls'], true);
    }

    public static function isFlameless(string $word): bool
    {
        return \in_array($word, self::FLAMELESS, true);
    }

    /** "brass candlesticks" → "brass candlestick"; leaves words alone that are always many. */
    public static function singular(string $words): string
    {
        $at = strrpos($words, ' ');
        $last = false === $at ? $words : substr($words, $at + 1);
        if (isset(self::KINDS[$last])) {
            return $words;
        }
        foreach (self::singulars($last) as $form) {
            if (isset(self::KINDS[$form])) {
                return (false === $at ? '' : substr($words, 0, $at + 1)) . $form;
            }
        }

        return $words;
    }

    /** @return list<string> what a plural may be the plural of */
    private static function singulars(string $word): array
    {
        return match (true) {
            str_ends_with($word, 'ies') => [substr($word, 0, -3) . 'y', substr($word, 0, -1)],
            str_ends_with($word, 'es') => [substr($word, 0, -2), substr($word, 0, -1)],
            str_ends_with($word, 'ves') => [substr($word, 0, -3) . 'f'],
            str_ends_with($word, 's') => [substr($word, 0, -1)],
            default => [],
        };
    }
}
