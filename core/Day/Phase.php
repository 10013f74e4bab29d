<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Day;

/** The parts of swap day, in working order. */
enum Phase: string
{
    case TakeDown = 'take down';
    case MoveFurniture = 'move furniture';
    case Clean = 'clean';
    case Fetch = 'fetch';
    case Prepare = 'prepare';
    case SetUp = 'set up';
    case PackAway = 'pack away';
    case LetGo = 'let go';
    /** Some days after: stand back and look, spot by spot. */
    case LookAgain = 'look again';

    /** Asked many times while a day is sorted. */
    public function order(): int
    {
        /** @var array<string, int>|null $orders */
        static $orders = null;
        $orders ??= array_flip(array_column(self::cases(), 'value'));

        return $orders[$this->value];
    }
}
