<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal\House;

use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Surface\Form;
use BrightCupboard\Core\Surface\SeenFrom;
use BrightCupboard\Core\Surface\SpotHazard;
use BrightCupboard\Core\Surface\SpotKind;

/**
 * What the words of a line say beside its measures: what the spot is called and is, what is near it, from where it is seen, the colour of the
 * wall behind it; whatever else is said becomes a note.
 *
 * @internal
 */
final class SpotParts
{
    /** Says nothing by itself at the start or the end of a part. */
    private const GLUE_BEFORE = 'is|it|it’s|it\'s|its|are|starts|begins|has|have|with|and|at|of|the|an?|measures?|measured|sized?|each|by|x|plus'
        . '|(?:shelf|ledge|top) is|usable|-';
    private const GLUE_BEHIND = 'is|are|has|have|with|and|at|of|the|an?|total|overall|each|by|x|or so|usable|measured|starts|begins|-';
    /** Begins what says where a thing is, which is part of its name. */
    private const WHERE = '/^(?:over|above|behind|under|underneath|below|beneath|beside|next to|by|near|in|on|opposite|between|at|to the'
        . '|left of|right of)\s+\S/iu';
    private const WHERE_IN_NAME = '/\s(?:over|above|behind|under|beside|next to|by|near|in|on|opposite|between)\s/iu';
    /** How large a thing can be made is not how large it is. */
    private const EXTENDS = '/^(?:(?:with\s+)?(?:a\s+)?lea(?:f|ves)|ex(?:tend|pand)\w*|opens?)\b/iu';
    private const ON_WALL = 'walls?|painted|paint|wallpaper(?:ed)?|papered|backdrop|backsplash|splashback|panell?ing|panelled|tiles?|tiled|headboard';
    private const BESIDE_COLOUR = 'behind|against|on|is|are|the|an?|colou?r|it|with';
    private const NOTE = '/^(?:note|nb|ps)[:\s]+(.*)$/iu';
    private const LONGEST_NAME = 60;

    public string $name = '';
    public ?SpotKind $kind = null;
    public ?SeenFrom $seenFrom = null;
    public ?Srgb $wall = null;
    /** @var list<SpotHazard> */
    public array $hazards = [];
    /** @var list<string> */
    public array $notes = [];
    /** @var list<string> what holds a figure and is not understood: it may be a measure that somebody took */
    public array $unread = [];
    /** @var list<string> what names another thing that is dressed by itself */
    public array $others = [];

    public function __construct(private readonly ColourNames $colours) {}

    /** @param bool $isFirst whether it stands where the name does */
    public function add(string $part, bool $isFirst): void
    {
        if (1 === preg_match(self::NOTE, $part, $match)) {
            $this->notes[] = trim($match[1]);

            return;
        }
        $part = '' === $this->name && $isFirst ? self::plain($part) : self::unglued($part);
        $wall = $this->wallOf($part);
        $hazard = NearWords::hazard($part);
        $seen = NearWords::seenFrom($part);
        $kind = SpotWords::kind($part);
        match (true) {
            '' === $part => null,
            null !== $wall => $this->wall = $wall,
            null !== $hazard && !($isFirst && '' === $this->name && null !== $kind) => $this->hazards[] = $hazard,
            null !== $seen => $this->seenFrom = $seen,
            '' === $this->name => $this->call($part),
            $this->saysWhere($part) => $this->call("{$this->name} {$part}"),
            1 === preg_match('/^(?:round|oval|square|circular|rectangular|seat|(?:off|from)(?:\s+the)?\s+(?:floor|ground))$/iu', $part) => null,
            null === $this->kind && null !== SpotWords::kindOver($part) => $this->isA($part, $isFirst),
            $kind === $this->kind && null !== $kind => null,
            $this->isAnother($part, $isFirst) => $this->others[] = $part,
            default => $this->tell($part, $isFirst),
        };
    }

    /** The colour of what things are put on, where it is said. */
    public function cover(): ?Srgb
    {
        return (new CoverWords($this->colours))->read($this->name, $this->notes);
    }

