<?php

declare(strict_types=1);

namespace App\UseCase\Storage;

use App\Entity\Tote;
use App\View\House\LyingView;
use App\View\House\StoredView;
use App\View\House\ToteContentsView;
use App\View\House\ToteFindingView;
use BrightCupboard\Core\Storage\Stored;
use BrightCupboard\Core\Storage\ToteCheck;
use BrightCupboard\Core\Storage\TotePicture;

final readonly class ReadTote
{
    public function __construct(private ToteContents $contents) {}

    public function __invoke(Tote $tote): ToteContentsView
    {
        $check = new ToteCheck($tote->home()->weights());
        [$stored, $content] = [$tote->stored(), $this->contents->of($tote)];

        return new ToteContentsView(
            $tote->id(),
            round($check->fill($stored, $content), 3),
            $check->grams($content),
            array_map(static fn(Stored $one): StoredView => new StoredView($one->piece->id, $one->piece->name, $one->units), $content),
            array_map(LyingView::of(...), (new TotePicture())->of($stored, $content)),
            array_map(ToteFindingView::of(...), $check->findings($stored, $content)),
        );
    }
}
