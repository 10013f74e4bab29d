<?php

declare(strict_types=1);

namespace App\Entity;

use Doctrine\ORM\Mapping as ORM;

/** A key a device sent with a tick; the same key again changes nothing (a phone that repeats what it sent without a signal). */
#[ORM\Entity]
class UsedKey
{
    #[ORM\Id]
    #[ORM\Column(name: 'used_key', length: 120)]
    private string $key;

    public function __construct(
        Home $home,
        string $key,
        #[ORM\Column]
        private \DateTimeImmutable $at,
    ) {
        $this->key = self::scoped($home, $key);
    }

    public static function scoped(Home $home, string $key): string
    {
        return $home->id() . ':' . $key;
    }

    public function at(): \DateTimeImmutable
    {
        return $this->at;
    }
}
