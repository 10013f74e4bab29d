<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal\House;

use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\LengthUnit;
use BrightCupboard\Core\Surface\SpotKind;

/**
 * Sizes that a name says: a queen bed, a loveseat, a slim tree. From memory of what is sold; whoever shows one says that it is not measured.
 *
 * @internal
 */
final readonly class UsualSizes
{
    /** Width and length in inches, and in centimetres where beds are sold by them. */
    private const BEDS = [
        LengthUnit::Inch->value => [
            'cal(?:ifornia)?\s+king' => [72, 84], 'king' => [76, 80], 'queen' => [60, 80], 'full|double' => [54, 75], 'twin\s+xl' => [38, 80],
            'twin|single|bunk|day' => [38, 75], 'crib|cot' => [28, 52],
        ],
        LengthUnit::Centimetre->value => [
            'king' => [180, 200], 'queen' => [160, 200], 'double|full' => [140, 200], 'single|twin|bunk|day' => [90, 200], 'crib|cot' => [60, 120],
        ],
    ];
    /** Widths of what people sit on, in inches. */
    private const SEATS = ['love\s*seat|(?:2|two)[\s-]?seat(?:er)?' => 58, '(?:3|three)[\s-]?seat(?:er)?' => 84, '(?:4|four)[\s-]?seat(?:er)?' => 96];
    /** How far from the floor the top of what stands in a room is, in inches. */
    private const TOPS = [
        'cabinets?|cabinet\s+tops?' => 84, 'fridge|refrigerator' => 70, 'wardrobe|armoire|hutch' => 78, 'bookcase|bookshelf' => 72,
        'toilet|tank|cistern' => 30, 'headboard' => 44,
        'plate\s+rail|picture\s+rail|plate\s+shelf' => 72,
    ];
    private const ELSEWHERE = '/\b(?:over|above|by|behind|beside|near|under)\s.*$/iu';
    private const DOORS = ['double|french|patio|sliding' => 72];
    /** The foot of a tree to its height. */
    private const TREE = 0.56;
    private const SLIM_TREE = 0.36;
    private const SLIM = 'slim|skinny|narrow|pencil';

    private function __construct(public ?Length $width, public ?Length $depth, public ?Length $ledgeHeight = null) {}

    /** @param Length|null $height of a tree, when it is known */
    public static function of(SpotKind $kind, string $name, LengthUnit $unit, ?Length $height): self
    {
        $inches = static fn(int $inches): Length => Length::ofTenths($inches * Length::TENTHS_PER_INCH);
        switch ($kind) {
            case SpotKind::Bed:
                [$width, $length] = self::named(self::BEDS[$unit->value], $name) ?? [null, null];
                $in = static fn(?int $size): ?Length => null === $size ? null : (LengthUnit::Inch === $unit ? $inches($size) : Length::ofTenths($size * 100));

                return new self($in($width), $in($length));
            case SpotKind::Sofa:
            case SpotKind::Door:
                $width = self::named(SpotKind::Sofa === $kind ? self::SEATS : self::DOORS, $name);

                return new self(null === $width ? null : $inches($width), null);
            case SpotKind::Tree:
                $foot = null === $height ? null : Length::ofTenths((int) round($height->tenths() * (self::isSlim($name) ? self::SLIM_TREE : self::TREE)));

                return new self($foot, $foot);
            case SpotKind::Shelf:
                $top = self::named(self::TOPS, (string) preg_replace(self::ELSEWHERE, '', $name));

                return new self(null, null, null === $top ? null : $inches($top));
            default:
                return new self(null, null);
        }
    }

    private static function isSlim(string $name): bool
    {
        return 1 === preg_match('/\b(?:' . self::SLIM . ')\b/iu', $name);
    }

    /**
     * @template T
     *
     * @param array<string, T> $sizes by what a name says
     *
     * @return T|null
     */
    private static function named(array $sizes, string $name): mixed
    {
        foreach ($sizes as $words => $size) {
            if (1 === preg_match("/\\b(?:{$words})(?:\\b|(?<=day)bed)/iu", $name)) {
                return $size;
            }
        }

        return null;
    }
}
