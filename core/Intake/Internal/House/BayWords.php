<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal\House;

use BrightCupboard\Core\Measure\LengthUnit;

/**
 * A bay is measured by its sections: "bay window 30/48/30" is 108 wide, and how it is parted is kept as a note.
 *
 * @internal
 */
final class BayWords
{
    private const BAY = '/\b(?:bay|bow)\b/iu';
    private const SECTIONS = '/(?<![\w.])(?:in\s+)?(\d\s+(?:sections|panes|sashes|windows|parts|lights)\b)?[\s,:]*'
        . '(?<![\w.])(\d{1,3}(?:\.\d+)?(?:\s*[\/+-]\s*\d{1,3}(?:\.\d+)?){2,4})(\s*(?:in|ft|cm|m)\b)?(\s*[x×]|(?!\s*[\/+\d]))/iu';
    private const PANES = '/(?<=\pL|,)[\s,]+(?:with\s+|of\s+|in\s+)?(\d{1,2}\s+(?:sections|panes|sashes|parts|lights))\b(?=\s*(?:[,;]|$|\d))/iu';

    /** @var list<string> how it is parted */
    public array $notes = [];

    public function __construct(private readonly LengthUnit $unit) {}

    /** The line with the whole width in place of its sections. */
    public function take(string $line): string
    {
        if (1 !== preg_match(self::BAY, $line)) {
            return $line;
        }
        $line = (string) preg_replace_callback(self::SECTIONS, function (array $match): string {
            preg_match_all('/\d+(?:\.\d+)?/', $match[2], $found);
            $sections = $found[0];
            $unit = '' === trim($match[3]) ? (LengthUnit::Inch === $this->unit ? 'in' : 'cm') : trim($match[3]);
            $this->notes[] = sprintf('sections %s %s', implode(', ', $sections), $unit);

            return sprintf('' === $match[4] ? ', %s %s wide' : ' %s %s x', array_sum($sections), $unit);
        }, $line);
        $line = (string) preg_replace_callback(self::PANES, function (array $match): string {
            $this->notes[] = $match[1];

            return ', ';
        }, $line);

        return trim((string) preg_replace('/\s*,[\s,]*/u', ', ', $line), ' ,');
    }
}
