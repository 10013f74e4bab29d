<?php

declare(strict_types=1);

namespace App\Cupboard;

use App\Entity\Loan;
use App\Entity\Piece;
use App\Http\Fields;
use App\Repository\LoanRepository;
use BrightCupboard\Core\Measure\DayText;
use BrightCupboard\Core\Stock\Move;
use BrightCupboard\Core\Stock\PlaceKind;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;

/** Writes down who has what until when as units are lent, and takes it off as they come back. */
final readonly class KeepLoans
{
    public function __construct(private EntityManagerInterface $entities, private LoanRepository $loans, private ClockInterface $clock) {}

    public function __invoke(Piece $piece, Move $move, MoveInput $input): void
    {
        if (PlaceKind::Lent === $move->to->kind) {
            $this->entities->persist(new Loan($piece, $move->count, trim($input->lentTo), $this->until($input->lentUntil), $this->clock->now()->setTime(0, 0)));
        }
        if (PlaceKind::Lent === $move->from->kind) {
            $left = $move->count;
            foreach ($this->loans->openOf($piece) as $loan) {
                $left -= $loan->back($left);
            }
        }
    }

    private function until(string $text): ?\DateTimeImmutable
    {
        if ('' === trim($text)) {
            return null;
        }
        $fields = new Fields();
        $day = $fields->read('lentUntil', static fn(): \DateTimeImmutable => DayText::read($text), null);
        $fields->complete();

        return $day;
    }
}
