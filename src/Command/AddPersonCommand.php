<?php

declare(strict_types=1);

namespace App\Command;

use App\Entity\Person;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\PasswordHasher\Hasher\UserPasswordHasherInterface;

/** The first stylist of a real installation; they make their homes in the application. */
#[AsCommand('app:person', 'Adds a person who can sign in, and prints a password for them.')]
final class AddPersonCommand extends Command
{
    public function __construct(private readonly EntityManagerInterface $entities, private readonly UserPasswordHasherInterface $passwords)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('email', InputArgument::REQUIRED)->addArgument('name', InputArgument::REQUIRED);
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        [$email, $name] = [(string) $input->getArgument('email'), (string) $input->getArgument('name')];
        if (null !== $this->entities->getRepository(Person::class)->findOneBy(['email' => $email])) {
            $output->writeln(sprintf('<error>%s can sign in already.</error>', $email));

            return self::FAILURE;
        }
        $password = bin2hex(random_bytes(8));
        $person = new Person($email, $name);
        $person->keepPassword($this->passwords->hashPassword($person, $password));
        $this->entities->persist($person);
        $this->entities->flush();
        $output->writeln(sprintf('%s can sign in as %s with the password %s', $name, $email, $password));

        return self::SUCCESS;
    }
}
