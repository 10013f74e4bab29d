<?php

declare(strict_types=1);

namespace App\Rooms;

final readonly class VersionsAnswer
{
    /**
     * @param list<VersionAnswer> $versions by label
     * @param list<string>        $leftOut  what found no place in the version just made
     */
    public function __construct(public array $versions, public array $leftOut = []) {}
}
