<?php

declare(strict_types=1);

namespace App\Tests;

use App\Entity\Spot;
use App\Entity\Swap;
use App\Rooms\Availability;
use App\Rooms\Dressings;
use App\Swaps\Plans;
use App\Swaps\SwapState;
use App\Tests\Support\AppTestCase;
use BrightCupboard\Core\Draft\Available;
use Doctrine\ORM\EntityManagerInterface;
use PHPUnit\Framework\Attributes\TestWith;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A plan that was read only as far as pieces are planned in it says of every spot what the whole plan says. */
final class PlannedTest extends AppTestCase
{
    #[TestWith([1])]
    #[TestWith([2])]
    #[TestWith([3])]
    public function testEverySpotIsTheSameByBothReadings(int $seed): void
    {
        $this->signIn();
        $random = new Randomizer(new Mt19937($seed));
        $pieces = $this->db()->fetchFirstColumn('SELECT p.id FROM piece p JOIN home h ON h.id = p.home_id WHERE p.removed_at IS NULL '
            . 'AND h.name = ? ORDER BY p.id', ['Ferry House']);
        $spots = $this->db()->fetchFirstColumn('SELECT s.id FROM spot s JOIN room r ON r.id = s.room_id JOIN home h ON h.id = r.home_id '
            . 'WHERE h.name = ? ORDER BY s.id', ['Ferry House']);
        $placed = 0;
        for ($i = 0; $i < 50; ++$i) {
            $this->call('POST', $this->swap() . '/placements', [
                'piece' => $pieces[$random->getInt(0, \count($pieces) - 1)], 'spot' => $spots[$random->getInt(0, \count($spots) - 1)],
                'count' => $random->getInt(1, 3),
                'left' => null, 'layer' => null, 'raise' => 0,
            ]);
            $placed += 201 === $this->code() ? 1 : 0;
        }
        self::assertGreaterThan(5, $placed);
        [$plans, $dressings, $entities] = [$this->service(Plans::class), $this->service(Dressings::class), $this->service(EntityManagerInterface::class)];
        $swap = $entities->find(Swap::class, basename($this->swap())) ?? throw new \LogicException('The swap is there.');
        [$whole, $planned] = [$plans->of($swap), $plans->ofPlanned($swap)];

        self::assertLessThan(\count($whole->plan->stock), \count($planned->plan->stock), 'less was read');
        foreach ($spots as $id) {
            $spot = $entities->find(Spot::class, $id) ?? throw new \LogicException('The spot is there.');
            self::assertEquals($dressings->answer($whole, $spot), $dressings->answer($planned, $spot), $spot->name());
        }
        $availability = $this->service(Availability::class);
        foreach ([null, ...\array_slice($spots, 0, 5)] as $id) {
            $spot = null === $id ? null : $entities->find(Spot::class, $id)?->measures();
            $offers = static function (SwapState $state) use ($availability, $spot): array {
                $goes = static fn(Available $one): bool => null === $spot || null !== $spot->postureOf($one->piece->kind);
                $offers = [];
                foreach (array_filter($availability->of($state, false), $goes) as $one) {
                    $offers[$one->piece->id] = $one;
                }
                ksort($offers);

                return $offers;
            };
            self::assertEquals($offers($whole), $offers($plans->ofOpen($swap, $spot)), 'as much can be offered' . (null === $spot ? '' : ' at ' . $spot->name));
        }
        foreach (array_keys($planned->plan->stock) as $piece) {
            self::assertSame($whole->plan->free($piece), $planned->plan->free($piece));
            self::assertEquals($whole->decisions[$piece] ?? null, $planned->decisions[$piece] ?? null);
        }
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return T
     */
    private function service(string $class): object
    {
        $service = self::getContainer()->get($class);

        return $service instanceof $class ? $service : throw new \LogicException('There is no such service.');
    }
}
