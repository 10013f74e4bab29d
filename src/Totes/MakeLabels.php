<?php

declare(strict_types=1);

namespace App\Totes;

use App\Entity\Home;
use App\Entity\Tote;
use App\Labels\ToteLabel;
use BrightCupboard\Core\Storage\Stored;

/** The labels of totes as they are packed now. */
final readonly class MakeLabels
{
    public function __construct(private ToteContents $contents) {}

    /**
     * @param list<Tote> $totes
     *
     * @return list<ToteLabel>
     */
    public function __invoke(Home $home, array $totes, string $origin): array
    {
        $contents = $this->contents->ofHome($home);

        return array_map(static fn(Tote $tote): ToteLabel => new ToteLabel(
            $tote->code(),
            $tote->place(),
            $home->name(),
            array_map(
                static fn(Stored $stored): string => ($stored->units > 1 ? $stored->units . ' ' : '') . $stored->piece->name,
                $contents[$tote->id()] ?? [],
            ),
            sprintf('%s/homes/%s/totes/%s', $origin, $home->id(), $tote->id()),
        ), $totes);
    }
}
