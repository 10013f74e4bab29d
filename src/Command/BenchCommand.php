<?php

declare(strict_types=1);

namespace App\Command;

use App\Calendar\ReadCalendar;
use App\Cupboard\ReadPieces;
use App\Cupboard\SearchStock;
use App\Day\BuildDayInput;
use App\Day\BuildDaySheet;
use App\Day\DayAnswer;
use App\Day\TickAnswer;
use App\Day\TickInput;
use App\Day\TickTask;
use App\Demo\BenchTable;
use App\Demo\BenchWork;
use App\Entity\Home;
use App\Entity\Person;
use App\Entity\Placement;
use App\Entity\SheetTask;
use App\Entity\Spot;
use App\Entity\Swap;
use App\Look\AnswerLook;
use App\Look\LookInput;
use App\Look\RibbonInput;
use App\Rooms\ChangePlacement;
use App\Rooms\DressingAnswer;
use App\Rooms\PlacementInput;
use App\Rooms\ReadCandidates;
use App\Rooms\ReadDressing;
use App\Swaps\ReadStations;
use App\Table\ReadTable;
use App\Table\WatchTable;
use App\Workbench\ReckonSum;
use App\Workbench\SumInput;
use App\Workbench\SumValueInput;
use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Look\Ribbon;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\Weight;
use BrightCupboard\Core\Sizing\CuttingPlan;
use BrightCupboard\Core\Sizing\CuttingStock;
use BrightCupboard\Core\Sizing\OwnedPiece;
use BrightCupboard\Core\Sizing\Sums;
use BrightCupboard\Core\Stock\Finish;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Surface\Layer;
use Doctrine\ORM\EntityManagerInterface;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** Measures the answers that must feel immediate, on an invented home of thousands of pieces and 60 spots, in a database of its own. */
#[AsCommand('app:bench', 'Measures the busiest answers on the home that app:bench:home made.')]
final class BenchCommand extends Command
{
    private const RUNS = 15;

    public function __construct(
        private readonly EntityManagerInterface $entities,
        private readonly AnswerLook $answer,
        private readonly ReadTable $table,
        private readonly WatchTable $guards,
        private readonly ReadDressing $dressing,
        private readonly ReadCandidates $candidates,
        private readonly ChangePlacement $move,
        private readonly BuildDaySheet $day,
        private readonly ReadPieces $pieces,
        private readonly ReadStations $stations,
        private readonly SearchStock $search,
        private readonly BenchTable $benchTable,
        private readonly ReckonSum $reckon,
        private readonly TickTask $tick,
        private readonly ReadCalendar $calendar,
        private readonly BenchWork $work,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('swap', InputArgument::REQUIRED, 'Id of the open swap')
            ->addArgument('spot', InputArgument::REQUIRED, 'Id of the spot that is dressed in it')
            ->addOption('table', null, InputOption::VALUE_NONE, 'Only takes a table in, beside what was measured before');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        [$swapId, $spotId] = [(string) $input->getArgument('swap'), (string) $input->getArgument('spot')];
        if (true === $input->getOption('table')) {
            $output->writeln($this->tableTakenIn($this->swap($swapId)->home()));

            return self::SUCCESS;
        }
        foreach ($this->tasks($swapId, $spotId) as $name => $task) {
            $times = [];
            for ($run = 0; $run < self::RUNS; ++$run) {
                $this->entities->clear();
                $start = hrtime(true);
                json_encode($task(), \JSON_THROW_ON_ERROR);
                $times[] = (hrtime(true) - $start) / 1e6;
            }
            sort($times);
            $output->writeln(sprintf('| %s | %.0f | %.0f |', $name, $times[intdiv(self::RUNS, 2)], $times[self::RUNS - 1]));
        }
        $output->writeln(sprintf('| Memory at the most, MB (bar at 20,000: 256) | %d | |', memory_get_peak_usage() / 1e6));

        return self::SUCCESS;
    }

