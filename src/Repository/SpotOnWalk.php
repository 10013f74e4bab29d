<?php

declare(strict_types=1);

namespace App\Repository;

/** Where a spot is on the walk through the house, and what is to be known of it beside its measures. */
final readonly class SpotOnWalk
{
    /**
     * @param int    $round in which its room is dressed
     * @param int    $rank  among the spots of its room, the focal one first
     * @param string $note  empty where there is nothing to know
     */
    public function __construct(public string $id, public string $room, public int $round, public int $rank, public string $note) {}
}
