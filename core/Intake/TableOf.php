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
        'name' => ['name', 'piece', 'item', 'title', 'what', 'description', 'decor', 'item name', 'piece name', 'product', 'product name'],
        'kind' => ['kind', 'type', 'category'],
        'count' => ['count', 'qty', 'quantity', 'units', 'how many', 'number', 'pcs', 'amount'],
        'width' => ['width', 'w', 'wide', 'length', 'l', 'diameter'],
        'depth' => ['depth', 'd', 'deep'],
        'height' => ['height', 'h', 'high', 'tall'],
        'laid out' => ['laid out', 'unrolled', 'on the roll', 'roll', 'roll length'],
        'size' => ['size', 'dimensions', 'dimension', 'measures', 'measurements', 'w x d x h', 'wxdxh', 'w x h', 'wxh'],
        'weight' => ['weight', 'weight each', 'weight of one'],
        'colours' => ['colours', 'colors', 'colour', 'color'],
        'materials' => ['materials', 'material', 'made of'],
        'finish' => ['finish', 'surface'],
        'seasons' => ['seasons', 'season', 'when'],
        'hazards' => ['hazards', 'hazard', 'cautions', 'caution'],
        'shape' => ['shape'],
        'pattern' => ['pattern'],
        'origin' => ['origin', 'source', 'where from', 'came from'],
        'cost' => ['cost', 'cost each', 'price', 'price each', 'paid', 'paid each', 'unit price', 'purchase price', 'price paid', 'unit cost'],
        'replacement' => ['replacement', 'replacement each', 'to replace', 'value', 'value each'],
        'came' => ['came', 'came on', 'date', 'bought on', 'acquired', 'since', 'date purchased', 'purchase date', 'date bought', 'date acquired', 'purchased', 'bought', 'year'],
        'care' => ['care', 'notes', 'note', 'comment', 'comments', 'remarks'],
        'places' => ['places', 'place', 'where', 'where it is', 'tote', 'box', 'bin', 'location', 'storage', 'stored in', 'storage location', 'container', 'kept in'],
        'set' => ['set'],
        'set of' => ['set of'],
        'faces' => ['faces'],
        'parts' => ['parts'],
        'assumed' => ['assumed', 'not measured'],
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
