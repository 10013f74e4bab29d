<?php

declare(strict_types=1);

namespace App\Workbench;

use App\Entity\Home;
use App\Entity\KeptSum;
use App\Entity\Spot;
use App\Workbench\Words\AskTexts;
use App\Workbench\Words\SumWords;
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
            array_map(fn(Sums $sum): SumAnswer => $this->sum($home, $sum, $at, $kept, new SpotThingsFound($measures, $found->said), $words), $sums),
            array_map(KeptSumAnswer::of(...), $kept),
        );
    }

    /** @param list<KeptSum> $kept */
    private function sum(Home $home, Sums $sum, ?Spot $spot, array $kept, SpotThingsFound $found, SumWords $words): SumAnswer
    {
        $habits = array_column(KeptSums::last($kept, $sum, $spot, false)?->given() ?? [], 'text', 'name');
        $last = KeptSums::last($kept, $sum, $spot, true);
        $asks = [];
        foreach ($sum->sum()->asks() as $ask) {
            $asks[] = AskAnswer::of($ask, match (true) {
                isset($found->values[$ask->name]) => $words->field($found->values[$ask->name]),
                'allowance' === $ask->name => (string) ($last?->morePercent() ?? 0),
                isset($habits[$ask->name]) && !$ask->isOfThePlace && !$ask->isAlone => $habits[$ask->name],
                default => $words->field($ask->preset($home->unit())),
            });
        }
        [$name, $about] = AskTexts::SUMS[$sum->value];

        $said = array_intersect_key($found->said, array_fill_keys(array_map(static fn(AskAnswer $ask): string => $ask->name, $asks), true));

        return new SumAnswer($sum, $name, $about, $asks, [...array_values($said), ...(null === $last ? [] : [self::learned($last)])]);
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
