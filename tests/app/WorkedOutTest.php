<?php

declare(strict_types=1);

namespace App\Tests;

use App\WorkedOut\RememberedPacking;
use App\WorkedOut\WorkedOut;
use BrightCupboard\Core\Storage\FreshPacking;
use BrightCupboard\Core\Storage\Outings;
use BrightCupboard\Core\Storage\PackingJob;
use BrightCupboard\Tests\Core\Storage\SeededStock;
use BrightCupboard\Tests\Core\Support\Make;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Cache\Adapter\FilesystemAdapter;

/** What was worked out is kept until something of it is otherwise, also by another process. */
final class WorkedOutTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir() . '/bright-cupboard-worked-out-' . bin2hex(random_bytes(5));
    }

    protected function tearDown(): void
    {
        $this->pool()->clear();
    }

    public function testItIsMadeOnceUntilWhatItIsMadeFromIsOtherwise(): void
    {
        $made = 0;
        $get = function (mixed $from, string $of = 'sum') use (&$made): int {
            return (new WorkedOut($this->pool()))->get($of, $from, static function () use (&$made): int {
                return ++$made;
            });
        };

        self::assertSame([1, 1], [$get([3, 4]), $get([3, 4])]);
        self::assertSame(2, $get([3, '4']), 'a word is no number');
        self::assertSame(3, $get([3, 4]), 'only the last one is kept');
        self::assertSame([4, 3], [$get([3, 4], 'another'), $get([3, 4])]);
    }

    public function testWhatIsRememberedIsPackedAsIfItWereNew(): void
    {
        $fresh = new FreshPacking();
        $differ = 0;
        for ($seed = 1; $seed <= 20; ++$seed) {
            $job = $this->job($seed);
            $first = $this->remembered()->totesFor($job);
            self::assertSame($fresh->totesFor($job), $first);
            self::assertSame($first, $this->remembered()->totesFor($this->job($seed)), 'from what another process kept');

            // One piece more than before, twice as large: whatever was kept is of another job.
            [$piece, $units, $own] = $job->pieces[0];
            $larger = Make::piece($piece->id, $piece->kind, 2 * $piece->size->width->inInches(), 2 * $piece->size->height->inInches());
            $other = new PackingJob($job->totes, [], [], $job->outings, [[$larger, $units, $own], ...\array_slice($job->pieces, 1)]);
            self::assertSame($fresh->totesFor($other), $this->remembered()->totesFor($other));
            $differ += $fresh->totesFor($other) === $first ? 0 : 1;
        }
        self::assertGreaterThan(5, $differ);
    }

    private function job(int $seed): PackingJob
    {
        $stock = new SeededStock($seed);

        return new PackingJob($stock->totes, [], [], new Outings(), array_map(static fn(array $one): array => [$one[0], $one[1], null], $stock->stock));
    }

    private function remembered(): RememberedPacking
    {
        return new RememberedPacking(new WorkedOut($this->pool()), 'midwinter');
    }

    private function pool(): FilesystemAdapter
    {
        return new FilesystemAdapter('', 0, $this->folder);
    }
}
