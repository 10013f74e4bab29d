<?php

declare(strict_types=1);

namespace App\Command;

use App\Http\OpenApi\ApiDescription;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('app:openapi', 'Writes the description of the API to standard output.')]
final class OpenApiCommand extends Command
{
    public function __construct(private readonly ApiDescription $description)
    {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $output->writeln($this->description->json(), OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }
}