    /** @return array<string, \Closure(): object> */
    private function tasks(string $swapId, string $spotId): array
    {
        $swap = fn(): Swap => $this->swap($swapId);
        $look = static function (Swap $swap): LookInput {
            $l = $swap->look()->look();

            return new LookInput(
                $l->name,
                array_map(static fn(Ribbon $r): RibbonInput => new RibbonInput($r->name, $r->colour->hex(), $r->role, $r->percent), $l->ribbons),
                $l->textures,
                [],
                [],
                [],
                [],
                $l->mood,
                $l->balance,
                $l->colour,
            );
        };

        $spot = fn(): Spot => $this->entities->find(Spot::class, $spotId) ?? throw new \LogicException('The spot is there.');
        $plans = $ticks = $days = $packings = $moves = 0;

        return [
            'Stock answer to a look change' => fn(): object => ($this->answer)($swap(), $look($swap())),
            'A window of 1,000 rows of the table (bar: 60)' => fn(): object => ($this->table)($swap()),
            'What is watched about all of the table' => fn(): object => ($this->guards)($swap()),
            'A window of 1,000 pieces' => fn(): object => ($this->pieces)($swap()->home(), 0, 1000),
            'A spot with its coach (bar: 60)' => fn(): object => ($this->dressing)($swap(), $spot()),
            'Who could stand there (bar: 60)' => fn(): object => ($this->candidates)($swap(), $spot()),
            'A piece moved on it, and answered (bar: 60)' => function () use ($swap, $spot, &$moves): object {
                return $this->moved($swap(), $spot(), ++$moves);
            },
            'Day sheet, worked out again' => fn(): object => $this->dayAgain($swap()),
            'A tick, or one taken back (bar: 40)' => function () use ($swapId, &$ticks): object {
                return $this->tick($swapId, ++$ticks);
            },
            'A day of 1,500 tasks and six people (bar: 1,000)' => function () use (&$days): object {
                return (object) ['finish' => $this->work->day(++$days)->finish];
            },
            'Packing 1,000 units into 120 totes (bar: 1,000)' => function () use (&$packings): object {
                return (object) ['packed' => $this->work->packing(++$packings)];
            },
            'The calendar of a year (bar: 100)' => fn(): object => ($this->calendar)($swap()->home(), 2026),
            'Search: brass under 10 in' => fn(): object => ($this->search)($swap()->home(), 'brass under 10 in'),
            'Search: sage cushion attic' => fn(): object => ($this->search)($swap()->home(), 'sage cushion attic'),
            'Garland for a run of 30 ft (bar: 30)' => fn(): object => ($this->reckon)(
                $swap()->home(),
                Sums::Garland,
                new SumInput([new SumValueInput('run', '30 ft')], $swapId, $spotId)
            ),
            'Ribbon, 60 cuts over 20 part rolls (bar: 300)' => function () use (&$plans): object {
                return $this->cuttingPlan(++$plans);
            },
            'Live figures of the stations' => fn(): object => ($this->stations)($swap()),
        ];
    }

    /** An inch to the right, and back in turn. */
    private function moved(Swap $swap, Spot $spot, int $turn): DressingAnswer
    {
        $placement = $this->entities->getRepository(Placement::class)->findOneBy(['swap' => $swap, 'spot' => $spot], ['id' => 'ASC'])
            ?? throw new \LogicException('The spot is dressed.');
        $input = new PlacementInput(
            $placement->piece()->id(),
            $spot->id(),
            1,
            $placement->left() + (1 === $turn % 2 ? 1 : -1) * Length::TENTHS_PER_INCH,
            Layer::Middle,
            0,
            $placement->version(),
        );

        return ($this->move)($swap, $placement, $input, new Person('bench@long-barn.example', 'Bench'));
    }

    /** What is kept of it the first time is not worked out again: the slowest is that of a plan seen for the first time. */
    private function dayAgain(Swap $swap): DayAnswer
    {
        $answer = ($this->day)($swap, null, new BuildDayInput(2));
        $this->entities->flush();

        return $answer;
    }

    /** The first task of the sheet, done and taken back in turn. */
    private function tick(string $swapId, int $turn): TickAnswer
    {
        $task = $this->entities->getRepository(SheetTask::class)->findOneBy(
            ['swap' => $swapId],
            ['ordinal' => 'ASC'],
        ) ?? throw new \LogicException('The day was worked out before.');

        return ($this->tick)($task, new TickInput(1 === $turn % 2, 'bench' . $turn), new Person('bench@long-barn.example', 'Bench'));
    }

    /** Another plan each run: 60 cuts of a dozen lengths, of a foot to two thirds of a roll, off up to 20 part rolls. */
    private function cuttingPlan(int $seed): CuttingPlan
    {
        $random = new Randomizer(new Mt19937($seed));
        $roll = static fn(int $inches): Piece => new Piece(
            'ribbon',
            'Ribbon',
            PieceKind::Ribbon,
            1,
            PieceKind::Ribbon->facts()->usualSize(),
            Weight::ofGrams(0),
            [new ColourShare(Srgb::ofHex('#B5532A'), 100)],
            [],
            Finish::Plain,
            [],
            [],
            laidOut: Length::ofInches($inches),
        );
        $rolls = array_map(static fn(): OwnedPiece => new OwnedPiece($roll($random->getInt(10, 120)), 1), range(1, 20));
        $lengths = array_map(static fn(): int => $random->getInt(12, 120) * Length::TENTHS_PER_INCH, range(1, 12));
        $cuts = array_map(static fn(): int => $lengths[$random->getInt(0, 11)], range(1, 60));

        return CuttingStock::plan($cuts, $rolls, 180 * Length::TENTHS_PER_INCH);
    }

    private function swap(string $id): Swap
    {
        return $this->entities->find(Swap::class, $id) ?? throw new \LogicException('The swap is there.');
    }

    /** Measured once: it changes what it measures. */
    private function tableTakenIn(Home $home): string
    {
        $file = $this->benchTable->file($home);
        $start = hrtime(true);
        $progress = $this->benchTable->takeIn($home, $file);

        return sprintf(
            '| A table of %d rows, looked through and %d taken in, beside as many owned | %.0f | |',
            $progress->rows,
            $progress->made,
            (hrtime(true) - $start) / 1e6,
        );
    }
}
