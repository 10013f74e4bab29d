<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Entity\Home;
use App\Entity\Tote;
use App\Http\Body;
use App\Http\InvalidInput;
use App\Repository\HouseRepository;
use App\Totes\KeepTote;
use App\Totes\ToteInput;
use BrightCupboard\Core\Intake\TableOf;
use BrightCupboard\Core\Stock\Condition;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Totes from a table; a code that is in use stays with the tote it has. */
#[AsController]
final readonly class TakeTotes
{
    public function __construct(private TakeList $take, private KeepTote $keep, private HouseRepository $house) {}

    #[Route('/api/homes/{home}/totes/table', methods: ['POST'])]
    public function __invoke(Home $home, #[Body] ListFileInput $input): ListReadAnswer
    {
        $there = [];
        foreach ($this->house->totes($home) as $tote) {
            $there[mb_strtolower($tote->code())] = sprintf('Tote %s, %s', $tote->code(), $tote->place());
        }

        return ($this->take)(
            $input,
            TableOf::Totes,
            static fn(array $cells): string => $there[mb_strtolower(trim($cells['code'] ?? ''))] ?? '',
            static fn(array $cells): ToteInput => new ToteInput(
                $cells['code'] ?? '',
                $cells['place'] ?? '',
                $cells['width'] ?? '',
                $cells['depth'] ?? '',
                $cells['height'] ?? '',
                self::conditions($cells['conditions'] ?? ''),
                $cells['most weight'] ?? '',
            ),
            function (ToteInput $tote) use ($home): array {
                $kept = ($this->keep)($home, null, $tote);

                return [
                    'id' => $kept->id,
                    'detail' => implode(
                        ', ',
                        [
                            $kept->place,
                            sprintf('%s × %s × %s', $tote->width, $tote->depth, $tote->height),
                            ...array_map(static fn(Condition $one): string => $one->value, $kept->conditions),
                        ],
                    ),
                ];
            },
        );
    }

    /** @return list<Condition> */
    private static function conditions(string $cell): array
    {
        $conditions = [];
        foreach (array_filter(
            array_map(trim(...), explode(',', mb_strtolower($cell))),
            static fn(string $word): bool => !\in_array($word, ['', 'none', 'no'], true),
        ) as $word) {
            $conditions[] = Condition::tryFrom($word) ?? throw InvalidInput::at(
                'conditions',
                sprintf('“%s” is not a condition: write heat, damp or light.', $word),
            );
        }

        return $conditions;
    }
}
