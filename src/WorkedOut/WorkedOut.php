<?php

declare(strict_types=1);

namespace App\WorkedOut;

use Psr\Cache\CacheItemPoolInterface;

/** What takes long to work out and depends on nothing but what it is made from: kept until that is otherwise. */
final readonly class WorkedOut
{
    private const KEPT_SECONDS = 90 * 86_400;

    public function __construct(private CacheItemPoolInterface $pool) {}

    /**
     * @template T
     *
     * @param string        $of   what it is of; only the last one is kept of each, so that they do not pile up
     * @param mixed         $from all that decides how it comes out
     * @param callable(): T $make
     *
     * @return T
     */
    public function get(string $of, mixed $from, callable $make): mixed
    {
        $made = hash('xxh128', serialize($from));
        $item = $this->pool->getItem(hash('xxh128', $of));
        $kept = $item->get();
        if (\is_array($kept) && $made === ($kept['from'] ?? null)) {
            return $kept['is'];
        }
        $is = $make();
        $this->pool->save($item->set(['from' => $made, 'is' => $is])->expiresAfter(self::KEPT_SECONDS));

        return $is;
    }
}
