<?php

declare(strict_types=1);

namespace App\Command;

use App\Demo\LoadDemo;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('app:demo', 'Loads the invented homes of demo/ into an empty database.')]
final class LoadDemoCommand extends Command
{
    public function __construct(private readonly LoadDemo $load)
    {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $output->writeln(($this->load)() ? 'Loaded Ferry House and Orchard Flat.' : 'There are people in this database already; nothing was loaded.');

        return self::SUCCESS;
    }
}
