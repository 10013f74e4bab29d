<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake;

/** What the rows of a table are, and what people call their columns. */
enum TableOf
{
    case Pieces;
    case Totes;
    case HaulLines;

    private const PIECES = [
        'name' => [
            'name', 'piece', 'item', 'items', 'title', 'what', 'description', 'decor', 'item name', 'piece name', 'product', 'product name',
            'item description', 'thing', 'object', 'contents', 'decoration', 'article',
        ],
        'kind' => ['kind', 'type', 'category', 'kind of thing', 'group'],
        'count' => [
            'count', 'qty', 'quantity', 'units', 'how many', 'number', 'pcs', 'amount', 'number of items', 'pieces', 'no of pieces', 'qty on hand',
            'on hand', '# of items',
        ],
        'width' => ['width', 'w', 'wide', 'length', 'l', 'diameter', 'dia', 'across'],
        'depth' => ['depth', 'd', 'deep'],
        'height' => ['height', 'h', 'high', 'tall', 'ht'],
        'laid out' => ['laid out', 'unrolled', 'on the roll', 'roll', 'roll length'],
        'size' => [
            'size', 'sizes', 'dimensions', 'dimension', 'dims', 'measures', 'measurements', 'w x d x h', 'wxdxh', 'w x h', 'wxh', 'l x w x h',
            'lxwxh', 'approx size',
        ],
        'weight' => ['weight', 'weight each', 'weight of one', 'wt'],
        'colours' => ['colours', 'colors', 'colour', 'color', 'main colour', 'main color', 'palette'],
        'materials' => ['materials', 'material', 'made of', 'made from', 'fabric'],
        'finish' => ['finish', 'surface', 'texture'],
        'seasons' => ['seasons', 'season', 'when', 'holiday', 'occasion', 'season holiday', 'holiday season', 'use', 'theme'],
        'hazards' => ['hazards', 'hazard', 'cautions', 'caution'],
        'shape' => ['shape'],
        'pattern' => ['pattern'],
        'origin' => ['origin', 'where from', 'came from', 'how acquired'],
        'cost' => [
            'cost', 'cost each', 'price', 'price each', 'paid', 'paid each', 'unit price', 'purchase price', 'price paid', 'unit cost', 'each',
            'price ea', 'cost ea', 'per item', 'price per item', 'usd', 'price usd',
        ],
        'cost of all' => [
            'total', 'total cost', 'total price', 'price for all', 'cost for all', 'price for the set', 'set price', 'price of the set', 'total paid',
            'cost of the set', 'lot price', 'extended price', 'amount paid',
        ],
        'replacement' => [
            'replacement', 'replacement each', 'to replace', 'value', 'value each', 'est value', 'estimated value', 'worth', 'replacement cost',
            'insured value',
        ],
        'came' => [
            'came', 'came on', 'date', 'bought on', 'acquired', 'since', 'date purchased', 'purchase date', 'date bought', 'date acquired',
            'purchased', 'bought', 'year', 'year bought', 'year purchased', 'bought when',
        ],
        'places' => [
            'places', 'tote', 'box', 'bin', 'container', 'tote no', 'box no', 'bin no', 'tote #', 'box #', 'bin #', 'place', 'where', 'where it is',
            'location', 'storage', 'stored in', 'storage location', 'kept in', 'stored', 'room', 'where stored', 'shelf', 'spot',
        ],
        'care' => ['care', 'notes', 'note', 'comment', 'comments', 'remarks', 'remark', 'condition', 'details', 'extra info'],
        'set' => ['set'],
        'set of' => ['set of'],
        'faces' => ['faces'],
        'parts' => ['parts'],
        'assumed' => ['assumed', 'not measured'],
    ];
    /** Columns of ticks, by what a tick says. */
    private const TICKS = [
        'breakable' => ['fragile', 'breakable', 'delicate', 'glass'], 'open flame' => ['flame', 'open flame', 'candle'],
        'mains cord' => ['plug in', 'mains', 'corded', 'plugs in', 'electric'], 'needs a ladder' => ['ladder'],
        'battery' => ['battery', 'batteries', 'battery operated', 'needs batteries'], 'lent' => ['lent', 'on loan', 'loaned', 'lent out'],
    ];
    private const TOTES = [
        'code' => ['code', 'tote', 'box', 'bin', 'label', 'name', 'number', 'no', 'no.'],
        'place' => ['place', 'where', 'location', 'room', 'stored in'],
        'width' => ['width', 'w', 'wide', 'length', 'l', 'inside width'],
        'depth' => ['depth', 'd', 'deep', 'inside depth'],
        'height' => ['height', 'h', 'high', 'tall', 'inside height'],
        'conditions' => ['conditions', 'condition', 'climate', 'exposed to'],
        'most weight' => ['most weight', 'at most', 'max weight', 'weight limit', 'may weigh'],
    ];
    private const HAUL_LINES = [
        'name' => ['name', 'line', 'item', 'what', 'thing', 'description'],
        'way' => ['way', 'how', 'from'],
        'kind' => ['kind', 'type', 'category'],
        'size' => ['size', 'dimensions', 'measures'],
        'width' => ['width', 'w', 'wide'],
        'height' => ['height', 'h', 'high', 'tall'],
        'colour' => ['colour', 'color', 'colours', 'colors'],
        'price' => ['price', 'pack price', 'list price', 'cost', 'price each', 'unit price'],
        'offer' => ['offer', 'discount', 'sale', 'off'],
        'pack' => ['pack', 'pack of', 'pack size', 'per pack'],
        'needed' => ['needed', 'count', 'qty', 'quantity', 'how many', 'number', 'amount'],
        'paid with' => ['paid with', 'tender', 'pay with', 'paid by'],
    ];

    /** What a tick in a column says: a season, a caution, a fact; null where it is no column of ticks. */
    public function tick(string $head): ?string
    {
        if (self::Pieces !== $this) {
            return null;
        }
        foreach (self::TICKS as $says => $heads) {
            if (\in_array($head, $heads, true)) {
                return $says;
            }
        }

        return Lexicon::season($head)?->value;
    }

    /** The column a table cannot do without. */
    public function key(): string
    {
        return self::Totes === $this ? 'code' : 'name';
    }

    /** What a row is, as many as there are. */
    public function counted(int $rows): string
    {
        $one = match ($this) {
            self::Pieces => 'piece',
            self::Totes => 'tote',
            self::HaulLines => 'line',
        };

        return 1 === $rows ? $one : $one . 's';
    }

    /** Whether a heading is one that people give a column of such a table. */
    public function knows(string $head): bool
    {
        return null !== TableColumns::fieldOf($head, $this);
    }

    /** @return array<string, list<string>> by field, in lower case */
    public function words(): array
    {
        return match ($this) {
            self::Pieces => self::PIECES,
            self::Totes => self::TOTES,
            self::HaulLines => self::HAUL_LINES,
        };
    }
}
