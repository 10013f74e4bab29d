<?php

declare(strict_types=1);

namespace App\Entity;

use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Security\Core\User\PasswordAuthenticatedUserInterface;
use Symfony\Component\Security\Core\User\UserInterface;

/** Someone who can sign in. */
#[ORM\Entity]
class Person implements UserInterface, PasswordAuthenticatedUserInterface
{
    use Identified;

    #[ORM\Column]
    private string $passwordHash = '';

    /** @var Collection<int, Membership> */
    #[ORM\OneToMany(targetEntity: Membership::class, mappedBy: 'person', cascade: ['persist'])]
    private Collection $memberships;

    public function __construct(
        #[ORM\Column(length: 180, unique: true)]
        private string $email,
        #[ORM\Column(length: 80)]
        private string $name,
    ) {
        $this->identify();
        $this->memberships = new ArrayCollection();
    }

    public function keepPassword(string $hash): void
    {
        $this->passwordHash = $hash;
    }

    public function join(Home $home, Role $role): Membership
    {
        $membership = new Membership($this, $home, $role);
        $this->memberships->add($membership);

        return $membership;
    }

    public function name(): string
    {
        return $this->name;
    }

    /** @return list<Membership> by name of the home */
    public function memberships(): array
    {
        $memberships = array_values($this->memberships->toArray());
        usort($memberships, static fn(Membership $a, Membership $b): int => [$a->home()->name(), $a->home()->id()] <=> [$b->home()->name(), $b->home()->id()]);

        return $memberships;
    }

    public function roleIn(string $homeId): ?Role
    {
        foreach ($this->memberships as $membership) {
            if ($membership->home()->id() === $homeId) {
                return $membership->role();
            }
        }

        return null;
    }

    public function getUserIdentifier(): string
    {
        return '' === $this->email ? throw new \LogicException('A person has an e-mail address.') : $this->email;
    }

    public function getRoles(): array
    {
        return ['ROLE_USER'];
    }

    public function getPassword(): string
    {
        return $this->passwordHash;
    }

    public function eraseCredentials(): void {}

    /**
     * What a session remembers of who is signed in: enough to know them again and to notice another password, neither its hash nor their
     * homes, so that it is as long at every request and nothing of it is cut off when a server is killed while it writes.
     *
     * @return array{id: string, email: string, password: string}
     */
    public function __serialize(): array
    {
        return ['id' => $this->id(), 'email' => $this->email, 'password' => hash('crc32c', $this->passwordHash)];
    }

    /** @param array<string, mixed> $data of an older session it knows nobody, who signs in again */
    public function __unserialize(array $data): void
    {
        $text = static fn(string $of): string => \is_string($data[$of] ?? null) ? $data[$of] : '-';
        [$this->id, $this->email, $this->passwordHash] = [$text('id'), $text('email'), $text('password')];
        [$this->name, $this->memberships] = ['', new ArrayCollection()];
    }
}
