<?php

declare(strict_types=1);

namespace App\Tests;

use App\Entity\Home;
use App\Workbench\Words\AskTexts;
use App\Workbench\Words\SaidTexts;
use App\Workbench\Words\SumWords;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\LengthUnit;
use BrightCupboard\Core\Money\Money;
use BrightCupboard\Core\Sizing\Ask;
use BrightCupboard\Core\Sizing\AskKind;
use BrightCupboard\Core\Sizing\Given;
use BrightCupboard\Core\Sizing\InvalidSum;
use BrightCupboard\Core\Sizing\Owned;
use BrightCupboard\Core\Sizing\Said;
use BrightCupboard\Core\Sizing\Sums;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Whatever a sum says has words, in both units: every choice of every sum is taken once, alone and with others at random. */
final class SumWordsTest extends TestCase
{
    private const TRIES = 60;

    /** @return iterable<string, array{Sums, LengthUnit}> */
    public static function sums(): iterable
    {
        foreach (Sums::cases() as $sum) {
            foreach (LengthUnit::cases() as $unit) {
                yield "{$sum->value} in {$unit->value}" => [$sum, $unit];
            }
        }
    }

    #[DataProvider('sums')]
    public function testEveryLineHasWordsInTheUnitOfTheHome(Sums $which, LengthUnit $unit): void
    {
        $words = new SumWords(new Home('Ferry House', $unit));
        mt_srand(3);
        foreach ($this->tries($which->sum()->asks()) as $values) {
            try {
                $answer = $which->sum()->reckon(Given::of($which->sum()->asks(), $values, $unit), new Owned());
            } catch (InvalidSum $refusal) {
                $this->assertReads($words->refusal($refusal->said), $unit);
                continue;
            }
            foreach ([...$answer->figures, ...$answer->working, ...$answer->tasks] as $said) {
                $this->assertReads($words->line($said), $unit);
            }
            foreach ($answer->cautions as $said) {
                $this->assertReads($words->caution($said), $unit);
            }
            foreach ($answer->sketch->marks as $mark) {
                $this->assertReads(null === $mark->label ? 'no label' : $words->line($mark->label), $unit);
            }
            foreach ($answer->supplies as $supply) {
                $this->assertReads($words->supply($supply), $unit);
            }
        }
    }

    public function testEveryFieldAndEveryChoiceHasWords(): void
    {
        $asked = [];
        foreach (Sums::cases() as $sum) {
            self::assertArrayHasKey($sum->value, AskTexts::SUMS);
            foreach ($sum->sum()->asks() as $ask) {
                self::assertArrayHasKey($ask->name, AskTexts::ASKS, "{$sum->value} asks for {$ask->name}.");
                self::assertSame(
                    [],
                    array_diff(array_keys(AskTexts::CHOICES[$ask->name] ?? []), array_merge($ask->choices, $asked[$ask->name] ?? [])),
                    "words for choices {$ask->name} does not have",
                );
                $asked[$ask->name] = array_merge($asked[$ask->name] ?? [], $ask->choices);
            }
        }
        self::assertSame([], array_diff(array_keys(AskTexts::ASKS), array_keys($asked)), 'no words without a field');
    }

    public function testACountTakesTheRightWordAndALengthTheUnitOfTheHome(): void
    {
        $words = new SumWords(new Home('Ferry House', LengthUnit::Inch));

        self::assertSame('1 strand of 100', $words->line(new Said('strands', ['count' => 1, 'each' => 100])));
        self::assertSame('2 strands of 100', $words->line(new Said('strands', ['count' => 2, 'each' => 100])));
        self::assertSame('2 ft 4 1/2 in over: an offcut for the cupboard', $words->line(new Said('offcut', ['offcut' => Length::ofInches(28.5)])));
        self::assertSame('$1,250.00', $words->value(Money::ofMinor(125_000)));
    }

    public function testNoTextIsLeftWithoutASum(): void
    {
        $code = implode(
            '',
            array_map(
                static fn(string $file): string => (string) file_get_contents($file),
                [...(glob(\dirname(__DIR__, 2) . '/core/Sizing/*.php') ?: []), ...(glob(\dirname(__DIR__, 2) . '/core/Sizing/Sum/*.php') ?: [])],
            ),
        );
        $made = ['seats ', 'volume ', 'area ', 'cushion row ', 'cut ', 'over a ', 'cover ', 'stem fate ', 'start ']; // put together from a choice
        foreach (array_keys(
            SaidTexts::FIGURES + SaidTexts::WORKING + SaidTexts::CAUTIONS + SaidTexts::TASKS + SaidTexts::MARKS + SaidTexts::REFUSALS,
        ) as $text) {
            $isMade = [] !== array_filter($made, static fn(string $start): bool => str_starts_with($text, $start));
            self::assertTrue($isMade || str_contains($code, "'{$text}'"), "Nobody says “{$text}”.");
        }
    }

    private function assertReads(string $line, LengthUnit $unit): void
    {
        self::assertDoesNotMatchRegularExpression('/[{}#]/', $line);
        self::assertDoesNotMatchRegularExpression(
            LengthUnit::Inch === $unit ? '/\d (cm|m|ml|l|cm²|m²)\b/' : '/\d (in|ft|qt|fl oz|lb|oz|sq in|sq ft)\b(?! a | with | at | on | the | all)/',
            $line,
            'in the units of the home',
        );
    }

    /**
     * @param list<Ask> $asks
     *
     * @return iterable<array<string, float|string>>
     */
    private function tries(array $asks): iterable
    {
        yield [];
        foreach ($asks as $ask) {
            foreach ($ask->choices as $choice) {
                yield [$ask->name => $choice];
            }
        }
        for ($i = 0; $i < self::TRIES; ++$i) {
            $values = [];
            foreach ($asks as $ask) {
                if ([] !== $ask->choices) {
                    $values[$ask->name] = $ask->choices[mt_rand(0, \count($ask->choices) - 1)];
                } elseif (AskKind::Count === $ask->kind && 0 === mt_rand(0, 2)) {
                    $values[$ask->name] = (float) mt_rand(0, 40);
                } elseif (AskKind::Percent === $ask->kind && 0 === mt_rand(0, 2)) {
                    $values[$ask->name] = (float) mt_rand(0, 30);
                }
            }
            yield $values;
        }
    }
}
