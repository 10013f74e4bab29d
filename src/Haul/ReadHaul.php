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
        $state = [] === $needs ? null : $this->plans->of($swap);
        $available = null === $state ? [] : $this->availability->of($state, true);
        $finder = new NeedAnswers($swap->home()->lengths());
        $views = [];
        foreach ($needs as $need) {
            $spot = $state?->plan->spots[$need->spot()->id()] ?? $need->spot()->measures();
            $answers = null === $need->filledBy() ? $finder->find($need->wanted(), $spot, $available, self::ANSWERS) : [];
            $views[] = new ReuseAnswer(NeedAnswer::of($need), array_map(OwnedForNeedAnswer::of(...), $answers));
        }

        $lines = $this->lines($swap);

        return new HaulAnswer(
            $views,
            array_map(LineAnswer::of(...), $lines),
            array_map(FoundDamageAnswer::of(...), $this->damages->unansweredFor($swap)),
            PurseAnswer::of(self::purseOf($swap, $lines)),
        );
    }

    public function purse(Swap $swap, ?PurseLine $tried = null, ?string $instead = null): Purse
    {
        return self::purseOf($swap, array_values(array_filter($this->lines($swap), static fn(HaulLine $line): bool => $line->id() !== $instead)), $tried);
    }

    /** @param list<HaulLine> $lines */
    private static function purseOf(Swap $swap, array $lines, ?PurseLine $tried = null): Purse
    {
        $lines = array_map(static fn(HaulLine $line): PurseLine => $line->purseLine(), $lines);

        return new Purse($swap->budget(), $swap->giftCard(), null === $tried ? $lines : [...$lines, $tried], $swap->home()->giftMoney());
    }

    /** @return list<HaulLine> */
    private function lines(Swap $swap): array
    {
        return array_values($this->entities->getRepository(HaulLine::class)->findBy(['swap' => $swap], ['id' => 'ASC']));
    }
}
