<?php

declare(strict_types=1);

namespace App\Workbench;

use App\Entity\KeptSum;
use App\Workbench\Words\SumWords;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Sizing\Sums;

/** A sum that was kept by name, what it came to then and what was really used. */
final readonly class KeptSumAnswer
{
    /**
     * @param list<SumValueAnswer> $given
     * @param list<string>         $said
     * @param string|null          $reckoned without what went on top; null when nothing is used up
     * @param int|null             $more     percent more used than reckoned
     */
    private function __construct(
        public string $id,
        public Sums $sum,
        public string $name,
        public array $given,
        public array $said,
        public ?string $reckoned,
        public ?string $used,
        public ?int $more,
        public ?string $swap,
        public ?string $spot,
        public string $keptOn,
        public bool $isOpen,
        public int $version,
    ) {}

    public static function of(KeptSum $kept): self
    {
        $words = new SumWords($kept->home());
        // What it took is known now: next time that goes on top, not what went on top then.
        $given = array_filter($kept->given(), static fn(array $value): bool => 'allowance' !== $value['name'] || null === $kept->used());
        $amount = static fn(?int $amount): ?string => null === $amount ? null : $words->value($kept->isLength() ? Length::ofTenths($amount) : $amount);

        return new self(
            $kept->id(),
            $kept->sum(),
            $kept->name(),
            array_map(static fn(array $value): SumValueAnswer => new SumValueAnswer($value['name'], $value['text']), array_values($given)),
            $kept->said(),
            $amount($kept->reckoned()),
            $amount($kept->used()),
            $kept->morePercent(),
            $kept->swap()?->id(),
            $kept->spot()?->id(),
            $kept->keptAt()->format('Y-m-d'),
            null === $kept->swap()?->closedAt(),
            $kept->version(),
        );
    }
}
