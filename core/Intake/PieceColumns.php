<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake;

/** Which column of a table is which field of a piece, by what people call them; a unit in a heading goes for bare numbers below it. */
final readonly class PieceColumns
{
    private const WORDS = [
        'name' => ['name', 'piece', 'item', 'title', 'what', 'description', 'decor'],
        'kind' => ['kind', 'type', 'category'],
        'count' => ['count', 'qty', 'quantity', 'units', 'how many', 'number', 'pcs', 'amount'],
        'width' => ['width', 'w', 'wide', 'length', 'l', 'diameter'],
        'depth' => ['depth', 'd', 'deep'],
        'height' => ['height', 'h', 'high', 'tall'],
        'laid out' => ['laid out', 'unrolled', 'on the roll', 'roll', 'roll length'],
        'size' => ['size', 'dimensions', 'measures', 'w x d x h', 'wxdxh'],
        'weight' => ['weight', 'weight each', 'weight of one'],
        'colours' => ['colours', 'colors', 'colour', 'color'],
        'materials' => ['materials', 'material', 'made of'],
        'finish' => ['finish', 'surface'],
        'seasons' => ['seasons', 'season', 'when'],
        'hazards' => ['hazards', 'hazard', 'cautions', 'caution'],
        'shape' => ['shape'],
        'pattern' => ['pattern'],
        'origin' => ['origin', 'source', 'where from', 'came from'],
        'cost' => ['cost', 'cost each', 'price', 'price each', 'paid', 'paid each', 'unit price'],
        'replacement' => ['replacement', 'replacement each', 'to replace', 'value', 'value each'],
        'came' => ['came', 'came on', 'date', 'bought on', 'acquired', 'since'],
        'care' => ['care', 'notes', 'note', 'comment', 'comments', 'remarks'],
        'places' => ['places', 'place', 'where', 'where it is', 'tote', 'box', 'bin', 'location', 'storage', 'stored in'],
        'set' => ['set'],
        'set of' => ['set of'],
        'faces' => ['faces'],
        'parts' => ['parts'],
    ];
    private const UNITS = '/[\s(\[]+(inches|inch|in|ft|cm|mm|m|lb|oz|kg|g)[)\]]?$/u';

    /**
     * @param array<int, string>    $fields  column => field
     * @param array<string, string> $units   field => unit named in its heading
     * @param list<string>          $ignored headings that say nothing we keep
     */
    private function __construct(private array $fields, private array $units, public array $ignored) {}

    /** @param list<string> $heads */
    public static function of(array $heads): self
    {
        $fields = $units = $ignored = [];
        foreach ($heads as $column => $head) {
            $plain = trim((string) preg_replace('/[\s_-]+/u', ' ', mb_strtolower($head)));
            $bare = trim((string) preg_replace(self::UNITS, '', $plain));
            $field = self::field($plain) ?? self::field($bare);
            if (null === $field) {
                $ignored[] = $head;
                continue;
            }
            $before = array_search($field, $fields, true);
            if (false !== $before) {
                throw InvalidTable::twice($field, $heads[$before], $head);
            }
            $fields[$column] = $field;
            if (1 === preg_match(self::UNITS, $plain, $match) && null === self::field($plain)) {
                $units[$field] = $match[1];
            }
        }

        return \in_array('name', $fields, true) ? new self($fields, $units, array_values(array_filter($ignored, static fn(string $head): bool => '' !== $head))) : throw InvalidTable::withoutName($heads);
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

    private static function field(string $word): ?string
    {
        foreach (self::WORDS as $field => $words) {
            if (\in_array($word, $words, true)) {
                return $field;
            }
        }

        return null;
    }
}
