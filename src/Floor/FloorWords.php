<?php

declare(strict_types=1);

namespace App\Floor;

use BrightCupboard\Core\Floor\FloorCheck;
use BrightCupboard\Core\Floor\FloorFinding;
use BrightCupboard\Core\Floor\FloorPlace;
use BrightCupboard\Core\Floor\Furniture;
use BrightCupboard\Core\Measure\LengthText;

/** What is said of a floor, in the units of the home. */
final readonly class FloorWords
{
    private const FRONTS = ['the near wall', 'the left', 'the far wall', 'the right'];

    public function __construct(private LengthText $lengths) {}

    /** @param array<string, string> $names of furniture by id */
    public function sentence(FloorFinding $finding, array $names): string
    {
        $name = static fn(int $i): string => $names[$finding->furniture[$i] ?? ''] ?? 'something';
        $figure = null === $finding->figure ? '' : $this->lengths->write($finding->figure);
        $aim = null === $finding->aim ? '' : $this->lengths->write($finding->aim);

        return match ($finding->check) {
            FloorCheck::Inside => sprintf('%s reaches past the wall.', $name(0)),
            FloorCheck::Overlap => sprintf('%s and %s stand in one another.', $name(0), $name(1)),
            FloorCheck::Way => sprintf(
                [] === $finding->furniture ? 'From door to door the way is %3$s wide; it wants %2$s.' : 'The way to %s is %3$s wide; it wants %2$s.',
                $name(0),
                $aim,
                0 === $finding->figure?->tenths() ? 'shut, nothing' : $figure,
            ),
            FloorCheck::Rug => sprintf('The front legs of %s are beside %s: on it, the rug holds the group together.', $name(0), $name(1)),
            FloorCheck::Cord => sprintf(
                '%s is %s from the nearest outlet; its cord is about %s. A lead goes on the list, never under the rug.',
                $name(0),
                $figure,
                $aim,
            ),
        };
    }

    public function step(Furniture $furniture, FloorPlace $from, FloorPlace $to): string
    {
        $turned = $from->turns === $to->turns ? '' : sprintf('turned to %s, ', self::FRONTS[$to->turns]);

        return sprintf(
            '%s: %s%s from the left wall, %s from the far one',
            $furniture->name,
            $turned,
            $this->lengths->write($to->left),
            $this->lengths->write($to->top),
        );
    }
}
