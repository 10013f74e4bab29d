<?php

declare(strict_types=1);

namespace App\Security;

use Doctrine\DBAL\Connection;
use Psr\Clock\ClockInterface;

/** Who tried to come in and did not, by address and by e-mail; kept for a month, counted for five minutes. */
final readonly class FailedSignIns
{
    private const KEPT = '-30 days';

    public function __construct(private Connection $db, private ClockInterface $clock) {}

    public function add(string $address, string $email): void
    {
        $now = $this->clock->now();
        $this->db->executeStatement('DELETE FROM failed_sign_in WHERE at < ?', [$now->modify(self::KEPT)->format('Y-m-d H:i:s')]);
        $this->db->insert('failed_sign_in', ['at' => $now->format('Y-m-d H:i:s'), 'address' => mb_substr($address, 0, 45), 'email' => self::plain($email)]);
    }

    public function byEmail(string $email, \DateTimeImmutable $since): int
    {
        return $this->count('email', self::plain($email), $since);
    }

    public function byAddress(string $address, \DateTimeImmutable $since): int
    {
        return $this->count('address', mb_substr($address, 0, 45), $since);
    }

    /** Who has come in after all starts anew. */
    public function forgive(string $email): void
    {
        if ($this->byEmail($email, $this->clock->now()->modify(self::KEPT)) > 0) {
            $this->db->delete('failed_sign_in', ['email' => self::plain($email)]);
        }
    }

    private function count(string $column, string $value, \DateTimeImmutable $since): int
    {
        $count = $this->db->fetchOne("SELECT COUNT(*) FROM failed_sign_in WHERE {$column} = ? AND at >= ?", [$value, $since->format('Y-m-d H:i:s')]);

        return \is_numeric($count) ? (int) $count : 0;
    }

    private static function plain(string $email): string
    {
        return mb_substr(mb_strtolower(trim($email)), 0, 180);
    }
}
