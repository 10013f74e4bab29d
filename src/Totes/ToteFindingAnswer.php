<?php

declare(strict_types=1);

namespace App\Totes;

use BrightCupboard\Core\Storage\ToteFinding;

final readonly class ToteFindingAnswer
{
    /** @param list<string> $pieces ids */
    private function __construct(public string $code, public string $sentence, public array $pieces) {}

    public static function of(ToteFinding $finding): self
    {
        return new self($finding->code, $finding->sentence, $finding->pieces);
    }
}
