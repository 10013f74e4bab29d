<?php

declare(strict_types=1);

namespace App\Sqlite;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** Puts a copy back while the application runs. The database as it was is kept beside it. */
#[AsCommand('app:restore', 'Puts a checked copy of the database in place; what was there is kept beside it.')]
final class RestoreCommand extends Command
{
    public function __construct(private readonly DatabaseFile $database)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'A file written by app:backup.');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $file = (string) $input->getArgument('file');
        try {
            $kept = $this->database->replaceBy($file);
        } catch (UnsoundCopy $fault) {
            $output->writeln(sprintf('<error>%s was not put back: %s. Nothing was changed.</error>', $file, $fault->getMessage()));

            return self::FAILURE;
        }
        $output->writeln(sprintf('Put back %s. What was there before is kept as %s.', $file, $kept));

        return self::SUCCESS;
    }
}
