<?php

declare(strict_types=1);

namespace App\View\Look;

/** One room's part in the look; a bare room breaks nothing yet. */
final readonly class RoomThreadView
{
    /**
     * @param list<float>             $shares
     * @param list<MissingRibbonView> $missing
     * @param list<LonelyAccentView>  $lonely
     */
    public function __construct(public string $room, public array $shares, public array $missing, public array $lonely, public bool $isBare) {}
}
