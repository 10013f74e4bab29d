<?php

declare(strict_types=1);

namespace App\Exchange;

use BrightCupboard\Core\Measure\LengthUnit;
use BrightCupboard\Core\Money\GiftMoney;

/** The JSON Schema (draft 2020-12) of a home document, drawn up from what the document holds. */
final readonly class HomeSchema
{
    public const FORMAT = 'bright-cupboard-home';
    public const VERSION = 1;
    private const ID = ['type' => 'string', 'pattern' => '^[0-9A-HJKMNP-TV-Z]{26}$'];

    /** @return array<string, mixed> */
    public static function schema(): array
    {
        $lists = [];
        foreach (HomeTables::LISTS as $name => [, , , $columns]) {
            $lists[$name] = ['type' => 'array', 'maxItems' => 200_000, 'items' => self::row($columns)];
        }
        $words = static fn(string $class): array => ['enum' => self::words($class)];
        $home = self::closed([
            'name' => ['type' => 'string', 'minLength' => 1, 'maxLength' => 80],
            'unit' => $words(LengthUnit::class),
            'currency' => ['type' => 'string', 'minLength' => 1, 'maxLength' => 4],
            'giftMoney' => $words(GiftMoney::class),
        ]);

        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            'title' => 'A home of Bright Cupboard',
            'description' => 'Lengths in tenths of a millimetre, weights in grams, money in minor units of the currency of the home, shares in percent.',
        ] + self::closed(
            ['format' => ['const' => self::FORMAT], 'version' => ['const' => self::VERSION], 'home' => $home] + $lists,
            ['format', 'version', 'home', ...array_values(array_diff(array_keys($lists), HomeTables::LATER))],
        );
    }

    /**
     * @param array<string, string> $columns
     *
     * @return array<string, mixed>
     */
    private static function row(array $columns): array
    {
        $properties = [];
        foreach ($columns as $column => $type) {
            $described = self::type(rtrim($type, '?'));
            $properties[HomeTables::key($column)] = str_ends_with($type, '?') ? ['anyOf' => [$described, ['type' => 'null']]] : $described;
        }

        return self::closed(
            $properties,
            array_map(HomeTables::key(...), array_keys(array_filter($columns, static fn(string $type): bool => !str_ends_with($type, '?')))),
        );
    }

    /** @return array<string, mixed> */
    private static function type(string $type): array
    {
        return match (true) {
            'id' === $type, 'ref' === $type => self::ID,
            'int' === $type => ['type' => 'integer', 'minimum' => -2_000_000, 'maximum' => 2_000_000_000],
            'list' === $type => ['type' => 'array', 'maxItems' => 2000],
            'place' === $type => ['type' => 'string', 'pattern' => '^((spot|tote|within):[0-9A-HJKMNP-TV-Z]{26}|table|arrived|loose|lent|lost|parted)$'],
            'day' === $type => ['type' => 'string', 'pattern' => '^[0-9]{4}-[0-9]{2}-[0-9]{2}$'],
            'time' === $type => ['type' => 'string', 'pattern' => '^[0-9]{4}-[0-9]{2}-[0-9]{2} [0-9]{2}:[0-9]{2}:[0-9]{2}$'],
            str_starts_with($type, 'text:') => ['type' => 'string', 'maxLength' => (int) substr($type, 5)],
            default => ['enum' => self::words($type)],
        };
    }

    /** @return list<int|string> */
    private static function words(string $class): array
    {
        return is_subclass_of($class, \BackedEnum::class)
            ? array_column($class::cases(), 'value')
            : throw new \LogicException(sprintf('%s is no list of words.', $class));
    }

    /**
     * @param array<string, mixed> $properties
     * @param list<string>|null    $required all of them when null; what may be empty may be left out
     *
     * @return array<string, mixed>
     */
    private static function closed(array $properties, ?array $required = null): array
    {
        return ['type' => 'object', 'additionalProperties' => false, 'required' => $required ?? array_keys($properties), 'properties' => $properties];
    }
}
