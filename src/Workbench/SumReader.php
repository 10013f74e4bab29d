<?php

declare(strict_types=1);

namespace App\Workbench;

use App\Entity\Home;
use App\Http\Fields;
use App\Http\InvalidInput;
use App\Workbench\Words\SumWords;
use BrightCupboard\Core\Measure\InvalidMeasure;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\Volume;
use BrightCupboard\Core\Measure\Weight;
use BrightCupboard\Core\Money\Money;
use BrightCupboard\Core\Money\Offer;
use BrightCupboard\Core\Sizing\Answer;
use BrightCupboard\Core\Sizing\Ask;
use BrightCupboard\Core\Sizing\AskKind;
use BrightCupboard\Core\Sizing\Given;
use BrightCupboard\Core\Sizing\InvalidSum;
use BrightCupboard\Core\Sizing\Owned;
use BrightCupboard\Core\Sizing\Sum;

/** Reads the figures of a sum field by field and has it reckoned; what cannot be taken is said at its field. */
final readonly class SumReader
{
    private const SHOWN = 40;

    public function __construct(private Home $home) {}

    /**
     * @param list<SumValueInput> $values
     *
     * @throws InvalidInput
     */
    public function answer(Sum $sum, array $values, Owned $owned): Answer
    {
        return $this->reckon($sum, $this->given($sum, $values), $owned);
    }

    /**
     * @param list<SumValueInput> $values
     *
     * @throws InvalidInput
     */
    public function given(Sum $sum, array $values): Given
    {
        $fields = new Fields();
        $texts = [];
        foreach ($values as $value) {
            $texts[$value->name] = trim($value->text);
        }
        $asks = $sum->asks();
        $unknown = array_diff(array_keys($texts), array_map(static fn(Ask $ask): string => $ask->name, $asks));
        foreach ($unknown as $name) {
            $fields->refuse($name, 'This sum does not ask for that.');
        }
        $chosen = $this->chosen($asks, $texts);
        $read = [];
        foreach ($asks as $ask) {
            if (Given::isAsked($ask, $chosen) && isset($texts[$ask->name])) {
                $read[$ask->name] = $fields->read($ask->name, fn() => $this->checked($ask, $texts[$ask->name]), null);
            }
        }
        $fields->complete();

        return Given::of($asks, $read, $this->home->unit());
    }

    /** @throws InvalidInput */
    private function reckon(Sum $sum, Given $given, Owned $owned): Answer
    {
        try {
            return $sum->reckon($given, $owned);
        } catch (InvalidSum $refusal) {
            throw InvalidInput::at($refusal->field, (new SumWords($this->home))->refusal($refusal->said));
        } catch (InvalidMeasure $refusal) {
            throw InvalidInput::at($sum->asks()[1]->name, $refusal->getMessage());
        }
    }

    /**
     * @param list<Ask>             $asks
     * @param array<string, string> $texts
     *
     * @return array<string, mixed>
     */
    private function chosen(array $asks, array $texts): array
    {
        $chosen = [];
        foreach ($asks as $ask) {
            if ([] !== $ask->choices || \in_array($ask->kind, [AskKind::Count, AskKind::Number], true)) {
                $chosen[$ask->name] = $texts[$ask->name] ?? $ask->usual;
            }
        }

        return $chosen;
    }

    /** The value of a field that can be taken; otherwise the sentence that goes to it. */
    private function checked(Ask $ask, string $text): Length|Weight|Volume|Money|Offer|float|string|null
    {
        try {
            return $ask->take('' === $text ? null : $this->value($ask, $text));
        } catch (InvalidSum $refusal) {
            throw RefusedFigure::saying((new SumWords($this->home))->refusal($refusal->said));
        }
    }

    private function value(Ask $ask, string $text): Length|Weight|Volume|Money|Offer|float|string
    {
        return match ($ask->kind) {
            AskKind::Length => $this->home->lengths()->read($text),
            AskKind::Weight => $this->home->weights()->read($text),
            AskKind::Volume => $this->home->volumes()->read($text),
            AskKind::Money => Money::read($text),
            AskKind::Offer => Offer::read($text),
            AskKind::Choice, AskKind::Yes => $text,
            AskKind::Count, AskKind::Number, AskKind::Percent => self::number($text),
        };
    }

    private static function number(string $text): float
    {
        $plain = str_replace([' ', '%'], '', $text);
        if (1 === preg_match('/^(\d+)\/(\d+)$/D', $plain, $match) && '0' !== $match[2]) {
            return (int) $match[1] / (int) $match[2];
        }
        $plain = (string) preg_replace('/,(?=\d{3}(\D|$))/', '', $plain);

        return 1 === preg_match('/^-?\d{1,9}([.,]\d{1,4})?$/D', $plain)
            ? (float) str_replace(',', '.', $plain)
            : throw RefusedFigure::saying(sprintf('“%s” is not a number. Write it like 6 or 2.5.', mb_strimwidth($text, 0, self::SHOWN, '…')));
    }
}
