<?php

declare(strict_types=1);

namespace App\Workbench;

use App\Entity\Home;
use App\Entity\KeptSum;
use App\Entity\Spot;
use App\Workbench\Words\AskTexts;
use App\Workbench\Words\SumWords;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\Volume;
use BrightCupboard\Core\Measure\Weight;
use BrightCupboard\Core\Sizing\SpotMeasures;
use BrightCupboard\Core\Sizing\Sums;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\Routing\Attribute\Route;

/** The sums with what stands in their fields: the measures of the spot first, then the home's own habits, then what is usual. */
#[AsController]
final readonly class ReadSums
{
    public function __construct(private Reckoning $reckoning, private KeptSums $kept, private SpotThings $things) {}

    #[Route('/api/homes/{home}/sums', methods: ['GET'])]
    public function __invoke(Home $home, #[MapQueryParameter] ?string $swap = null, #[MapQueryParameter] ?string $spot = null): WorkbenchAnswer
    {
        $words = new SumWords($home);
        $kept = $this->kept->of($home);
        $at = $this->reckoning->spot($home, $spot);
        $found = null === $at ? new SpotThingsFound([], []) : $this->things->of($at, $this->reckoning->swap($home, $swap));
        $measures = null === $at ? [] : [...SpotMeasures::of($at->measures()), ...$found->values];
        $sums = null === $at ? Sums::cases() : Sums::at($at->measures()->kind);

        return new WorkbenchAnswer(
            array_map(fn(Sums $sum): SumAnswer => $this->sum($home, $sum, $at, $kept, $measures, $words), $sums),
            array_map(KeptSumAnswer::of(...), $kept),
            $found->said,
        );
    }

    /**
     * @param list<KeptSum>                              $kept
     * @param array<string, Length|Weight|Volume|float|string> $measures
     */
    private function sum(Home $home, Sums $sum, ?Spot $spot, array $kept, array $measures, SumWords $words): SumAnswer
    {
        $habits = array_column(KeptSums::last($kept, $sum, $spot, false)?->given() ?? [], 'text', 'name');
        $last = KeptSums::last($kept, $sum, $spot, true);
        $asks = [];
        foreach ($sum->sum()->asks() as $ask) {
            $asks[] = AskAnswer::of($ask, match (true) {
                isset($measures[$ask->name]) => $words->field($measures[$ask->name]),
                'allowance' === $ask->name => (string) ($last?->morePercent() ?? 0),
                isset($habits[$ask->name]) && !$ask->isOfThePlace && !$ask->isAlone => $habits[$ask->name],
                default => $words->field($ask->preset($home->unit())),
            });
        }
        [$name, $about] = AskTexts::SUMS[$sum->value];

        return new SumAnswer($sum, $name, $about, $asks, null === $last ? null : self::learned($last));
    }

    private static function learned(KeptSum $last): string
    {
        $more = $last->morePercent() ?? 0;
        $where = $last->name() . (null === $last->swap() ? '' : ', ' . $last->swap()->name());

        return match (true) {
            0 === $more => sprintf('Last time exactly what was reckoned (%s).', $where),
            0 < $more => sprintf('Last time %d %% more than reckoned (%s): so much is on top now.', $more, $where),
            default => sprintf('Last time %d %% less than reckoned (%s): so much is taken off now.', -$more, $where),
        };
    }
}
