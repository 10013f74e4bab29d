<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Colour;

/** A list of named colours in the text form of GIMP palettes (.gpl), read and written. */
final readonly class GimpPalette
{
    private const MOST_COLOURS = 256;
    private const FIRST_LINE = 'GIMP Palette';

    /** @param list<array{colour: Srgb, name: string}> $entries */
    public function __construct(public string $name, public array $entries) {}

    /** Takes any line ends and a byte order mark; a line that is neither a colour nor a heading is refused by its number. */
    public static function read(string $text): self
    {
        $lines = preg_split('/\R/u', (string) preg_replace('/^\xEF\xBB\xBF/', '', $text));
        if (false === $lines || self::FIRST_LINE !== trim($lines[0])) {
            throw InvalidColour::notAPalette();
        }
        $name = '';
        $entries = [];
        foreach (\array_slice($lines, 1, null, true) as $i => $line) {
            $line = trim($line);
            if (1 === preg_match('/^Name:\s*(.*)$/', $line, $match)) {
                $name = mb_substr($match[1], 0, 80);
            } elseif (1 === preg_match('/^(\d{1,3})\s+(\d{1,3})\s+(\d{1,3})(?:\s+(.*))?$/', $line, $match)) {
                $channels = [(int) $match[1], (int) $match[2], (int) $match[3]];
                if (max($channels) > 255 || \count($entries) >= self::MOST_COLOURS) {
                    throw InvalidColour::inPalette($i + 1, max($channels) > 255 ? 'each channel goes from 0 to 255' : 'a palette has at most 256 colours');
                }
                $entries[] = ['colour' => Srgb::ofChannels(...$channels), 'name' => mb_substr($match[4] ?? '', 0, 80)];
            } elseif ('' !== $line && '#' !== $line[0] && !str_starts_with($line, 'Columns:')) {
                throw InvalidColour::inPalette($i + 1, 'a colour is three numbers and a name');
            }
        }

        return [] === $entries ? throw InvalidColour::notAPalette() : new self($name, $entries);
    }

    public function write(): string
    {
        $plain = static fn(string $text): string => trim((string) preg_replace('/\s+/u', ' ', $text));
        $lines = [self::FIRST_LINE, 'Name: ' . $plain($this->name), '#'];
        foreach ($this->entries as $entry) {
            $lines[] = rtrim(sprintf("%3d %3d %3d\t%s", $entry['colour']->red, $entry['colour']->green, $entry['colour']->blue, $plain($entry['name'])));
        }

        return implode("\n", $lines) . "\n";
    }
}
