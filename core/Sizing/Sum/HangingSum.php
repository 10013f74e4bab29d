<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Sizing\Sum;

use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Sizing\Answer;
use BrightCupboard\Core\Sizing\Ask;
use BrightCupboard\Core\Sizing\Buying;
use BrightCupboard\Core\Sizing\Given;
use BrightCupboard\Core\Sizing\InvalidSum;
use BrightCupboard\Core\Sizing\Mark;
use BrightCupboard\Core\Sizing\MarkRole;
use BrightCupboard\Core\Sizing\Owned;
use BrightCupboard\Core\Sizing\Said;
use BrightCupboard\Core\Sizing\Sketch;
use BrightCupboard\Core\Sizing\Sum;
use BrightCupboard\Core\Sizing\Supply;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\PieceKind;

/**
 * What hangs over a piece of furniture, alone on a wall, or on a door: how wide (⅔ to ¾ of the furniture, CP; a wreath about ⅔ of
 * a door, memory), how high (6 to 8 in over furniture, memory; else the middle at 57 in from the floor, CP), and where each hook goes.
 */
final readonly class HangingSum implements Sum
{
    private const OVER = 7 * Length::TENTHS_PER_INCH;
    private const MIDDLE = 57 * Length::TENTHS_PER_INCH;
    private const DOOR_MIDDLE = 60 * Length::TENTHS_PER_INCH;
    private const DOOR_PART = 2 / 3;

    public function asks(): array
    {
        return [
            Ask::choice('hangs', ['over furniture', 'on a wall', 'on a door'])->ofThePlace(),
            Ask::length('wallWidth', 72, 600)->ofThePlace(),
            Ask::length('ceiling', 96, 480)->ofThePlace(),
            Ask::length('below', 60, 400)->when('hangs', 'over furniture')->ofThePlace(),
            Ask::length('belowTop', 34, 200)->when('hangs', 'over furniture')->ofThePlace(),
            Ask::choice('hung', ['picture', 'mirror', 'wreath', 'plates']),
            Ask::count('columns', 1, 1, 12)->when('hangs', 'over furniture', 'on a wall'),
            Ask::count('tiersHung', 1, 1, 8)->when('hangs', 'over furniture', 'on a wall'),
            Ask::length('frameWidth', null, 300)->orEmpty(),
            Ask::length('frameHeight', null, 300)->orEmpty()->when('hung', 'picture', 'mirror'),
            Ask::length('between', 2.5, 24)->when('hangs', 'over furniture', 'on a wall'),
            Ask::lengthOrNone('hookDrop', 3, 60),
            ...Buying::asks(),
        ];
    }

    public function reckon(Given $given, Owned $owned): Answer
    {
        $isDoor = $given->is('hangs', 'on a door');
        $isOver = $given->is('hangs', 'over furniture');
        [$columns, $rows] = $isDoor ? [1, 1] : [$given->count('columns'), $given->count('tiersHung')];
        $base = $isOver ? $given->tenths('below') : $given->tenths('wallWidth');
        [$least, $most] = $isDoor ? [$base / 2, $base * self::DOOR_PART] : [$base * 2 / 3, $base * 3 / 4];
        $between = $given->tenths('between');
        $width = $given->tenths('frameWidth');
        $width = $width > 0 ? $width : (int) round(($least + $most) / 2 / $columns - $between * ($columns - 1) / $columns);
        $height = match (true) {
            $given->is('hung', 'wreath', 'plates') => $width,
            0 === $given->tenths('frameHeight') => intdiv($width * 3, 4),
            default => $given->tenths('frameHeight'),
        };
        [$wide, $high] = [$columns * $width + ($columns - 1) * $between, $rows * $height + ($rows - 1) * $between];
        $this->requireRoom($given, $wide, $width);
        $lower = match (true) {
            $isOver => $given->tenths('belowTop') + self::OVER,
            $isDoor => self::DOOR_MIDDLE - intdiv($high, 2),
            default => self::MIDDLE - intdiv($high, 2),
        };
        if ($lower < 0 || $lower + $high > $given->tenths('ceiling')) {
            throw InvalidSum::at('ceiling', 'under the ceiling', ['needs' => Length::ofTenths(max(0, $lower) + $high), 'ceiling' => $given->length('ceiling')]);
        }
        $kind = match ($given->choice('hung')) {
            'mirror' => PieceKind::Mirror, 'wreath' => PieceKind::Wreath, 'plates' => PieceKind::Plate, default => PieceKind::Picture,
        };
        $count = (int) ceil($columns * $rows * (1 + $given->share('allowance')) - 1e-9);
        $taken = $owned->take(
            $count,
            static fn(Piece $piece): ?float => abs($piece->size->width->tenths() - $width) <= $width * 0.2
                ? (float) abs($piece->size->width->tenths() - $width)
                : null,
            $kind,
        );
        $length = static fn(float $tenths): Length => Length::ofTenths((int) round($tenths));

        return new Answer(
            [
                new Said($isDoor ? 'wreath wide' : 'hung wide', ['least' => $length($least), 'most' => $length($most), 'wide' => $length($wide)]),
                new Said('hung from', ['lower' => $length($lower), 'upper' => $length($lower + $high), 'middle' => $length($lower + $high / 2)]),
                new Said('hook height', ['height' => $length($lower + $high - $given->tenths('hookDrop'))]),
            ],
            [
                new Said(
                    $isDoor ? 'of the door' : ($isOver ? 'of the furniture' : 'of the wall'),
                    ['base' => $length($base), 'least' => $length($least), 'most' => $length($most)],
                ),
                ...($columns * $rows > 1
                    ? [new Said(
                        'group wide',
                        [
                            'columns' => $columns,
                            'rows' => $rows,
                            'each' => $length($width),
                            'between' => $length($between),
                            'wide' => $length($wide),
                            'high' => $length($high),
                        ],
                    )]
                    : []),
                new Said(
                    $isOver ? 'over the top' : ($isDoor ? 'door middle' : 'eye middle'),
                    ['top' => $given->length('belowTop'), 'over' => $length(self::OVER), 'lower' => $length($lower)],
                ),
                new Said('hook drop', ['drop' => $given->length('hookDrop')]),
            ],
            $this->sketch($given, [$columns, $rows], [$width, $height], $lower),
            [new Supply($given->choice('hung'), $kind, $count, $taken, Buying::of($given), width: $length($width), height: $length($height))],
            [
                ...($wide < $least - 1 && !$isDoor ? [new Said('too small', ['wide' => $length($wide), 'least' => $length($least)])] : []),
                ...($wide > $most + 1 ? [new Said('too wide', ['wide' => $length($wide), 'most' => $length($most)])] : []),
                new Said('hooks as made'),
                ...($isOver ? [new Said('over a seat')] : []),
            ],
            tasks: [new Said('task hang', ['count' => $count, 'height' => $length($lower + $high - $given->tenths('hookDrop'))])],
        );
    }

    private function requireRoom(Given $given, int $wide, int $width): void
    {
        if ($width < 1) {
            throw InvalidSum::at('columns', 'no room between', ['columns' => $given->count('columns'), 'between' => $given->length('between')]);
        }
        if ($wide > $given->tenths('wallWidth')) {
            throw InvalidSum::at('frameWidth', 'past the wall', ['wide' => Length::ofTenths($wide), 'wall' => $given->length('wallWidth')]);
        }
    }

    /**
     * @param array{int, int} $grid
     * @param array{int, int} $each
     */
    private function sketch(Given $given, array $grid, array $each, int $lower): Sketch
    {
        [$wall, $ceiling] = [(float) $given->tenths('wallWidth'), (float) $given->tenths('ceiling')];
        $marks = [Mark::box(MarkRole::Surface, 0, -$ceiling, $wall, $ceiling)];
        if ($given->is('hangs', 'over furniture')) {
            $wide = (float) $given->tenths('below');
            $marks[] = Mark::box(MarkRole::Outline, ($wall - $wide) / 2, -$given->tenths('belowTop'), $wide, $given->tenths('belowTop'));
        }
        $between = $given->is('hangs', 'on a door') ? 0 : $given->tenths('between');
        $left = ($wall - $grid[0] * $each[0] - ($grid[0] - 1) * $between) / 2;
        for ($row = 0; $row < $grid[1]; ++$row) {
            for ($column = 0; $column < $grid[0]; ++$column) {
                $x = $left + $column * ($each[0] + $between);
                $y = -$lower - ($row + 1) * $each[1] - $row * $between;
                $marks[] = $given->is('hung', 'wreath', 'plates')
                    ? Mark::round(MarkRole::Hung, $x + $each[0] / 2, $y + $each[1] / 2, $each[0] / 2, $each[1] / 2)
                    : Mark::box(MarkRole::Hung, $x, $y, $each[0], $each[1]);
                $marks[] = Mark::round(
                    MarkRole::Hook,
                    $x + $each[0] / 2,
                    $y + $given->tenths('hookDrop'),
                    120,
                    120,
                    new Said(
                        'hook on wall',
                        [
                            'at' => Length::ofTenths((int) round($x + $each[0] / 2)),
                            'height' => Length::ofTenths((int) max(0, round(-$y - $given->tenths('hookDrop')))),
                        ],
                    ),
                );
            }
        }

        return new Sketch($marks);
    }
}
