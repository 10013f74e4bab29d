<?php

declare(strict_types=1);

namespace App\Command;

use App\Demo\BenchHome;
use App\Demo\BenchVisitor;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** Measures the busiest answers and acts as a browser would ask for them, beside one that only knows who asks. */
#[AsCommand('app:bench:http', 'Measures answers and acts of a running server over HTTP.')]
final class BenchHttpCommand extends Command
{
    private const RUNS = 15;

    protected function configure(): void
    {
        $this->addArgument('url', InputArgument::REQUIRED, 'Of the server')
            ->addArgument('email', InputArgument::OPTIONAL, 'Who asks', BenchHome::EMAIL)
            ->addArgument('password', InputArgument::OPTIONAL, '', BenchHome::PASSWORD);
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $visitor = new BenchVisitor((string) $input->getArgument('url'));
        $visitor->signIn((string) $input->getArgument('email'), (string) $input->getArgument('password'));
        [$home, $swap, $spot] = $visitor->whereToLook();
        $path = "/api/homes/{$home}/swaps/{$swap}";
        $output->writeln('| over HTTP | median ms | slowest ms |');
        $output->writeln('| --- | ---: | ---: |');
        $moves = 0;
        foreach ([
            'Who only signs in' => static fn(): array => $visitor->ask('GET', '/api/me'),
            'A window of the table' => static fn(): array => $visitor->ask('GET', "{$path}/table"),
            'The rooms' => static fn(): array => $visitor->ask('GET', "{$path}/spots"),
            'A spot with its coach' => static fn(): array => $visitor->ask('GET', "{$path}/spots/{$spot}"),
            'Who could stand there' => static fn(): array => $visitor->ask('GET', "{$path}/spots/{$spot}/candidates"),
            'What would better it' => static fn(): array => $visitor->ask('GET', "{$path}/spots/{$spot}/remedies"),
            'A piece moved on it' => static function () use ($visitor, $path, $spot, &$moves): array {
                return $visitor->movePieceOf($path, $spot, ++$moves);
            },
            'That taken back' => static fn(): array => $visitor->ask('POST', "/api/homes/{$home}/undo"),
            'The stations' => static fn(): array => $visitor->ask('GET', "{$path}/stations"),
            'The day' => static fn(): array => $visitor->ask('GET', "{$path}/day"),
            'A search' => static fn(): array => $visitor->ask('GET', "/api/homes/{$home}/search?q=" . rawurlencode('brass under 10 in')),
        ] as $name => $ask) {
            $times = [];
            for ($run = 0; $run < self::RUNS; ++$run) {
                $ask();
                $times[] = $visitor->took();
            }
            sort($times);
            $output->writeln(sprintf('| %s | %.0f | %.0f |', $name, $times[intdiv(self::RUNS, 2)], $times[self::RUNS - 1]));
        }

        return self::SUCCESS;
    }
}
