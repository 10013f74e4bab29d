<?php

declare(strict_types=1);

namespace App\Rooms;

/** What became of one spot when its room was copied onto another. */
final readonly class CopiedSpotAnswer
{
    /**
     * @param string       $from    its name
     * @param string|null  $onto    id of the spot that has a version of it now; null where none answers to it or none of it goes there
     * @param string       $name    of that spot
     * @param string       $label   of the version
     * @param list<string> $leftOut what found no place there
     */
    public function __construct(public string $from, public ?string $onto, public string $name, public string $label, public array $leftOut) {}
}
