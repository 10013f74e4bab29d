<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal;

use BrightCupboard\Core\CoreException;
use BrightCupboard\Core\Intake\Question;
use BrightCupboard\Core\Intake\RowProblem;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\LengthText;
use BrightCupboard\Core\Measure\LengthUnit;
use BrightCupboard\Core\Measure\WeightText;

/**
 * Reads the cells of a row that measure: sides of their own, a size in one cell, the length unrolled, the weight. Where any of
 * them says a size, the name does not.
 *
 * @internal
 */
final readonly class SizeCells
{
    private const SIDES = ['width', 'depth', 'height'];
    private const LOOSE = '/\b(?:approx(?:imately)?|about|around|each|ea|ish|total|overall|high|tall|wide|deep|long|across|square|sq|round|rnd|size'
        . '|dims?|x|by)\b|[~≈±?:()]/iu';
    /** Sizes as words are no figures; the usual size takes them up. */
    private const WORDS = '/^(?:mini|tiny|small|sm|s|med|medium|m|large|lg|l|xl|big|huge|tall|short|various|varies|assorted|asst|mixed|standard'
        . '|regular|one size|see notes?)$/iu';

    private const SEVERAL = '/^\d+(?:[.,]\d+)?(?:\s*(?:in|cm|ft))?(?:(?:\s*[\/&]\s*|\s+and\s+|,\s+|\s+to\s+|\s*-\s*)\d+(?:[.,]\d+)?(?:\s*(?:in|cm|ft))?)+$/iu';

    private LengthText $lengths;
    private WeightText $weights;
    private MeasureWords $measures;
    private Notation $notation;

    public function __construct(LengthUnit $unit, string $currency)
    {
        $this->lengths = new LengthText($unit);
        $this->weights = new WeightText($unit);
        $this->measures = new MeasureWords($unit);
        $this->notation = new Notation($currency);
    }

    /**
     * @param array<string, string> $cells
     *
     * @return list<RowProblem>
     */
    public function take(array $cells, Draft $draft): array
    {
        $said = array_filter(['size', ...self::SIDES], static fn(string $field): bool => !CellText::saysNothing($cells[$field] ?? ''));
        if ([] !== $said) {
            [$draft->sides, $draft->measures, $draft->laidOut] = [[], [], null];
            $draft->questions = array_values(array_filter($draft->questions, static fn(Question $one): bool => 'height' !== $one->field));
        }
        $problems = \in_array('size', $said, true) ? $this->takeSize($cells['size'], $draft) : [];
        foreach (self::SIDES as $side) {
            if (\in_array($side, $said, true)) {
                $problems = [...$problems, ...$this->tried($side, function () use ($side, $cells, $draft): void {
                    $length = $this->length($cells[$side]);
                    match ($side) {
                        'width' => $draft->sides['width'] = $length,
                        'depth' => $draft->sides['depth'] = $length,
                        default => $draft->sides['height'] = $length,
                    };
                })];
            }
        }
        if (!CellText::saysNothing($cells['laid out'] ?? '')) {
            $problems = [...$problems, ...$this->tried('laid out', function () use ($cells, $draft): void {
                $draft->laidOut = $this->length($cells['laid out'] ?? '');
            })];
        }
        if (!CellText::saysNothing($cells['weight'] ?? '')) {
            $problems = [...$problems, ...$this->tried('weight', function () use ($cells, $draft): void {
                $draft->weight = $this->weights->read((string) preg_replace('/^(?:~|about|approx\.?)\s*/iu', '', $cells['weight'] ?? ''));
            })];
        }

        return $problems;
    }

    /** @return list<RowProblem> */
    private function takeSize(string $cell, Draft $draft): array
    {
        if (1 === preg_match(self::WORDS, trim($cell))) {
            $draft->sized = trim($cell);

            return [];
        }
        $had = \count($draft->questions);
        $plain = $this->notation->plain($cell);
        $plain = 1 === preg_match('/^\d+(?:[.,]\d+)?(?:\s+\d+\/\d+)?$/', $plain) ? $this->measures->written($plain) : $plain;
        if (1 === preg_match(self::SEVERAL, $plain)) {
            $draft->care[] = 'sizes: ' . $cell;
            $plain = $this->largest($plain);
        }
        $left = trim((string) preg_replace(self::LOOSE, ' ', $this->measures->take($plain, $draft)), " ,;.-");
        $isRead = [] !== $draft->measures || [] !== $draft->sides || null !== $draft->laidOut;
        if (\count($draft->questions) > $had) {
            $problems = array_map(static fn(Question $one): RowProblem => new RowProblem('size', $one->sentence), \array_slice($draft->questions, $had));
            $draft->questions = \array_slice($draft->questions, 0, $had);

            return $problems;
        }
        if (!$isRead) {
            return [new RowProblem('size', sprintf('“%s” is not a size. Write it like 8 x 7 x 11 in.', mb_strimwidth($cell, 0, 40, '…')))];
        }
        if ('' !== $left) {
            $draft->care[] = 'size: ' . $cell;
        }

        return [];
    }

    /** Several sizes in one cell, which no row can be: the largest needs the room. */
    private function largest(string $cell): string
    {
        preg_match_all('/\d+(?:[.,]\d+)?/', $cell, $figures);
        preg_match('/(?:inches|inch|in|ft|cm|mm|m)\b/iu', $cell, $unit);
        $largest = max([0.0, ...array_map(static fn(string $figure): float => (float) str_replace(',', '.', $figure), $figures[0])]);

        return isset($unit[0]) ? $largest . ' ' . $unit[0] : $this->measures->written((string) $largest);
    }

    private function length(string $cell): Length
    {
        try {
            return $this->lengths->read($cell);
        } catch (CoreException $refusal) {
            $plain = trim((string) preg_replace(self::LOOSE, ' ', $this->notation->plain($cell)), " ,;.");

            return '' === $plain ? throw $refusal : $this->lengths->read($plain);
        }
    }

    /**
     * @param \Closure(): void $read
     *
     * @return list<RowProblem>
     */
    private function tried(string $field, \Closure $read): array
    {
        try {
            $read();

            return [];
        } catch (CoreException $refusal) {
            return [new RowProblem($field, $refusal->getMessage())];
        }
    }
}
