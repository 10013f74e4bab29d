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
        string $key,
        #[ORM\Column]
        private \DateTimeImmutable $at,
    ) {
        $this->key = $key;
    }

    /** The direction belongs to the key: a tick sent again counts once, and never swallows an untick. */
    public static function scoped(Home $home, string $key, bool $done): string
    {
        return $home->id() . ($done ? ':+' : ':-') . $key;
    }

    public function at(): \DateTimeImmutable
    {
        return $this->at;
    }
}
