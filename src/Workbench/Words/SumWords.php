<?php

declare(strict_types=1);

namespace App\Workbench\Words;

use App\Entity\Home;
use BrightCupboard\Core\Measure\Area;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\LengthUnit;
use BrightCupboard\Core\Measure\Volume;
use BrightCupboard\Core\Measure\Weight;
use BrightCupboard\Core\Money\LinePrice;
use BrightCupboard\Core\Money\Money;
use BrightCupboard\Core\Sizing\Said;
use BrightCupboard\Core\Sizing\Supply;

/** Puts words and the home's units to what a sum says; the only place where its sentences are made. */
final readonly class SumWords
{
    private const METRES_PER_FOOT = 0.3048;

    public function __construct(private Home $home) {}

    /** A result, the working, a mark of the picture: a line without a full stop. */
    public function line(Said $said): string
    {
        return $this->filled(
            (SaidTexts::FIGURES + SaidTexts::WORKING + SaidTexts::TASKS + SaidTexts::MARKS)[$said->code] ?? throw self::unsaid($said),
            $said->values,
        );
    }

    public function caution(Said $said): string
    {
        return $this->filled(SaidTexts::CAUTIONS[$said->code] ?? throw self::unsaid($said), $said->values);
    }

    public function refusal(Said $said): string
    {
        return $this->filled(SaidTexts::REFUSALS[$said->code] ?? throw self::unsaid($said), $said->values);
    }

    /** As the haul line is called. */
    public function supply(Supply $supply): string
    {
        return $this->filled(
            SaidTexts::SUPPLIES[$supply->code] ?? throw self::unsaid(new Said($supply->code)),
            null === $supply->run ? [] : ['run' => $supply->run],
        );
    }

    /** What one metre, foot, bulb, stem or piece of it costs, spare ones counted. */
    public function pricePer(Supply $supply, LinePrice $price): string
    {
        $units = $supply->perUnit * $price->packs * $supply->buying->packSize;
        [$units, $word] = match (true) {
            'length' !== $supply->per => [$units, $supply->per],
            LengthUnit::Inch === $this->home->unit() => [$units / self::METRES_PER_FOOT, 'foot'],
            default => [$units, 'metre'],
        };

        return sprintf('%s%s a %s', $this->home->currency(), number_format($price->total->minor / 100 / max(1e-9, $units), 2), $word);
    }

    /** For a field: as people write it where that reads back exactly, else in millimetres, grams or millilitres. */
    public function field(Length|Weight|Volume|float|string|null $value): string
    {
        return match (true) {
            null === $value => '',
            $value instanceof Length => $this->home->lengths()->read($this->home->lengths()->writeRun($value))->equals($value)
                ? $this->home->lengths()->writeRun($value)
                : $value->tenths() / 10 . ' mm',
            $value instanceof Weight => $this->home->weights()->read($this->home->weights()->write($value))->grams() === $value->grams()
                ? $this->home->weights()->write($value)
                : $value->grams() . ' g',
            default => $this->value($value),
        };
    }

    public function value(Length|Weight|Money|Volume|Area|float|int|string $value): string
    {
        return match (true) {
            $value instanceof Length => $this->home->lengths()->writeRun($value),
            $value instanceof Weight => $this->home->weights()->write($value),
            $value instanceof Volume => $this->home->volumes()->write($value),
            $value instanceof Area => $value->written($this->home->unit()),
            $value instanceof Money => $this->money($value),
            \is_float($value) => self::number($value),
            default => (string) $value,
        };
    }

    public function money(Money $money): string
    {
        return $this->home->currency() . number_format($money->minor / 100, 2);
    }

    private static function number(float $value): string
    {
        $text = number_format($value, abs($value) < 10 ? 2 : 1, '.', ',');

        return str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text;
    }

    /** @param array<string, Length|Weight|Money|Volume|Area|float|int|string> $values */
    private function filled(string $text, array $values): string
    {
        return (string) preg_replace_callback('/\{(\w+)(?:#([^\/}]*)\/([^}]*))?\}/', function (array $match) use ($values): string {
            $value = $values[$match[1]] ?? throw new \LogicException(sprintf('No %s was given.', $match[1]));

            return isset($match[2], $match[3]) ? (1 === (is_numeric($value) ? (int) $value : 0) ? $match[2] : $match[3]) : $this->value($value);
        }, $text);
    }

    private static function unsaid(Said $said): \LogicException
    {
        return new \LogicException(sprintf('Nobody has words for “%s”.', $said->code));
    }
}
