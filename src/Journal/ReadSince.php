<?php

declare(strict_types=1);

namespace App\Journal;

use App\Entity\Home;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\Routing\Attribute\Route;

/** What others have done since a page last looked: so that a second device is never stale for long. */
#[AsController]
final readonly class ReadSince
{
    public function __construct(private Entries $entries, private OutOfDate $outOfDate) {}

    /** @param string $entry the last one the page knows of; empty when it has just come */
    #[Route('/api/homes/{home}/since', methods: ['GET'])]
    public function __invoke(Home $home, #[MapQueryParameter] string $entry = ''): SinceAnswer
    {
        $latest = $this->entries->latest($home->id(), null, null, null, 1)[0]->id ?? '';

        return new SinceAnswer(
            $latest,
            '' === $entry || $latest === $entry ? [] : $this->outOfDate->afterTables($this->entries->tablesSince($home->id(), $entry)),
        );
    }
}
