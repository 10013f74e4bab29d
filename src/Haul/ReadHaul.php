<?php

declare(strict_types=1);

namespace App\Haul;

use App\Damage\FoundDamageAnswer;
use App\Damage\ReadDamage;
use App\Entity\HaulLine;
use App\Entity\Need;
use App\Entity\Swap;
use App\Rooms\Availability;
use App\Swaps\Plans;
use BrightCupboard\Core\Draft\NeedAnswers;
use BrightCupboard\Core\Money\Purse;
use BrightCupboard\Core\Money\PurseLine;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** What is missing with the home's own answers, what is to come in, and the purse. */
#[AsController]
final readonly class ReadHaul
{
    private const ANSWERS = 5;

    public function __construct(
        private Plans $plans,
        private Availability $availability,
        private EntityManagerInterface $entities,
        private ReadDamage $damages,
    ) {}

    #[Route('/api/homes/{home}/swaps/{swap}/haul', methods: ['GET'])]
    public function __invoke(Swap $swap): HaulAnswer
    {
        $needs = $this->entities->getRepository(Need::class)->findBy(['swap' => $swap, 'removedAt' => null], ['id' => 'ASC']);
        $available = [] === $needs ? [] : $this->availability->of($this->plans->of($swap), true);
        $finder = new NeedAnswers($swap->home()->lengths());
        $views = [];
        foreach ($needs as $need) {
            $answers = null === $need->filledBy() ? $finder->find($need->wanted(), $need->spot()->measures(), $available, self::ANSWERS) : [];
            $views[] = new ReuseAnswer(NeedAnswer::of($need), array_map(OwnedForNeedAnswer::of(...), $answers));
        }

        return new HaulAnswer(
            $views,
            array_map(LineAnswer::of(...), $this->lines($swap)),
            array_map(FoundDamageAnswer::of(...), $this->damages->unansweredFor($swap)),
            PurseAnswer::of($this->purse($swap)),
        );
    }

    public function purse(Swap $swap, ?PurseLine $tried = null, ?string $instead = null): Purse
    {
        $lines = array_map(
            static fn(HaulLine $line): PurseLine => $line->purseLine(),
            array_values(array_filter($this->lines($swap), static fn(HaulLine $line): bool => $line->id() !== $instead)),
        );

        return new Purse($swap->budget(), $swap->giftCard(), null === $tried ? $lines : [...$lines, $tried], $swap->home()->giftMoney());
    }

    /** @return list<HaulLine> */
    private function lines(Swap $swap): array
    {
        return array_values($this->entities->getRepository(HaulLine::class)->findBy(['swap' => $swap], ['id' => 'ASC']));
    }
}
