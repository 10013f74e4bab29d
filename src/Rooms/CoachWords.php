<?php

declare(strict_types=1);

namespace App\Rooms;

use BrightCupboard\Core\Coach\Check;
use BrightCupboard\Core\Coach\Fault;
use BrightCupboard\Core\Coach\Finding;
use BrightCupboard\Core\Coach\Verdict;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\LengthText;
use BrightCupboard\Core\Measure\Weight;
use BrightCupboard\Core\Measure\WeightText;

/** What the coach found, in a stylist's words and the units of the home; the only place where its sentences are made. */
final readonly class CoachWords
{
    private const MOST_SENTENCES = 3;
    private const TITLES = [
        'fit.physical' => 'Room for it',
        'safety.flame' => 'Candle clearance',
        'safety.place' => 'Safe here',
        'posture' => 'As it goes',
        'sight.table' => 'Seeing across',
        'use.settings' => 'Places set',
        'use.lift' => 'Cleared in one go',
        'use.mirror' => 'Mirror free',
        'use.cords' => 'Leads',
        'hang.load' => 'Weight on hooks',
        'hang.height' => 'Hanging height',
        'balance.sides' => 'Balance',
        'balance.across' => 'Both sides',
        'heights.rows' => 'Rows',
        'heights.levels' => 'Heights',
        'heights.neighbours' => 'Neighbours',
        'groups.odd' => 'Odd groups',
        'width.used' => 'Air',
        'layers.hidden' => 'Layers',
        'contrast.wall' => 'Stands out',
        'focal.lead' => 'One leads',
        'echo.sides' => 'Echo',
        'echo.metal' => 'Metal',
        'bands.even' => 'All the way up',
        'look.fit' => 'In the look',
        'textures.mix' => 'Texture mix',
    ];

    public function __construct(private LengthText $lengths) {}

    public static function title(Check $check): string
    {
        return self::TITLES[$check->value];
    }

    /** What was measured. */
    public function figure(Finding $finding): string
    {
        $faults = \count($finding->faults);
        $number = static fn(string $name): int => \is_int($finding->figures[$name] ?? null) ? $finding->figures[$name] : 0;

        return match ($finding->check) {
            Check::Room => 0 === $faults ? 'everything fits' : self::counted($faults, 'thing does', 'things do') . ' not fit',
            Check::Flame => isset($finding->figures['nearest']) ? 'nearest ' . $this->length($finding, 'nearest') : 'nothing near that burns',
            Check::Surroundings => 0 === $faults ? 'nothing that should not be here' : self::counted($faults, 'piece', 'pieces') . ' should not be here',
            Check::Posture => 0 === $faults ? 'each as such a thing goes' : self::counted($faults, 'piece', 'pieces') . ' put strangely',
            Check::Sight => 0 === $faults ? 'free' : self::counted($faults, 'piece', 'pieces') . ' in the way',
            Check::Settings => 0 === $faults
                ? self::counted($number('seats'), 'place', 'places') . ' free'
                : self::counted($faults, 'piece', 'pieces') . ' where people eat',
            Check::Lift => self::counted($number('loose'), 'thing', 'things') . ' to lift',
            Check::Mirror => sprintf('%d %% of it free', $number('percent')),
            Check::Cords => 0 === $faults ? 'out of sight' : self::counted($faults, 'lead', 'leads') . ' in sight',
            Check::Hooks => 'heaviest ' . $this->weight($number('grams')),
            Check::BothSides => $number('percent') < 1 ? 'as much for one as for the other' : sprintf('%d %% more on one side', $number('percent')),
            Check::Rows => 0 === $faults ? 'each lower than the one behind' : self::counted($faults, 'cushion', 'cushions') . ' too tall in front',
            Check::HangingHeight => (1 === $number('over')
                ? ''
                : 'middle at ') . $this->length($finding, 'at') . (1 === $number('over') ? ' over what stands below' : ' from the floor'),
            Check::Balance => match (true) {
                1 === $number('alone') => $number('percent') < 1 ? 'right in the middle' : sprintf('%d %% off the middle', $number('percent')),
                $number('percent') < 1 => 'both sides pull alike',
                default => sprintf('%s side %d %% lighter', $this->text($finding, 'lighter'), $number('percent')),
            },
            Check::Levels => self::counted(\count($this->list($finding, 'levels')), 'level', 'levels') . ([] === $this->list($finding, 'levels')
                ? ''
                : ': ' . implode(', ', $this->list($finding, 'levels'))),
            Check::Neighbours => sprintf('%d of %d pairs step well', $number('good'), $number('pairs')),
            Check::Groups => 1 === \count($this->list($finding, 'counts'))
                ? 'one group of ' . $this->list($finding, 'counts')[0]
                : 'groups of ' . implode(', ', $this->list($finding, 'counts')),
            Check::Air => $this->air($finding, $number('percent')),
            Check::Hidden => 0 === $faults ? 'everything is seen' : self::counted($faults, 'piece', 'pieces') . ' hidden',
            Check::Contrast => Verdict::Good === $finding->verdict
                ? 'clear against the ' . $this->text($finding, 'behind')
                : sprintf('%d %% of it is lost against the %s', $number('percent'), $this->text($finding, 'behind')),
            Check::Focal => Verdict::Good === $finding->verdict ? $this->text($finding, 'lead') : 'none',
            Check::Echo => 0 === $faults ? 'accents come back' : self::counted($faults, 'accent', 'accents') . ' in one place only',
            Check::Metal => sprintf('on %d of %d boards', $number('with'), $number('boards')),
            Check::Bands => 0 === $faults ? 'from foot to top' : self::counted($faults, 'band', 'bands') . ' bare',
            Check::Look => sprintf('%d of 100', $number('score')),
            Check::Textures => \count($this->list($finding, 'families')) . ': ' . implode(', ', $this->list($finding, 'families')),
        };
    }

    /** What is wanted. */
    public function aim(Finding $finding): string
    {
        $percent = static fn(string $name): string => (string) (\is_int($finding->figures[$name] ?? null) ? $finding->figures[$name] : 0);

        return match ($finding->check) {
            Check::Room => 'inside its edges, under what hangs above, one place each',
            Check::Flame => $this->length($finding, 'least') . ' at least to all that burns',
            Check::Surroundings => 'nothing that spoils, breaks or harms',
            Check::Posture => 'hung, leant, laid or stood as its kind is',
            Check::Sight => sprintf('nothing broad between %s and %s over the top', $this->length($finding, 'from'), $this->length($finding, 'to')),
            Check::Settings => sprintf('all of it in the middle %s', $this->length($finding, 'strip')),
            Check::Lift => 'three loose things at most, the rest on a tray',
            Check::Mirror => 'half of it at least',
            Check::Cords => 'at an end, or behind something taller',
            Check::Hooks => 'at most ' . $this->weight((int) $percent('most')) . ' from one hook',
            Check::BothSides => 'within a third',
            Check::Rows => 'the lower in front',
            Check::HangingHeight => sprintf('%s to %s', $this->length($finding, 'least'), $this->length($finding, 'most')),
            Check::Balance => match (true) {
                '100' === $percent('high') => 'gathered at one end, or mirrored',
                '0' === $percent('low') => 'within ' . $percent('high') . ' %',
                default => $percent('low') . ' to ' . $percent('high') . ' %, with a counterweight',
            },
            Check::Levels => $percent('wanted') . ' heights, 15 % apart',
            Check::Neighbours => 'the lower one half to six sevenths of the taller',
            Check::Groups => 'odd numbers',
            Check::Air => match ($percent('low')) {
                '0' => 'at most ' . $percent('high') . ' %',
                default => $percent('low') . ' to ' . $percent('high') . ' %',
            },
            Check::Hidden => 'nothing lost behind another',
            Check::Contrast => 'most of it lighter, darker or stronger than what is behind',
            Check::Focal => 'one that draws the eye first',
            Check::Echo => '1' === $percent('onTree') ? 'each accent in two bands at least' : 'each accent on both sides, or in the middle',
            Check::Metal => 'something that shines on each',
            Check::Bands => 'something in each of five bands',
            Check::Look => '80 and over',
            Check::Textures => '3 families',
        };
    }

    /** Why, and what would help. */
    public function reason(Finding $finding): string
    {
        $said = array_values(array_unique(array_filter(
            array_map(fn(Fault $fault): string => $this->fault($finding->check, $fault), $finding->faults),
            static fn(string $sentence): bool => '' !== $sentence,
        )));
        $more = \count($said) - self::MOST_SENTENCES;
        $sentences = implode(' ', \array_slice($said, 0, self::MOST_SENTENCES)) . ($more > 0 ? sprintf(' And %d more.', $more) : '');

        return Verdict::Good === $finding->verdict ? match ($finding->check) {
            Check::Flame => 'Never leave a flame unattended.',
            Check::Balance => 'The two sides hold each other.',
            Check::Levels => 'A tall one, a middle one, a low one.',
            Check::Groups => 'Odd numbers sit easily.',
            Check::Textures => 'Rough meets smooth.',
            default => '',
        } : $sentences;
    }

    private function fault(Check $check, Fault $fault): string
    {
        $one = $fault->pieces[0]->piece->name ?? '';
        $two = $fault->pieces[1]->piece->name ?? '';
        $value = fn(string $name): string => ($fault->values[$name] ?? '') instanceof Length
            ? $this->lengths->write($fault->values[$name])
            : (string) ($fault->values[$name] ?? '');

        return match ($check->value . ' ' . $fault->code) {
            'fit.physical over the edge' => sprintf('%s hangs %s over the edge.', $one, $value('by')),
            'fit.physical too tall' => sprintf('%s is %s too tall.', $one, $value('by')),
            'fit.physical ends on the floor' => sprintf(
                '%s falls over the end down to the floor, %s too long: put it further in, or somewhere longer.',
                $one,
                $value('by'),
            ),
            'fit.physical on the floor' => sprintf('%s hangs down to the floor, %s too long: give it more dips, or fewer.', $one, $value('by')),
            'fit.physical too deep' => sprintf('%s is %s deeper than it is here.', $one, $value('by')),
            'fit.physical no such board' => sprintf('%s stands on a board that is not there: there are %s.', $one, $value('boards')),
            'fit.physical in the way' => sprintf('%s is where it must stay clear (%s).', $one, $value('reason')),
            'fit.physical same place' => sprintf('%s and %s are in the same place, or too deep to stand one before the other.', $one, $two),
            'safety.flame carries a flame' => sprintf('%s carries an open flame and takes fire itself. Use flameless candles in it.', $one),
            'safety.flame too close' => sprintf('%s is %s from %s, which burns. Move it, or use flameless candles.', $one, $value('distance'), $two),
            'safety.flame under a board' => sprintf('%s burns %s below what is above it. Use flameless candles.', $one, $value('distance')),
            'posture not here' => sprintf('%s %s, and that does not go here.', $one, $value('posture')),
            'posture no vessel' => sprintf('%s wants a vessel to stand in: put it over one.', $one),
            'posture no holder' => sprintf('%s is a taper and stands only in a holder.', $one),
            'posture nothing to trim' => sprintf('%s trims a garland, a wreath or a tree, and there is none under it.', $one),
            'sight.table in the sight' => sprintf('%s reaches %s: people lean round it. Lower, slimmer or of glass.', $one, $value('top')),
            'use.settings deeper than the centre' => sprintf('%s is %s deeper than the middle that plates leave free.', $one, $value('by')),
            'use.settings where somebody eats' => sprintf('%s is where the end place is set.', $one),
            'use.lift loose' => sprintf('Before anybody eats or works here, %s things have to be lifted: stand them on a tray.', $value('count')),
            'use.mirror covered' => sprintf('Only %s %% of %s is left to look into: draw what stands before it to a side.', $value('percent'), $one),
            'use.cords in sight' => sprintf('The lead of %s is seen: stand it at an end or behind something taller.', $one),
            'use.cords across the table' => sprintf('The lead of %s runs where people sit: use batteries, and nobody trips.', $one),
            'hang.load heavy' => sprintf(
                '%s weighs %s: two fixings in the wall itself, each rated for three times its weight.',
                $one,
                $this->weight(\is_int($fault->values['grams'] ?? null) ? $fault->values['grams'] : 0),
            ),
            'hang.load over a bed' => sprintf(
                '%s (%s) hangs over where somebody sleeps: something soft and light instead, or another wall.',
                $one,
                $this->weight(\is_int($fault->values['grams'] ?? null) ? $fault->values['grams'] : 0),
            ),
            'balance.across one side has more' => sprintf('The %s has more: who sits on the other side sees its back.', $value('side')),
            'heights.rows taller in front' => sprintf('%s hides %s: the lower one goes in front.', $one, $two),
            'hang.height too low' => sprintf('Hang it %s higher.', $value('by')),
            'hang.height too high' => sprintf('Hang it %s lower.', $value('by')),
            'balance.sides dead centre' => 'Off-centre is wanted and both sides pull alike: shift the group to one side.',
            'balance.sides lopsided' => sprintf('Add something on the %s, or draw the heavy side in towards the middle.', $value('side')),
            'heights.levels too level' => 'Too level: raise one on books or a riser, or bring one that is taller or lower.',
            'heights.neighbours level' => sprintf('%s and %s end level and read as a row.', $one, $two),
            'heights.neighbours far apart' => sprintf('%s and %s are too far apart in height.', $one, $two),
            'groups.odd even' => sprintf('%s together look counted: add one, take one away, or part them.', 'A group of ' . $value('count')),
            'width.used sparse' => 'It looks sparse: one wider piece says more than several small ones.',
            'width.used full' => 'It looks full: take away what says least.',
            'layers.hidden hidden' => sprintf('%s is lost behind %s.', $one, $two),
            'contrast.wall lost' => sprintf('%s is nearly the colour of what is behind it.', $one),
            'focal.lead large topper' => sprintf('%s is large for its tree: a sixth of its height, %s, is enough.', $one, $value('least')),
            'focal.lead no topper' => sprintf('%s has nothing on its tip: a star or a bow finishes it.', $one),
            'width.used uneven' => 'The bows are at uneven distances: even ones read as a rhythm.',
            'echo.sides one band only' => sprintf('%s is seen in one band only: let it come back in another.', $value('ribbon')),
            'focal.lead alike in weight' => sprintf('%s and %s draw the eye alike: let one be larger, darker or higher.', $one, $two),
            'echo.sides one side only' => sprintf('%s is seen on the %s only: echo it on the other side.', $value('ribbon'), $value('side')),
            'echo.metal no metal' => sprintf('Board %s has no metal: let something shine there, too.', $value('board')),
            'bands.even bare band' => sprintf('Band %s from the foot is bare.', $value('band')),
            'look.fit furthest off' => sprintf('%s is furthest off, at %s.', $one, $value('score')),
            'textures.mix alike in texture' => 'Next to something woven put something that shines, and something with age.',
            default => Check::Surroundings === $check ? sprintf('%s: %s.', $one, $value('why')) : '',
        };
    }

    private function air(Finding $finding, int $percent): string
    {
        return match ($this->text($finding, 'form')) {
            'panel' => sprintf('%d %% of what stands below', $percent),
            'seat' => sprintf('%d %% of the seat is taken', $percent),
            default => sprintf('%d %% of the %s', $percent, $this->text($finding, 'surface')),
        };
    }

    private function weight(int $grams): string
    {
        return (new WeightText($this->lengths->unit))->write(Weight::ofGrams($grams));
    }

    private function length(Finding $finding, string $name): string
    {
        $value = $finding->figures[$name] ?? null;

        return $value instanceof Length ? $this->lengths->write($value) : '';
    }

    private function text(Finding $finding, string $name): string
    {
        $value = $finding->figures[$name] ?? '';

        return \is_string($value) ? $value : '';
    }

    /** @return list<string> */
    private function list(Finding $finding, string $name): array
    {
        $value = $finding->figures[$name] ?? [];

        return \is_array($value)
            ? array_map(fn(int|string|Length $one): string => $one instanceof Length ? $this->lengths->write($one) : (string) $one, $value)
            : [];
    }

    private static function counted(int $count, string $one, string $many): string
    {
        return $count . ' ' . (1 === $count ? $one : $many);
    }
}
