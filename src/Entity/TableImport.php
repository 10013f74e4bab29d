<?php

declare(strict_types=1);

namespace App\Entity;

use Doctrine\ORM\Mapping as ORM;

/** A table of pieces that was read and looked through, and how far it has been taken in. */
#[ORM\Entity]
class TableImport implements OfHome
{
    use Identified;

    /** Rows taken in, left out or refused so far, from the top. */
    #[ORM\Column]
    private int $done = 0;
    /** @var array<int, string> column => field, where somebody knew better than its heading */
    #[ORM\Column(options: ['default' => '[]'])]
    private array $columns = [];
    /** @var list<array{line: int|null, field: string, said: string, cell: string}> what was put right: a cell of one row, or of all rows that say the same */
    #[ORM\Column(options: ['default' => '[]'])]
    private array $mends = [];
    /** @var list<string> ids of the pieces it made */
    #[ORM\Column]
    private array $made = [];

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false)]
        private Home $home,
        #[ORM\Column(type: 'text')]
        private string $text,
        /** A letter a row; see App\Intake\RowVerdict. */
        #[ORM\Column(type: 'text')]
        private string $verdicts,
        #[ORM\Column]
        private \DateTimeImmutable $at,
    ) {
        $this->identify();
    }

    /** @param list<string> $made ids */
    public function advance(int $done, array $made): void
    {
        $this->done = $done;
        $this->made = [...$this->made, ...$made];
    }

    /**
     * @param array<int, string>                                                     $columns
     * @param list<array{line: int|null, field: string, said: string, cell: string}> $mends
     */
    public function mend(array $columns, array $mends): void
    {
        [$this->columns, $this->mends] = [$columns, $mends];
    }

    public function judge(string $verdicts): void
    {
        $this->verdicts = $verdicts;
    }

    /** @return array<int, string> */
    public function columns(): array
    {
        return $this->columns;
    }

    /** @return list<array{line: int|null, field: string, said: string, cell: string}> */
    public function mends(): array
    {
        return $this->mends;
    }

    public function text(): string
    {
        return $this->text;
    }

    public function verdicts(): string
    {
        return $this->verdicts;
    }

    public function done(): int
    {
        return $this->done;
    }

    /** @return list<string> */
    public function made(): array
    {
        return $this->made;
    }

    public function home(): Home
    {
        return $this->home;
    }

    public function at(): \DateTimeImmutable
    {
        return $this->at;
    }
}
