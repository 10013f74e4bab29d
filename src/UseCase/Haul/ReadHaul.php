<?php

declare(strict_types=1);

namespace App\UseCase\Haul;

use App\Entity\HaulLine;
use App\Entity\Need;
use App\Entity\Swap;
use App\UseCase\Plan\SwapReader;
use App\UseCase\Rooms\Availability;
use App\View\Haul\AnswerView;
use App\View\Haul\HaulView;
use App\View\Haul\LineView;
use App\View\Haul\NeedAnswersView;
use App\View\Haul\NeedView;
use App\View\Haul\PurseView;
use BrightCupboard\Core\Draft\NeedAnswers;
use BrightCupboard\Core\Money\Purse;
use BrightCupboard\Core\Money\PurseLine;
use Doctrine\ORM\EntityManagerInterface;

/** What is missing with the home's own answers, what is to come in, and the purse. */
final readonly class ReadHaul
{
    private const ANSWERS = 5;

    public function __construct(private SwapReader $read, private Availability $availability, private EntityManagerInterface $entities) {}

    public function __invoke(Swap $swap): HaulView
    {
        $needs = $this->entities->getRepository(Need::class)->findBy(['swap' => $swap, 'removedAt' => null], ['id' => 'ASC']);
        $available = [] === $needs ? [] : $this->availability->of(($this->read)($swap), true);
        $finder = new NeedAnswers($swap->home()->lengths());
        $views = [];
        foreach ($needs as $need) {
            $answers = null === $need->filledBy() ? $finder->find($need->wanted(), $need->spot()->measures(), $available, self::ANSWERS) : [];
            $views[] = new NeedAnswersView(NeedView::of($need), array_map(AnswerView::of(...), $answers));
        }

        return new HaulView($views, array_map(LineView::of(...), $this->lines($swap)), PurseView::of($this->purse($swap)));
    }

    public function purse(Swap $swap, ?PurseLine $tried = null, ?string $instead = null): Purse
    {
        $lines = array_map(static fn(HaulLine $line): PurseLine => $line->purseLine(), array_values(array_filter($this->lines($swap), static fn(HaulLine $line): bool => $line->id() !== $instead)));

        return new Purse($swap->budget(), $swap->giftCard(), null === $tried ? $lines : [...$lines, $tried], $swap->home()->giftMoney());
    }

    /** @return list<HaulLine> */
    private function lines(Swap $swap): array
    {
        return array_values($this->entities->getRepository(HaulLine::class)->findBy(['swap' => $swap], ['id' => 'ASC']));
    }
}
