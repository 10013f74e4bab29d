<?php

declare(strict_types=1);

namespace App\Command;

use App\Demo\BenchHome;
use App\Entity\Home;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** Makes the invented home that is measured; apart from measuring, so that its memory is not counted. */
#[AsCommand('app:bench:home', 'Makes a home of thousands of pieces and 60 spots in an empty database; says the ids of its swap and of a dressed spot.')]
final class BenchHomeCommand extends Command
{
    public function __construct(private readonly EntityManagerInterface $entities, private readonly BenchHome $home)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addOption('pieces', null, InputOption::VALUE_REQUIRED, 'How many are owned', '5000');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        if (null !== $this->entities->getRepository(Home::class)->findOneBy([])) {
            $output->writeln('<error>This database is not empty; measure on one of its own (bin/bench does).</error>');

            return self::FAILURE;
        }
        $output->writeln(implode(' ', $this->home->store((int) $input->getOption('pieces'))));

        return self::SUCCESS;
    }
}
