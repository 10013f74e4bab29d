<?php

declare(strict_types=1);

namespace App\Workbench;

use App\Entity\Home;
use App\Entity\KeptSum;
use App\Entity\Spot;
use App\Entity\Swap;
use BrightCupboard\Core\Sizing\Sums;
use Doctrine\ORM\EntityManagerInterface;

/** The sums a home has kept, and what they teach. */
final readonly class KeptSums
{
    private const SHOWN = 200;

    public function __construct(private EntityManagerInterface $entities) {}

    /** @return list<KeptSum> newest first */
    public function of(Home $home): array
    {
        return array_values($this->entities->getRepository(KeptSum::class)->findBy(['home' => $home, 'removedAt' => null], ['id' => 'DESC'], self::SHOWN));
    }

    public function count(Home $home): int
    {
        return $this->entities->getRepository(KeptSum::class)->count(['home' => $home, 'removedAt' => null]);
    }

    /** @return list<SumOfDay> of a swap, oldest first */
    public function ofSwap(Swap $swap): array
    {
        /** @var list<array{string, int, string, string, string, string|null}> $rows */
        $rows = $this->entities->getConnection()->fetchAllNumeric(
            'SELECT id, version, name, sum, given, spot_id FROM kept_sum WHERE swap_id = ? AND removed_at IS NULL ORDER BY id',
            [$swap->id()],
        );

        return array_map(static function (array $row): SumOfDay {
            [$id, $version, $name, $sum, $given, $spot] = $row;
            /** @var list<array{name: string, text: string}> $values */
            $values = json_decode($given, true, 8, \JSON_THROW_ON_ERROR);

            return new SumOfDay(
                $id,
                $version,
                $name,
                Sums::from($sum),
                array_map(static fn(array $value): SumValueInput => new SumValueInput($value['name'], $value['text']), $values),
                $spot,
            );
        }, $rows);
    }

    /**
     * The last one of a kind, that of the same spot before others.
     *
     * @param list<KeptSum> $kept newest first
     */
    public static function last(array $kept, Sums $sum, ?Spot $spot, bool $withUsed): ?KeptSum
    {
        $fit = array_values(array_filter($kept, static fn(KeptSum $one): bool => $one->sum() === $sum && (!$withUsed || null !== $one->morePercent())));
        foreach ($fit as $one) {
            if (null !== $spot && $one->spot() === $spot) {
                return $one;
            }
        }

        return $fit[0] ?? null;
    }
}
