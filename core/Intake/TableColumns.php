<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake;

/** Which column of a table is which field, by what people call them; a unit in a heading goes for bare numbers below it. */
final readonly class TableColumns
{
    private const UNITS = '/[\s(\[]+(inches|inch|in|ft|cm|mm|m|lb|oz|kg|g)[)\]]?$/u';

    /**
     * @param array<int, string>    $fields  column => field
     * @param array<string, string> $units   field => unit named in its heading
     * @param list<string>          $ignored headings that say nothing we keep
     */
    private function __construct(private array $fields, private array $units, public array $ignored) {}

    /** @param list<string> $heads */
    public static function of(array $heads, TableOf $of = TableOf::Pieces): self
    {
        $fields = $units = $ignored = [];
        foreach ($heads as $column => $head) {
            $plain = trim((string) preg_replace(['/\(s\)|[.:#*]/u', '/[\s_-]+/u'], ['', ' '], str_ireplace('(s)', 's', mb_strtolower($head))));
            $bare = trim((string) preg_replace(self::UNITS, '', $plain));
            $field = self::field($plain, $of) ?? self::field($bare, $of);
            if (null === $field) {
                $ignored[] = $head;
                continue;
            }
            $before = array_search($field, $fields, true);
            if (false !== $before) {
                throw InvalidTable::twice($field, $heads[$before], $head);
            }
            $fields[$column] = $field;
            if (1 === preg_match(self::UNITS, $plain, $match) && null === self::field($plain, $of)) {
                $units[$field] = $match[1];
            }
        }

        return \in_array($of->key(), $fields, true) ? new self($fields, $units, array_values(array_filter($ignored, static fn(string $head): bool => '' !== $head))) : throw InvalidTable::withoutKey($of->key(), $heads);
    }

    /**
     * @param list<string> $row
     *
     * @return array<string, string> field => what its cell says, with the heading's unit after a bare number
     */
    public function cells(array $row): array
    {
        $cells = [];
        foreach ($this->fields as $column => $field) {
            $cell = $row[$column] ?? '';
            $isBare = isset($this->units[$field]) && 1 === preg_match('/\d$/', $cell);
            $cells[$field] = $isBare ? $cell . ' ' . $this->units[$field] : $cell;
        }

        return $cells;
    }

    private static function field(string $word, TableOf $of): ?string
    {
        foreach ($of->words() as $field => $words) {
            if (\in_array($word, $words, true)) {
                return $field;
            }
        }

        return null;
    }
}
