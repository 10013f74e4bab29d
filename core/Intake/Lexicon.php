<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake;

use BrightCupboard\Core\Intake\Internal\HurriedWords;
use BrightCupboard\Core\Intake\Internal\KindWords;
use BrightCupboard\Core\Intake\Internal\MaterialWords;
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
    private const REMEMBERED = 20_000;
    private const FINISHES = [
        'matt' => 'matt', 'matte' => 'matt', 'glazed' => 'glazed', 'shiny' => 'glazed', 'drip glaze' => 'drip glaze', 'clear' => 'clear',
        'woven' => 'woven', 'knit' => 'knit', 'knitted' => 'knit', 'cable knit' => 'knit', 'glitter' => 'glitter', 'glittery' => 'glitter',
        'sparkly' => 'glitter', 'aged' => 'aged', 'distressed' => 'aged', 'antique' => 'aged', 'rusty' => 'aged', 'hammered' => 'metal',
        'weathered' => 'aged', 'rustic' => 'aged', 'chippy' => 'aged', 'patina' => 'aged', 'glossy' => 'glazed', 'crackle' => 'glazed',
        'sequin' => 'glitter', 'beaded' => 'glitter', 'crochet' => 'knit', 'crocheted' => 'knit', 'braided' => 'woven',
        'chunky knit' => 'knit', 'vintage' => 'aged', 'gilded' => 'metal', 'gilt' => 'metal', 'transparent' => 'clear',
    ];
    private const SEASONS = [
        'spring' => 'spring', 'easter' => 'spring', 'summer' => 'summer', 'autumn' => 'autumn', 'fall' => 'autumn', 'harvest' => 'autumn',
        'halloween' => 'autumn', 'thanksgiving' => 'autumn', 'fourth of july' => 'summer', '4th of july' => 'summer',
        '4th july' => 'summer', 'july 4th' => 'summer', 'independence day' => 'summer', 'diwali' => 'autumn', 'dia de los muertos' => 'autumn',
        'kwanzaa' => 'winter', 'lunar new year' => 'winter', 'shamrock' => 'spring', 'patriotic' => 'summer', 'valentine' => 'winter',
        'valentines' => 'winter', 'hanukkah' => 'winter', 'new year' => 'winter', 'st patrick' => 'spring', "mother's day" => 'spring',
        'winter' => 'winter', 'midwinter' => 'winter', 'christmas' => 'winter', 'xmas' => 'winter', 'yule' => 'winter',
        'advent' => 'winter',
    ];
    private const ORIGINS = [
        'bought' => 'bought', 'new' => 'bought', 'thrifted' => 'thrifted', 'secondhand' => 'thrifted', 'second hand' => 'thrifted',
        'flea market' => 'thrifted', 'yard sale' => 'thrifted', 'charity shop' => 'thrifted', 'made' => 'made', 'homemade' => 'made',
        'handmade' => 'made', 'given' => 'given', 'gift' => 'given', 'gifted' => 'given', 'hand-me-down' => 'given', 'heirloom' => 'given',
        'thrift store' => 'thrifted', 'thrift' => 'thrifted', 'op shop' => 'thrifted', 'car boot' => 'thrifted',
        'garage sale' => 'thrifted', 'estate sale' => 'thrifted', 'auction' => 'thrifted', 'antique mall' => 'thrifted', 'diy' => 'made',
        'hand made' => 'made', 'home made' => 'made', 'inherited' => 'given', 'borrowed' => 'borrowed', 'found' => 'found',
    ];
    private const HAZARDS = [
        'breakable' => 'breakable', 'fragile' => 'breakable', 'open flame' => 'open flame', 'real flame' => 'open flame',
        'small parts' => 'small parts', 'button cells' => 'button cells', 'toxic to pets' => 'toxic to pets', 'mains' => 'mains cord',
        'plug in' => 'mains cord', 'plug-in' => 'mains cord', 'plugin' => 'mains cord', 'corded' => 'mains cord',
        'needs a ladder' => 'needs a ladder',
    ];
    private const PATTERNS = [
        'striped' => 'stripe', 'stripe' => 'stripe', 'stripes' => 'stripe', 'check' => 'check', 'checked' => 'check', 'plaid' => 'check',
        'tartan' => 'check', 'gingham' => 'check', 'ribbed' => 'rib', 'banded' => 'band', 'speckled' => 'speck', 'rings' => 'rings',
        'sprigged' => 'sprig', 'buffalo check' => 'check', 'buffalo plaid' => 'check', 'pinstripe' => 'stripe', 'ticking' => 'stripe',
        'ticking stripe' => 'stripe', 'polka dot' => 'speck', 'spotted' => 'speck', 'dotted' => 'speck', 'floral' => 'sprig',
        'botanical' => 'sprig',
    ];
    private const SHAPES = [
        'round' => 'round', 'square' => 'square', 'arch' => 'arch', 'arched' => 'arch', 'oval' => 'oval', 'tall' => 'tall',
        'rectangular' => 'rect',
    ];
    private const FLAMELESS = ['flameless', 'battery', 'battery operated', 'batteries', 'battery powered', 'led', 'solar', 'usb', 'rechargeable', 'remote'];
    private const PLUGGED = ['electric', 'plug in', 'plug-in', 'plugin', 'plugs in', 'corded', 'mains'];
    /** Written at the start instead of a number. */
    private const COUNTS = [
        'a' => 1, 'an' => 1, 'one' => 1, 'pair of' => 2, 'a pair of' => 2, 'two' => 2, 'three' => 3, 'four' => 4, 'five' => 5, 'six' => 6,
        'seven' => 7, 'eight' => 8, 'nine' => 9, 'ten' => 10, 'eleven' => 11, 'twelve' => 12, 'thirteen' => 13, 'fourteen' => 14,
        'fifteen' => 15, 'sixteen' => 16, 'seventeen' => 17, 'eighteen' => 18, 'nineteen' => 19, 'a dozen' => 12, 'dozen' => 12,
        'doz' => 12, 'dz' => 12,
    ];
    private const TENS = ['twenty' => 20, 'thirty' => 30, 'forty' => 40, 'fifty' => 50, 'sixty' => 60, 'seventy' => 70, 'eighty' => 80, 'ninety' => 90];

    /** @return array{PieceKind, string}|null the kind and the shape its word tells, '' where none */
    public static function kind(string $word): ?array
    {
        /** @var array<string, array{PieceKind, string}|null> $read words repeat over thousands of rows */
        static $read = [];
        if (\array_key_exists($word, $read)) {
            return $read[$word];
        }
        $read = \count($read) < self::REMEMBERED ? $read : [];

        return $read[$word] = self::kindOf($word);
    }

    /** @return array{PieceKind, string}|null */
    private static function kindOf(string $word): ?array
    {
        $kind = self::kindNamed($word);
        if (null !== $kind) {
            return $kind;
        }
        $nearest = self::nearest($word);

        return null === $nearest ? null : [$nearest, ''];
    }

    /** @return array{PieceKind, string}|null the kind whose own name the word is, in the singular or the plural, and the shape it tells */
    public static function kindNamed(string $word): ?array
    {
        $own = KindWords::own();
        foreach ([$word, ...self::singulars($word)] as $form) {
            if (isset($own[$form])) {
                [$kind, $shape] = explode('/', $own[$form] . '/');

                return [PieceKind::from($kind), $shape];
            }
        }
        $kind = PieceKind::tryFrom($word);

        return null === $kind ? null : [$kind, ''];
    }

    /** The kind that a thing without one of its own is drawn and kept as. */
    public static function nearest(string $word): ?PieceKind
    {
        $nearest = KindWords::nearest();
        foreach ([$word, ...self::singulars($word)] as $form) {
            if (isset($nearest[$form])) {
                return PieceKind::from($nearest[$form]);
            }
        }

        return null;
    }

    /** Whether some of the words name a thing. */
    public static function nameAThing(string $words): bool
    {
        $each = explode(' ', mb_strtolower($words));
        foreach ($each as $i => $word) {
            $plain = trim($word, '.,;:()');
            if (null !== self::kind($plain) || self::isGrown($plain) || null !== self::kind($plain . ' ' . trim($each[$i + 1] ?? '', '.,;:()'))) {
                return true;
            }
        }

        return false;
    }

    /** Whether a thing without a kind of its own is narrower for its height than what it is kept as. */
    public static function isSlim(string $word): bool
    {
        return [] !== array_filter([$word, ...self::singulars($word)], KindWords::isSlim(...));
    }

    /** How wide and deep a thing is as part of its height, where its word tells another build than its kind has; null elsewhere. */
    public static function build(string $word): ?float
    {
        foreach ([$word, ...self::singulars($word)] as $form) {
            if (null !== $build = KindWords::build($form)) {
                return $build;
            }
        }

        return null;
    }

    /** The usual measure in inches of what is kept as a kind without being one, such as a coaster; null where the kind's own serves. */
    public static function inches(string $word): ?float
    {
        foreach ([$word, ...self::singulars($word)] as $form) {
            if (null !== $inches = KindWords::inches($form)) {
                return $inches;
            }
        }

        return null;
    }

    /** The colour of what lies about and is no plant, such as shells; null for plants. */
    public static function colourOfFound(string $word): ?string
    {
        foreach ([$word, ...self::singulars($word)] as $form) {
            if (null !== $colour = KindWords::colourOfFound($form)) {
                return $colour;
            }
        }

        return null;
    }

    /** Whether it grows or lies about: a bunch of it, where nothing else is named. */
    public static function isGrown(string $word): bool
    {
        return [] !== array_filter([$word, ...self::singulars($word)], KindWords::isGrown(...));
    }

    /** The word that a shortened one stands for. */
    public static function unshortened(string $word): ?string
    {
        return HurriedWords::SHORT[$word] ?? null;
    }

    /** @return list<string> words for how a thing is: what it is of, its finish, season, origin and pattern */
    public static function traits(): array
    {
        return array_map(strval(...), array_keys(MaterialWords::byWord() + self::FINISHES + self::SEASONS + self::ORIGINS + self::PATTERNS));
    }

    public static function material(string $word): ?Material
    {
        $material = MaterialWords::byWord()[$word] ?? null;

        return null === $material ? Material::tryFrom($word) : Material::from($material);
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

    /** Whether a word is no part of a name: where it came from, its season (a feast is one), that it has no flame. */
    public static function isAside(string $word): bool
    {
        return null !== self::origin($word) || \in_array(
            $word,
            ['spring', 'summer', 'autumn', 'fall', 'winter', 'midwinter'],
            true,
        ) || null !== self::hazard($word) || \in_array($word, [...self::FLAMELESS, ...self::PLUGGED], true) || \in_array(
            $word,
            ['roll', 'rolls', 'qty', 'ea', 'each', 'pk', 'asst', 'assorted'],
            true,
        );
    }

    /** Whether it says that a thing hangs by the mains. */
    public static function isPlugged(string $word): bool
    {
        return \in_array($word, self::PLUGGED, true);
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
        $known = KindWords::own() + KindWords::nearest();
        if (isset($known[$last])) {
            return $words;
        }
        foreach (self::singulars($last) as $form) {
            if (isset($known[$form]) || KindWords::isGrown($form)) {
                return (false === $at ? '' : substr($words, 0, $at + 1)) . $form;
            }
        }

        return $words;
    }

    /** @return list<string> what a plural may be the plural of */
    private static function singulars(string $word): array
    {
        return match (true) {
            str_ends_with($word, 'ves') => [substr($word, 0, -3) . 'f', substr($word, 0, -1)],
            str_ends_with($word, 'ies') => [substr($word, 0, -3) . 'y', substr($word, 0, -1)],
            str_ends_with($word, 'es') => [substr($word, 0, -2), substr($word, 0, -1)],
            str_ends_with($word, 's') => [substr($word, 0, -1)],
            default => [],
        };
    }
}
