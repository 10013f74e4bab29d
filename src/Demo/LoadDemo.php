<?php

declare(strict_types=1);

namespace App\Demo;

use App\Entity\Person;
use App\Entity\Role;
use App\Security\DemoSignIn;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Component\PasswordHasher\Hasher\UserPasswordHasherInterface;

/** Loads the invented homes into an empty database. */
final readonly class LoadDemo
{
    public function __construct(
        private EntityManagerInterface $entities,
        private UserPasswordHasherInterface $passwords,
        private DemoSwap $swap,
        private DemoSums $sums,
        private ClockInterface $clock,
        private string $projectDir,
    ) {}

    /** False when there are people already, so that nothing is ever loaded twice. */
    public function __invoke(): bool
    {
        if (null !== $this->entities->getRepository(Person::class)->findOneBy([])) {
            return false;
        }
        $stylist = $this->person(DemoSignIn::EMAIL, 'Orla');
        $helper = $this->person('helper@ferry-house.example', 'Bram');
        foreach (['ferry-house', 'orchard-flat'] as $folder) {
            $files = new DemoFiles($this->projectDir . '/demo/' . $folder);
            $home = new DemoHome($this->entities, $files, $this->clock->now()->setTime(0, 0), $stylist->name());
            $stored = $home->store();
            $this->entities->persist($stylist->join($stored, Role::Stylist));
            if ('ferry-house' === $folder) {
                $this->entities->persist($helper->join($stored, Role::Helper));
            }
            $this->entities->flush();
            $this->swap->store($stored, $home, $files, $stylist, $this->clock->now()->setTime(0, 0));
            $this->sums->store($stored, $home, $files->house());
        }
        $this->entities->flush();

        return true;
    }

    private function person(string $email, string $name): Person
    {
        $person = new Person($email, $name);
        $person->keepPassword($this->passwords->hashPassword($person, DemoSignIn::PASSWORD));
        $this->entities->persist($person);

        return $person;
    }
}
