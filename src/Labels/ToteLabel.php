<?php

declare(strict_types=1);

namespace App\Labels;

/** What stands on the label of a tote. */
final readonly class ToteLabel
{
    /**
     * @param list<string> $lines what is in it, one piece a line
     * @param string       $url   opens the tote when its code is scanned
     */
    public function __construct(public string $code, public string $place, public string $home, public array $lines, public string $url) {}
}
