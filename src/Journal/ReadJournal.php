<?php

declare(strict_types=1);

namespace App\Journal;

use App\Entity\Home;
use App\Entity\Person;
use App\Entity\Role;
use App\Entity\Swap;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** What was done in a home, newest first: all of it, or what was about one piece or spot, or by one person. */
#[AsController]
final readonly class ReadJournal
{
    private const WINDOW = 40;

    public function __construct(private Entries $entries, private EntityManagerInterface $entities) {}

    #[Route('/api/homes/{home}/journal', methods: ['GET'])]
    public function __invoke(
        Home $home,
        #[CurrentUser]
        Person $reader,
        #[MapQueryParameter]
        ?string $about = null,
        #[MapQueryParameter]
        ?string $by = null,
        #[MapQueryParameter]
        ?string $before = null,
    ): JournalAnswer {
        $entries = $this->entries->latest($home->id(), $about, $by, $before, self::WINDOW + 1);
        $closed = array_fill_keys(array_map(
            static fn(Swap $swap): string => $swap->id(),
            array_filter($this->entities->getRepository(Swap::class)->findBy(['home' => $home]), static fn(Swap $swap): bool => null !== $swap->closedAt()),
        ), true);
        $role = $reader->roleIn($home->id());
        $answers = array_map(static fn(Entry $entry): EntryAnswer => new EntryAnswer(
            $entry->id,
            $entry->at->format(\DATE_ATOM),
            $entry->by,
            $entry->sentence,
            null !== $entry->takenBackBy,
            null === $entry->takenBackBy && !isset($closed[$entry->swap ?? '']) && (
                Role::Stylist === $role
                || (Role::Helper === $role && $entry->person === $reader->id())
            ),
        ), \array_slice($entries, 0, self::WINDOW));
        $people = $this->entries->people($home->id());

        return new JournalAnswer(
            $answers,
            \count($entries) > self::WINDOW,
            array_map(static fn(string|int $id, string $name): WriterAnswer => new WriterAnswer((string) $id, $name), array_keys($people), $people),
        );
    }
}
