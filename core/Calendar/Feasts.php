<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Calendar;

/**
 * The feasts and traditions of a home, one on a line: "Christmas Day: 25 Dec, sale after", "Stockings: not before
 * Christmas Eve".
 */
final readonly class Feasts
{
    /** What a home begins with; common practice, to be changed by the home. */
    public const USUAL = <<<'LINES'
        New Year’s Day: 1 Jan
        Twelfth Night: 5 Jan
        Valentine’s Day: 14 Feb, sale after
        Easter Sunday: Easter, sale after
        May Day: 1 May
        Midsummer Day: 24 June
        Halloween: 31 Oct, sale after
        Thanksgiving: 4th Thursday of November, sale after
        Advent: first Sunday of Advent
        Christmas Eve: 24 Dec
        Christmas Day: 25 Dec, sale after
        New Year’s Eve: 31 Dec
        LINES;
    private const MOST = 60;
    private const LONGEST_NAME = 60;
    private const WAITS = '/^(?:(?:never|not)\s+)?(?:before|until|till)\s+(.+)$/iu';

    /**
     * @param list<array{name: string, rule: FeastRule, hasSale: bool}> $feasts
     * @param list<Tradition>                                           $traditions in the order of their lines
     */
    private function __construct(private array $feasts, public array $traditions) {}

    /** @throws InvalidFeast that names the line */
    public static function read(string $lines): self
    {
        $feasts = $waiting = [];
        foreach (explode("\n", str_replace(["\r\n", "\r"], "\n", $lines)) as $line) {
            $line = trim($line);
            if ('' === $line) {
                continue;
            }
            if (1 !== preg_match('/^([^:]+):\s*(.+?)(,\s*sale after)?\.?$/iu', $line, $match) || mb_strlen($match[1]) > self::LONGEST_NAME) {
                throw InvalidFeast::unreadable($line);
            }
            if (1 === preg_match(self::WAITS, $match[2], $until)) {
                $waiting[] = [trim($match[1]), $until[1]];
            } else {
                $feasts[] = ['name' => trim($match[1]), 'rule' => FeastRule::read($match[2]), 'hasSale' => '' !== ($match[3] ?? '')];
            }
        }
        if (\count($feasts) + \count($waiting) > self::MOST) {
            throw InvalidFeast::tooMany(self::MOST);
        }
        $rules = array_column($feasts, 'rule');
        $names = array_map(static fn(array $feast): string => mb_strtolower($feast['name']), $feasts);
        $byName = array_combine($names, $rules);

        return new self($feasts, array_map(
            static fn(array $one): Tradition => new Tradition($one[0], $byName[mb_strtolower(trim($one[1]))] ?? FeastRule::read($one[1])),
            $waiting,
        ));
    }

    /**
     * The lines where something of the home is called otherwise from now on.
     *
     * @param bool $isStillThere whether something else is called as it was: its traditions stay beside the renamed ones
     *
     * @return string the same lines where none is about it, or where its new name cannot stand in a line
     */
    public static function renamed(string $lines, string $was, string $is, bool $isStillThere = false): string
    {
        if (str_contains($is, ':') || mb_strlen($is) > self::LONGEST_NAME) {
            return $lines;
        }
        $after = [];
        foreach (explode("\n", $lines) as $line) {
            [$what, $when] = array_pad(explode(':', $line, 2), 2, '');
            $isOfIt = 1 === preg_match(self::WAITS, trim($when)) && Tradition::plain($what) === Tradition::plain($was);
            if (!$isOfIt || $isStillThere) {
                $after[] = $line;
            }
            if ($isOfIt) {
                $after[] = $is . ':' . $when;
            }
        }

        return implode("\n", $after);
    }

    /** @return list<Feast> by date */
    public function of(int $year): array
    {
        $days = [];
        foreach ($this->feasts as $feast) {
            $day = $feast['rule']->on($year);
            if (null !== $day) {
                $days[] = new Feast($feast['name'], $day, $feast['hasSale']);
            }
        }
        usort($days, static fn(Feast $a, Feast $b): int => $a->day <=> $b->day);

        return $days;
    }
}
