<?php

declare(strict_types=1);

namespace App\Settle;

/** Closing a swap; $leaveOpen says that tasks still open may stay undone. */
final readonly class CloseInput
{
    public function __construct(public bool $leaveOpen) {}
}
