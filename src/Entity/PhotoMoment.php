<?php

declare(strict_types=1);

namespace App\Entity;

/** When a photo of a spot was taken. */
enum PhotoMoment: string
{
    case Before = 'before';
    case After = 'after';
}
