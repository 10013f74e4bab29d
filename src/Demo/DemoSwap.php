<?php

declare(strict_types=1);

namespace App\Demo;

use App\Entity\Furniture;
use App\Entity\HaulLine;
use App\Entity\HaulWay;
use App\Entity\Home;
use App\Entity\Person;
use App\Entity\Placement;
use App\Entity\Swap;
use App\Floor\FloorPlaceInput;
use App\Floor\PlaceFurniture;
use App\Haul\AdvanceLine;
use App\Haul\KeepLine;
use App\Haul\LineInput;
use App\Haul\LineStateInput;
use App\Haul\NeedInput;
use App\Haul\WriteNeed;
use App\Rooms\PlacementInput;
use App\Rooms\PlacePiece;
use App\Settle\NoteInput;
use App\Settle\WriteNote;
use App\Swaps\BeginSwap;
use App\Swaps\SwapInput;
use App\Table\Decide;
use App\Table\DecisionInput;
use App\Table\DecisionsInput;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Money\LineState;
use BrightCupboard\Core\Money\OfferKind;
use BrightCupboard\Core\Money\Tender;
use BrightCupboard\Core\Plan\Choice;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Stock\Season;
use BrightCupboard\Core\Stock\Texture;
use BrightCupboard\Core\Surface\Layer;
use Doctrine\ORM\EntityManagerInterface;

/** The running swap of a demo home, entered through the use cases as a stylist would enter it. */
final readonly class DemoSwap
{
    public function __construct(
        private EntityManagerInterface $entities,
        private BeginSwap $begin,
        private Decide $decide,
        private PlacePiece $place,
        private WriteNeed $writeNeed,
        private KeepLine $keepLine,
        private AdvanceLine $advance,
        private WriteNote $writeNote,
        private PlaceFurniture $furniture,
    ) {}

    public function store(Home $home, DemoHome $stored, DemoFiles $files, Person $by, \DateTimeImmutable $today): void
    {
        $r = $files->house();
        $day = $today->modify(sprintf('+%d days', $r->whole('running.inDays')));
        $money = static fn(string $path): string => number_format($r->whole($path) / 100, 2, '.', '');
        $view = ($this->begin)(
            $home,
            new SwapInput(
                $r->text('running.name'),
                Season::from($r->text('running.season')),
                $day->format('Y-m-d'),
                $money('running.budget'),
                $money('running.giftCard'),
                $stored->look($r->text('running.look'))->id(),
            ),
        );
        $swap = $this->entities->find(Swap::class, $view->id) ?? throw new \LogicException('A swap that was begun is there.');
        $swap->working()->shareAmong($r->whole('running.people'));
        foreach (['stay' => Choice::Stay, 'rest' => Choice::Rest, 'part' => Choice::Part] as $list => $choice) {
            $decisions = array_map(
                static fn(string $name): DecisionInput => new DecisionInput($stored->pieces()[$name]->id(), $choice, 0),
                $r->texts('running.' . $list),
            );
            if ([] !== $decisions) {
                ($this->decide)($swap, new DecisionsInput($decisions), $by);
            }
        }
        $placed = [];
        foreach ($r->list('running.placed') as $p) {
            $this->place($swap, $stored, $p, $by, isset($placed[$p->text('0')]));
            $placed[$p->text('0')] = true;
        }
        foreach ($r->list('running.furniture') as $one) {
            $furniture = $this->entities->getRepository(Furniture::class)->findOneBy(['name' => $one->text('0')])
                ?? throw new \LogicException('The furniture of the demo is there.');
            $tenths = static fn(string $at): int => $one->whole($at) * Length::TENTHS_PER_INCH;
            ($this->furniture)($swap, $furniture, new FloorPlaceInput($tenths('1'), $tenths('2'), $one->whole('3')));
        }
        $needs = $this->storeNeeds($swap, $stored, $files, $r);
        $this->storeLines($swap, $needs, $files, $r, $by);
        foreach ($r->list('running.notes') as $note) {
            ($this->writeNote)($swap, new NoteInput(($stored->spots()[$note->text('0')] ?? null)?->id(), $note->text('1')), $by);
        }
    }

    private function place(Swap $swap, DemoHome $stored, DemoValues $p, Person $by, bool $isMore): void
    {
        $tenths = static fn(string $at): int => (int) round($p->number($at) * Length::TENTHS_PER_INCH);
        $piece = $stored->pieces()[$p->text('0')];
        foreach ($isMore ? [] : $this->entities->getRepository(Placement::class)->findBy(['swap' => $swap, 'piece' => $piece]) as $stay) {
            $this->entities->remove($stay);
        }
        $this->entities->flush();
        ($this->place)(
            $swap,
            new PlacementInput(
                $piece->id(),
                $stored->spots()[$p->text('1')]->id(),
                $p->whole('2'),
                $tenths('3'),
                Layer::from($p->text('4')),
                $tenths('5'),
                null,
                $p->whole('6'),
                Posture::tryFrom($p->text('7')),
                dips: $p->whole('8'),
            ),
            $by,
        );
    }

    /** @return list<string> ids in the order of the file */
    private function storeNeeds(Swap $swap, DemoHome $stored, DemoFiles $files, DemoValues $r): array
    {
        $ids = [];
        foreach ($r->list('running.needs') as $n) {
            $inches = static fn(string $at): string => $n->isNull($at) ? '' : $n->text($at) . ' in';
            $colour = $n->isNull('6') ? '' : $files->colour($n->text('6'))->hex();
            $ids[] = ($this->writeNeed)(
                $swap,
                new NeedInput(
                    $stored->spots()[$n->text('0')]->id(),
                    $n->text('1'),
                    PieceKind::tryFrom($n->text('2')),
                    $inches('3'),
                    $inches('4'),
                    $inches('5'),
                    $colour,
                    Texture::tryFrom($n->text('7')),
                    $n->whole('8'),
                ),
            )->id;
        }

        return $ids;
    }

    /** @param list<string> $needs */
    private function storeLines(Swap $swap, array $needs, DemoFiles $files, DemoValues $r, Person $by): void
    {
        foreach ($r->list('running.lines') as $l) {
            $input = new LineInput(
                $l->isNull('14') ? null : $needs[$l->whole('14')],
                $l->text('0'),
                HaulWay::from($l->text('1')),
                PieceKind::from($l->text('2')),
                $l->text('3') . ' in',
                $l->text('4') . ' in',
                $files->colour($l->text('5'))->hex(),
                number_format($l->whole('6') / 100, 2, '.', ''),
                OfferKind::from($l->text('7')),
                $l->text('8'),
                $l->whole('9'),
                $l->whole('10'),
                $l->whole('11'),
                Tender::from($l->text('12')),
            );
            $view = ($this->keepLine)($swap, null, $input);
            $line = $this->entities->find(HaulLine::class, $view->id) ?? throw new \LogicException('A line that was written is there.');
            $line->runs($l->number('15') > 0.0 ? Length::ofInches($l->number('15')) : null);
            if (LineState::Wanted !== LineState::from($l->text('13'))) {
                ($this->advance)($line, new LineStateInput(LineState::from($l->text('13')), $view->version), $by);
            }
        }
    }
}
