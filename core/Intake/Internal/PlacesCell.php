<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal;

/**
 * Reads where the units of a row are: "A1", "A1 ×2; A2 ×3", "A1 and A2", "3 in the attic", "lent to Ana".
 *
 * @internal
 */
final readonly class PlacesCell
{
    private const WORDS = [
        'table' => 'table', 'arrived' => 'arrived', 'loose' => 'loose', 'lent' => 'lent', 'on loan' => 'lent', 'loaned' => 'lent',
        'loaned out' => 'lent', 'lent out' => 'lent', 'lost' => 'lost', 'missing' => 'lost', 'parted' => 'parted',
    ];

    public function __construct(private PlaceWords $places) {}

    /**
     * @return list<array{place: string, units: int}>|null null where a part names no place; questions stand in the draft
     */
    public function read(string $cell, int $count, Draft $draft): ?array
    {
        $places = [];
        $said = 0;
        foreach ($this->parts($cell) as $part) {
            [$words, $units] = $this->units($part);
            $key = $this->place($words, $draft);
            if (null === $key || '' === $key) {
                return null === $key ? null : []; // which of several is asked
            }
            $places[] = ['place' => $key, 'units' => $units];
            $said += null === $units ? 0 : 1;
        }
        if ([] === $places) {
            return [];
        }

        return $said === \count($places)
            ? array_map(static fn(array $at): array => ['place' => $at['place'], 'units' => $at['units'] ?? 0], $places)
            : $this->spread($places, $count, $draft);
    }

    /** @return list<string> */
    private function parts(string $cell): array
    {
        if ($this->isOne($cell)) {
            return [$cell]; // a spot may have a comma in its name
        }
        $parts = preg_split('/\s*[;,\n+&]\s*|\s+and\s+|\s*\/\s*(?=\pL)/u', trim($cell), -1, \PREG_SPLIT_NO_EMPTY);

        return false === $parts ? [] : $parts;
    }

    private function isOne(string $cell): bool
    {
        $draft = new Draft($cell);

        return $this->places->take(trim($cell), $draft) && null !== $draft->place;
    }

    /** @return array{string, int|null} */
    private function units(string $part): array
    {
        return match (true) {
            1 === preg_match(
                '/^(.*?)\s*(?:[×x]\s*(\d{1,3})|\((\d{1,3})\)|:\s*(\d{1,3}))$/u',
                $part,
                $m,
                \PREG_UNMATCHED_AS_NULL,
            ) => [$m[1], (int) ($m[2] ?? $m[3] ?? $m[4])],
            1 === preg_match('/^(\d{1,3})\s*(?:x|×|in|at|on)\s+(.+)$/iu', $part, $m) => [$m[2], (int) $m[1]],
            default => [$part, null],
        };
    }

    /** The key of a place; empty where it could be several, null where it is none. */
    private function place(string $words, Draft $draft): ?string
    {
        $plain = mb_strtolower(trim($words));
        if (1 === preg_match('/^(?:lent|loaned|on loan)\s+(?:out\s+)?to\s+.+$/u', $plain)) {
            $draft->care[] = $words;

            return 'lent';
        }
        if (isset(self::WORDS[$plain])) {
            return self::WORDS[$plain];
        }
        $at = new Draft($words);
        $isPlace = $this->places->take($words, $at);
        array_push($draft->questions, ...$at->questions);

        return $isPlace ? $at->place ?? '' : null;
    }

    /**
     * Places without numbers share what is left as evenly as can be, the first ones one more; said, because nobody counted.
     *
     * @param list<array{place: string, units: int|null}> $places
     *
     * @return list<array{place: string, units: int}>
     */
    private function spread(array $places, int $count, Draft $draft): array
    {
        $open = \count(array_filter($places, static fn(array $at): bool => null === $at['units']));
        $left = max(0, $count - array_sum(array_map(static fn(array $at): int => $at['units'] ?? 0, $places)));
        $spread = [];
        foreach ($places as $at) {
            $share = null === $at['units'] ? intdiv($left + $open - 1, $open) : $at['units'];
            [$left, $open] = null === $at['units'] ? [$left - $share, $open - 1] : [$left, $open];
            $share > 0 ? $spread[] = ['place' => $at['place'], 'units' => $share] : null;
        }
        if (\count($places) > 1) {
            $draft->guesses[] = sprintf('Spread over %d places.', \count($spread));
        }

        return $spread;
    }
}
