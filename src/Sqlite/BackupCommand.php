<?php

declare(strict_types=1);

namespace App\Sqlite;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** An online copy of the database, taken while it is in use and checked before it counts. */
#[AsCommand('app:backup', 'Copies the database to a file while it is in use, and checks the copy.')]
final class BackupCommand extends Command
{
    public function __construct(private readonly DatabaseFile $database)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'The file to write; it must not exist yet.');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $file = (string) $input->getArgument('file');
        if (file_exists($file)) {
            $output->writeln(sprintf('<error>%s is there already. Choose another name.</error>', $file));

            return self::FAILURE;
        }
        try {
            $this->database->copyTo($file);
        } catch (UnsoundCopy $fault) {
            $output->writeln(sprintf('<error>%s was not written: %s. Nothing is left of it.</error>', $file, $fault->getMessage()));

            return self::FAILURE;
        }
        $output->writeln(sprintf('Copied to %s, %s kB, checked.', $file, number_format((int) filesize($file) / 1024)));

        return self::SUCCESS;
    }
}
