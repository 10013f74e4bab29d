<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Measure;

/**
 * Reads and writes lengths the way people write them: "9 1/2 in", "24,5 cm", "4 ft 2 in", "12".
 *
 * A bare number takes the home's unit. Inches are written to the nearest eighth,
 * centimetres to one decimal; nothing is stored from what is written.
 */
final readonly class LengthText
{
    private const MM_PER_UNIT = ['mm' => 1.0, 'cm' => 10.0, 'm' => 1000.0, 'in' => 25.4, 'ft' => 304.8, 'yd' => 914.4];
    private const MAX_CHARACTERS = 40;
    private const EIGHTHS_PER_FOOT = 96;
    private const NUMBER = '(-?\d+(?:[.,]\d+)?)(?:\s+(\d+)\/(\d+))?';
    /** Before small units groups of three are thousands: nobody measures a thousandth of a millimetre. */
    private const GROUPED = '/(?<![\d.,])(\d{1,2})[.,\x{A0}\x{202F}](\d{3})(?:([.,])(\d{1,2}))?(?=\s*(?:mm|cm)\b)/iu';
    private const FRACTION = '(-?\d+)\/(\d+)';

    public function __construct(public LengthUnit $unit) {}

    /** Sums every number-with-unit in the text; rounds once, to 0.1 mm. */
    public function read(string $text): Length
    {
        $plain = $this->plain($text);
        if ('' === $plain || mb_strlen($plain) > self::MAX_CHARACTERS) {
            throw $this->unreadable($text);
        }
        $pattern = '/\G\s*(?:' . self::FRACTION . '|' . self::NUMBER . ')\s*(mm|cm|m|in|ft|yd)?\s*/';
        $offset = 0;
        $millimetres = 0.0;
        while ($offset < \strlen($plain)) {
            if (1 !== preg_match($pattern, $plain, $match, \PREG_UNMATCHED_AS_NULL, $offset)) {
                throw $this->unreadable($text);
            }
            $millimetres += $this->amount($match, $text) * self::MM_PER_UNIT[$match[6] ?? $this->unit->value];
            $offset += \strlen($match[0]);
        }

        return match (true) {
            $millimetres < 0.0 => throw InvalidMeasure::below('length', $text),
            $millimetres > Length::MOST_MILLIMETRES => throw InvalidMeasure::above('length', $text, '100 m (328 ft)'),
            default => Length::ofMillimetres($millimetres),
        };
    }

    /** “1,200 mm” and “1.200,5 mm” without their groups: “1200 mm”, “1200.5 mm”. */
    public static function ungrouped(string $text): string
    {
        return (string) preg_replace_callback(self::GROUPED, static fn(array $m): string => $m[1] . $m[2] . (isset($m[4]) ? '.' . $m[4] : ''), $text);
    }

    /** As what runs along is measured: in feet and inches, or in metres, once it is longer than two of them. */
    public function writeRun(Length $length): string
    {
        if (LengthUnit::Centimetre === $this->unit) {
            return $length->inMillimetres() >= 2000
                ? rtrim(rtrim(number_format($length->inMillimetres() / 1000, 2, '.', ''), '0'), '.') . ' m'
                : $this->write($length);
        }
        $eighths = (int) round($length->inInches() * 8);
        $rest = $eighths % self::EIGHTHS_PER_FOOT;

        return $eighths < 2 * self::EIGHTHS_PER_FOOT
            ? $this->write($length)
            : trim(sprintf('%d ft %s', intdiv($eighths, self::EIGHTHS_PER_FOOT), 0 === $rest ? '' : self::inches($rest)));
    }

    public function write(Length $length): string
    {
        if (LengthUnit::Centimetre === $this->unit) {
            return self::trimmed($length->inMillimetres() / 10) . ' cm';
        }

        return self::inches((int) round($length->inInches() * 8));
    }

    private static function inches(int $eighths): string
    {
        $whole = intdiv($eighths, 8);
        $part = match ($eighths % 8) {
            0 => '', 2 => '1/4', 4 => '1/2', 6 => '3/4', default => ($eighths % 8) . '/8',
        };

        return trim((0 === $whole && '' !== $part ? '' : (string) $whole) . ' ' . $part) . ' in';
    }

    private function plain(string $text): string
    {
        $words = ['″' => ' in ', '"' => ' in ', '”' => ' in ', '′' => ' ft ', "'" => ' ft ', '½' => ' 1/2', '¼' => ' 1/4', '¾' => ' 3/4',
            'inches' => 'in', 'inch' => 'in', 'feet' => 'ft', 'foot' => 'ft', 'yards' => 'yd', 'yard' => 'yd', 'yds' => 'yd'];

        return trim(strtr(mb_strtolower(str_replace(["\u{A0}", "\u{202F}"], ' ', self::ungrouped($text))), $words));
    }

    /** @param array<int, string|null> $match */
    private function amount(array $match, string $text): float
    {
        [$top, $bottom, $number, $partTop, $partBottom] = [$match[1] ?? null, $match[2] ?? null, $match[3] ?? null, $match[4] ?? null, $match[5] ?? null];
        if (0 === (int) ($bottom ?? $partBottom ?? '1')) {
            throw $this->unreadable($text);
        }
        if (null !== $top) {
            return (int) $top / (int) $bottom;
        }
        $part = null === $partTop ? 0.0 : (int) $partTop / (int) $partBottom;

        return (float) str_replace(',', '.', $number ?? '0') + $part;
    }

    private function unreadable(string $text): InvalidMeasure
    {
        return InvalidMeasure::unreadable('length', $text, LengthUnit::Centimetre === $this->unit ? '24.5 or 24.5 cm' : '9 1/2 or 9 1/2 in');
    }

    private static function trimmed(float $value): string
    {
        return rtrim(rtrim(number_format($value, 1, '.', ''), '0'), '.');
    }
}