    private function call(string $name): void
    {
        $this->name = mb_substr($name, 0, self::LONGEST_NAME);
        $this->kind = SpotWords::kindOver($name) ?? SpotWords::kindIn($name);
        $isAside = 1 === preg_match('/\b(?:left|right) of\b|\bopposite\b/iu', $name);
        $near = NearWords::hazardOf($name) ?? ($isAside ? null : NearWords::hazardIn(SpotWords::where($name)));
        $this->hazards = null === $near ? $this->hazards : [...$this->hazards, $near];
    }

    private function saysWhere(string $part): bool
    {
        return 1 === preg_match(self::WHERE, $part) && 1 !== preg_match('/\d/', $part) && 1 !== preg_match(self::WHERE_IN_NAME, $this->name);
    }

    /** "bench at foot 54 x 18" behind a bed: something of another kind with a width and a depth of its own, and no part of what was named. */
    public function isBeside(string $phrase): bool
    {
        $kind = 1 === preg_match(self::WHERE, $phrase) ? null : SpotWords::kindIn((string) preg_replace('/\d.*$/u', '', $phrase));

        return null !== $this->kind && $kind !== $this->kind && SpotKind::Shelf !== $kind
            && \in_array($kind?->form(), [Form::Seat, Form::Table, Form::Ledge, Form::Tiers], true);
    }

    /** "counter 60 x 25" behind a sill, "nightstands" behind a bed: whatever is dressed by itself, unlike a mirror or a window. */
    private function isAnother(string $part, bool $isFirst): bool
    {
        $name = trim((string) preg_replace('/^(?:and|plus|with)\s+|\d.*$/iu', '', $part));
        $kind = SpotWords::kind($name);
        $isDressed = !\in_array($kind?->form(), [null, Form::Panel, Form::Floor, Form::Run], true);

        return $isDressed && $kind !== $this->kind && (!$isFirst || 1 === preg_match('/\d/', $part));
    }

    /** "shelf" behind a name says what it is; where the name said nothing yet, it is part of it. */
    private function isA(string $part, bool $isFirst): void
    {
        if ($isFirst && null === $this->kind) {
            $this->name .= ' ' . $part;
        }
        $this->kind = SpotWords::kindOver($part);
    }

    private function tell(string $part, bool $isFirst): void
    {
        if (1 === preg_match(self::EXTENDS, $part)) {
            $this->notes[] = $part;
        } elseif (1 === preg_match('/^\d$/', $part) && $isFirst) {
            $this->name .= ' ' . $part; // "window 2"
        } elseif (1 === preg_match('/\d/', $part)) {
            $this->unread[] = $part;
        } else {
            $near = NearWords::hazardIn($part);
            $this->hazards = null === $near ? $this->hazards : [...$this->hazards, $near];
            $this->notes[] = $part;
        }
    }

    /** "navy wall", "painted sage", "against a dark green wall". */
    private function wallOf(string $part): ?Srgb
    {
        $isOfWall = 1 === preg_match('/\b(?:' . self::ON_WALL . ')\b/iu', $part);
        $colour = (string) preg_replace('/\b(?:' . self::ON_WALL . '|' . self::BESIDE_COLOUR . ')\b/iu', ' ', $part);

        return $isOfWall ? $this->colours->read(trim((string) preg_replace('/[\s-]+/', ' ', $colour))) : null;
    }

    /** A name without the shape or the word of joining at its end: "kitchen table round", "bench with". */
    private static function plain(string $name): string
    {
        $name = (string) preg_replace('/^(?:(?:it.s|it is|this is|that.s|there is|there.s|we have|got)\s+(?:an?\s+|the\s+)?|(?:our|my)\s+)/iu', '', $name);

        return (string) preg_replace('/(?<=\w)\s+(?:round|oval|square|with|and|x|is|at|shelf\s+is)$/iu', '', trim($name, " \t-–,;:."));
    }

    private static function unglued(string $part): string
    {
        $glue = ['/^(?:' . self::GLUE_BEFORE . ')(?=\s|$)/iu', '/(?:^|(?<=\s))(?:' . self::GLUE_BEHIND . ')$/iu'];
        do {
            $before = $part;
            $part = trim((string) preg_replace($glue, '', trim($part, " \t-–,;:.")));
        } while ($part !== $before);

        return $part;
    }
}
