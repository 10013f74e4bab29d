<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake;

/**
 * Which column of a table is which field, by what people call them, or as somebody chose; a unit in a heading goes for bare
 * numbers below it. Columns with a heading that says nothing we know are kept as notes.
 */
final readonly class TableColumns
{
    public const NOT_KEPT = '';
    private const NOTE = 'care';
    private const TICK = 'tick:';
    private const UNITS = '/[\s(\[]+(inches|inch|in|ft|cm|mm|m|lbs?|oz|kg|g)[.)\]]*$/u';
    /** Columns that number rows or point at pictures. */
    private const MACHINE_MADE = '/^(?:id|item id|item no\.?|sku|barcode|upc|photo|photos|image|images|picture|link|url|row|index|line|asset tag|#|no'
        . '|nr|number)$/u';
    private const YES = '/^(?:y|yes|x|✓|✔|√|1|true|ja|oui|si|•|\*|v|ok)$/iu';

    /**
     * @param list<string>          $heads
     * @param array<int, string>    $fields  column => field
     * @param array<string, string> $units   field => unit named in its heading
     * @param list<string>          $ignored headings of columns that are not kept
     * @param array<int, string>    $rest    column => heading of what is kept as a note
     */
    private function __construct(public array $heads, public array $fields, private array $units, public array $ignored, private array $rest) {}

    /**
     * @param list<string>       $heads
     * @param array<int, string> $chosen column => field, where somebody knew better; NOT_KEPT to leave it out
     */
    public static function of(array $heads, TableOf $of = TableOf::Pieces, array $chosen = []): self
    {
        $fields = $units = $ignored = $rest = [];
        $plain = array_map(self::plain(...), $heads);
        $hasLengthAndWidth = [] !== array_intersect($plain, ['length', 'l']) && [] !== array_intersect(
            array_map(self::bare(...), $plain),
            ['width', 'w', 'wide'],
        );
        foreach ($heads as $column => $head) {
            $field = $chosen[$column] ?? self::fieldOf($head, $of);
            if (!isset($chosen[$column]) && $hasLengthAndWidth && 'width' === $field && \in_array(self::bare($plain[$column]), ['width', 'w', 'wide'], true)) {
                $field = 'depth'; // as long as it is wide across the front, and so deep
            }
            $before = null === $field ? false : array_search($field, $fields, true);
            if (null === $field || self::NOT_KEPT === $field) {
                $isNote = null === $field && TableOf::Pieces === $of && 1 !== preg_match(self::MACHINE_MADE, $plain[$column]);
                $isNote ? $rest[$column] = $head : $ignored[] = $head;
            } elseif (false !== $before && self::NOTE !== $field && !str_starts_with($field, self::TICK)) {
                if (TableOf::Pieces !== $of) {
                    throw InvalidTable::twice($field, $heads[$before], $head);
                }
                1 === preg_match(self::MACHINE_MADE, $plain[$column]) ? $ignored[] = $head : $rest[$column] = $head;
            } else {
                $fields[$column] = $field;
                // The in of “stored in” is no inch.
                if (!\in_array($plain[$column], $of->words()[$field] ?? [], true) && 1 === preg_match(self::UNITS, $plain[$column], $match)) {
                    $units[$field] = $match[1];
                }
            }
        }

        return new self($heads, $fields, $units, array_values(array_filter($ignored, static fn(string $head): bool => '' !== $head)), $rest);
    }

    /** Whether the column that such a table cannot do without is among them. */
    public function hasKey(TableOf $of): bool
    {
        return \in_array($of->key(), $this->fields, true);
    }

    /** The field a heading stands for; null where it says nothing we know. */
    public static function fieldOf(string $head, TableOf $of): ?string
    {
        $plain = self::plain($head);
        foreach ([$plain, self::bare($plain), rtrim($plain, '?')] as $word) {
            foreach ($of->words() as $field => $words) {
                if (\in_array($word, $words, true)) {
                    return $field;
                }
            }
            if (null !== $tick = $of->tick($word)) {
                return self::TICK . $tick;
            }
        }

        return null;
    }

    /**
     * @param list<string> $row
     *
     * @return array<string, string> field => what its cell says, with the heading's unit after a bare number; "ticks" names what is ticked
     */
    public function cells(array $row): array
    {
        $cells = [];
        $ticks = $notes = [];
        foreach ($this->fields as $column => $field) {
            $cell = $row[$column] ?? '';
            if (str_starts_with($field, self::TICK)) {
                1 === preg_match(self::YES, $cell) ? $ticks[] = substr($field, \strlen(self::TICK)) : null;
                $isSaid = '' !== $cell && 1 !== preg_match(self::YES, $cell) && 1 !== preg_match('/^(?:n|no|-|–|0|false|none)$/iu', $cell);
                $isSaid ? $notes[] = trim($this->heads[$column], '? ') . ': ' . $cell : null;
                continue;
            }
            if (self::NOTE === $field && isset($cells[$field])) {
                '' === $cell ? null : $notes[] = $cell;
                continue;
            }
            $isBare = isset($this->units[$field]) && 1 === preg_match('/\d$/', $cell);
            $cells[$field] = $isBare ? $cell . ' ' . $this->units[$field] : $cell;
        }
        foreach ($this->rest as $column => $head) {
            '' === ($row[$column] ?? '') ? null : $notes[] = trim($head . ': ' . $row[$column], ': ');
        }
        if ([] !== $notes) {
            $cells[self::NOTE] = implode('; ', array_filter([$cells[self::NOTE] ?? '', ...$notes], static fn(string $note): bool => '' !== $note));
        }

        return [] === $ticks ? $cells : $cells + ['ticks' => implode(', ', $ticks)];
    }

    private static function plain(string $head): string
    {
        return trim((string) preg_replace(['/\(s\)|[.:*]/u', '/[\s_\/-]+/u'], ['', ' '], str_ireplace('(s)', 's', mb_strtolower($head))));
    }

    private static function bare(string $plain): string
    {
        return trim((string) preg_replace([self::UNITS, '/\s*[(\[][^)\]]*[)\]]$/u'], '', $plain));
    }
}
