<?php

declare(strict_types=1);

namespace App\Exchange;

/**
 * A home document that keeps to the schema, decoded.
 *
 * @phpstan-type HomeRow array{name: string, unit: string, currency: string, giftMoney: string}
 */
final readonly class HomeDocument
{
    /**
     * @param HomeRow                                  $home
     * @param array<string, list<array<string, mixed>>> $lists by name, see HomeTables
     */
    private function __construct(public array $home, public array $lists) {}

    /** @param string $text that was held to the schema before */
    public static function ofText(string $text): self
    {
        /** @var array<string, mixed> $all */
        $all = json_decode($text, true, 32, \JSON_THROW_ON_ERROR);
        /** @var HomeRow $home */
        $home = $all['home'];
        /** @var array<string, list<array<string, mixed>>> $lists */
        $lists = array_intersect_key($all, HomeTables::LISTS);

        return new self($home, $lists);
    }
}
