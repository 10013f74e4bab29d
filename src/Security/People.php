<?php

declare(strict_types=1);

namespace App\Security;

use App\Entity\Person;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Security\Core\Exception\UnsupportedUserException;
use Symfony\Component\Security\Core\Exception\UserNotFoundException;
use Symfony\Component\Security\Core\User\UserInterface;
use Symfony\Component\Security\Core\User\UserProviderInterface;

/**
 * Who is asking, with the homes they belong to, in one statement: every request needs both.
 *
 * @implements UserProviderInterface<Person>
 */
final readonly class People implements UserProviderInterface
{
    public function __construct(private EntityManagerInterface $entities) {}

    public function loadUserByIdentifier(string $identifier): Person
    {
        return $this->one('p.email = :value', $identifier);
    }

    public function refreshUser(UserInterface $user): Person
    {
        return $user instanceof Person ? $this->one('p.id = :value', $user->id()) : throw new UnsupportedUserException('Only people sign in.');
    }

    public function supportsClass(string $class): bool
    {
        return Person::class === $class;
    }

    private function one(string $condition, string $value): Person
    {
        $person = $this->entities->createQuery('SELECT p, m, h FROM App\Entity\Person p LEFT JOIN p.memberships m LEFT JOIN m.home h WHERE ' . $condition)
            ->setParameter('value', $value)->getOneOrNullResult();

        return $person instanceof Person ? $person : throw new UserNotFoundException('Nobody is known by that.');
    }
}
