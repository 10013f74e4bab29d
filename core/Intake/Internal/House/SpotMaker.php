<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal\House;

use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\LengthText;
use BrightCupboard\Core\Measure\LengthUnit;
use BrightCupboard\Core\Surface\Form;
use BrightCupboard\Core\Surface\InvalidSpot;
use BrightCupboard\Core\Surface\Layout;
use BrightCupboard\Core\Surface\Spot;
use BrightCupboard\Core\Surface\SpotFacts;
use BrightCupboard\Core\Surface\SpotHazard;
use BrightCupboard\Core\Surface\SpotKind;
use BrightCupboard\Core\Surface\TableShape;

/**
 * Makes a spot of what a line says, with what is usual of its kind and its name where the line says nothing.
 *
 * @internal
 */
final class SpotMaker
{
    private const OUTSIDE = '/^(?:(?:front|back|side|covered|screened)\s+)?(?:porch|patio|deck|terrace|balcony|verandah?|garden|yard)\b/iu';
    /** Rooms that nothing keeps the weather from; a sun porch and a garden room are within. */
    private const OUTSIDE_ROOM = '/^(?:(?:the|front|back|side|rear|covered|screened|upper|lower|roof|pool)\s+)*(?:porch|patio|deck|terrace|balcony|verandah?'
        . '|garden|yard|backyard|courtyard|stoop|lawn|pergola|gazebo|driveway|poolside|outside|outdoors|exterior)$/iu';
    private const WALL = '#F6F4EE';
    private const TIER = 12;

    /** @var list<string> what was made of the line beyond its words */
    public array $remarks = [];
    /** @var list<string> what a spot has no measure for */
    public array $notes = [];

    public function __construct(
        private readonly SpotMeasures $measures,
        private readonly TierWords $tiers,
        private readonly BelowWords $below,
        private readonly ClearWords $clear,
        private readonly LengthUnit $unit,
    ) {}

    /**
     * @param string $line without what stays clear, in which the words for shapes and what is below are looked for
     * @param string $room name of the room, in which what is outside is told
     *
     * @throws InvalidSpot when there can be no such spot
     */
    public function make(SpotParts $said, SpotKind $kind, string $line, string $room): Spot
    {
        $usual = SpotFacts::of($kind, $this->unit);
        $boards = $this->tiers->count ?? \count($usual->layout->tiers);
        $of = new KindMeasures($kind, $this->measures, new LengthText($this->unit), $line, $boards);
        [$this->remarks, $this->notes] = [$of->remarks, $of->notes];
        $named = UsualSizes::of($kind, $line, $this->unit, $of->clearHeight);
        $width = $of->width ?? $named->width ?? $usual->width;
        $isOpen = $this->measures->isOpenAbove;

        return (new Spot(
            '',
            $said->name,
            $kind,
            $width,
            $of->depth ?? $named->depth ?? $usual->depth,
            $of->ledgeHeight ?? $named->ledgeHeight ?? $usual->ledgeHeight,
            $isOpen ? null : $of->clearHeight ?? $usual->clearHeight,
            $said->seenFrom ?? $usual->seenFrom,
            $this->clear->on($width),
            $said->wall ?? (SpotKind::Door === $kind ? $said->cover() : null) ?? Srgb::ofHex(self::WALL),
            array_values(array_unique([...self::follows($kind, $line, $room), ...$said->hazards], \SORT_REGULAR)),
            array_keys(array_filter([
                'width' => null === $of->width,
                'depth' => null === $of->depth && Form::Panel !== $kind->form() && SpotKind::Doorway !== $kind, // nobody measures the room before a wall
                'ledgeHeight' => null === $of->ledgeHeight && $usual->ledgeHeight->tenths() > 0, // what stands on the floor does
                'clearHeight' => null === $of->clearHeight && !$isOpen && null !== $usual->clearHeight,
            ])),
            $this->layout($kind, $usual, $line, $of),
            \in_array($kind->form(), [Form::Table, Form::Seat], true) ? $said->cover() : null,
        ))->roomSized();
    }

    /** @return list<SpotHazard> what follows from where it is: weather on a porch, a bed under what hangs over it */
    private static function follows(SpotKind $kind, string $line, string $room): array
    {
        return match (true) {
            SpotKind::Porch === $kind || 1 === preg_match(self::OUTSIDE, $line) || 1 === preg_match(self::OUTSIDE_ROOM, $room) => [SpotHazard::Weather],
            Form::Panel === $kind->form() && SpotKind::Bed === SpotWords::below($line) => [SpotHazard::Bed],
            default => [],
        };
    }

    /** What the line says of boards, seats, posts, rise and shape; the rest is usual, as far as the measures take it. */
    private function layout(SpotKind $kind, SpotFacts $usual, string $line, KindMeasures $of): Layout
    {
        $shape = match (1) {
            preg_match('/\b(?:round|circular)\b/iu', $line) => TableShape::Round,
            preg_match('/\boval\b/iu', $line) => TableShape::Oval,
            default => TableShape::Rectangular,
        };
        $most = (new Layout(shape: $shape))->mostSeats($of->width ?? $usual->width, $of->depth ?? $usual->depth);
        $isWall = Form::Panel === $kind->form();
        $below = $isWall ? SpotWords::below($line) : null;
        $hangsOver = $isWall && (null !== $below || null !== $this->below->width);
        $furniture = SpotFacts::of($below ?? SpotKind::Sideboard, $this->unit);

        return new Layout(
            Form::Tiers === $kind->form() ? $this->boards($usual, $of) : [],
            $shape,
            $this->measures->seats ?? min($usual->layout->seats, $most),
            $of->rise,
            $this->measures->posts ?? $usual->layout->posts,
            $hangsOver ? $this->below->width ?? $furniture->width : null,
            $hangsOver ? $this->below->top ?? $furniture->top() : null,
        );
    }

    /** @return list<Length> empty for a single board */
    private function boards(SpotFacts $usual, KindMeasures $of): array
    {
        if ([] !== $this->tiers->clear) {
            return $this->tiers->clear;
        }
        $count = $this->tiers->count;
        $each = $of->each
            ?? (null === $count ? null : $usual->layout->tiers[0] ?? $of->clearHeight ?? $usual->clearHeight ?? Length::ofInches(self::TIER));
        $boards = $count ?? \count($usual->layout->tiers);

        return null !== $each && $boards > 1 ? array_fill(0, $boards, $each) : $usual->layout->tiers;
    }
}
