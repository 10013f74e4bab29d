<?php

declare(strict_types=1);

namespace App\Totes;

use App\Entity\Tote;
use BrightCupboard\Core\Storage\Stored;
use BrightCupboard\Core\Storage\ToteCheck;
use BrightCupboard\Core\Storage\TotePicture;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class ReadTote
{
    public function __construct(private ToteContents $contents) {}

    #[Route('/api/homes/{home}/totes/{tote}/contents', methods: ['GET'])]
    public function __invoke(Tote $tote): ToteContentsAnswer
    {
        $check = new ToteCheck($tote->home()->weights());
        [$stored, $content] = [$tote->stored(), $this->contents->of($tote)];

        return new ToteContentsAnswer(
            $tote->id(),
            round($check->fill($stored, $content), 3),
            $check->grams($content),
            array_map(static fn(Stored $one): StoredAnswer => new StoredAnswer($one->piece->id, $one->piece->name, $one->units), $content),
            array_map(LyingAnswer::of(...), (new TotePicture())->of($stored, $content)),
            array_map(ToteFindingAnswer::of(...), $check->findings($stored, $content)),
        );
    }
}
