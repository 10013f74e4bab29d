<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal;

use BrightCupboard\Core\Intake\Question;
use BrightCupboard\Core\Measure\InvalidMeasure;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\LengthText;
use BrightCupboard\Core\Measure\LengthUnit;
use BrightCupboard\Core\Measure\WeightText;

/**
 * Takes sizes and weights out of a line: "9 in", "8 x 7 x 11 in", "4 ft 2 in long", "12 in wide", "10 yd roll", "24,5 cm", "4 lb".
 *
 * @internal
 */
final readonly class MeasureWords
{
    private const WEIGHT = '/(?<![\w.])-?\d+(?:[.,]\d+)?\s*(?:lbs?|pounds?|oz|kg|g)\b(?:\s*\d+(?:[.,]\d+)?\s*oz\b)?/iu';
    private const NUMBER = '-?\d+(?:[.,]\d+)?(?:\s+\d+\/\d+)?|-?\d+\/\d+';
    private const UNIT = 'inches|inch|in\b|″|"|”|feet|foot|ft\b|yards|yard|yds|yd\b|′|\'|mm\b|cm\b|m\b';
    private const SIDES = [
        'high' => 'height', 'tall' => 'height', 'h' => 'height', 'height' => 'height', 'wide' => 'width', 'w' => 'width',
        'width' => 'width', 'long' => 'long', 'l' => 'long', 'across' => 'width', 'dia' => 'width', 'diameter' => 'width',
        'deep' => 'depth', 'd' => 'depth', 'laid out' => 'laidOut', 'unrolled' => 'laidOut', 'roll' => 'laidOut', 'rolls' => 'laidOut',
    ];

    private LengthText $lengths;
    private WeightText $weights;

    public function __construct(private LengthUnit $unit)
    {
        $this->lengths = new LengthText($unit);
        $this->weights = new WeightText($unit);
    }

    /** A bare number in the unit of the home. */
    public function written(string $number): string
    {
        return $number . (LengthUnit::Inch === $this->unit ? ' in' : ' cm');
    }

    /** What is left of the text once sizes and weights are taken out of it. */
    public function take(string $text, Draft $draft): string
    {
        $text = $this->takeWeights($text, $draft);
        $number = '(?:' . self::NUMBER . ')';
        $unit = '(?:' . self::UNIT . ')';
        $sides = implode('|', array_map(static fn(string $word): string => $word . '\b', array_keys(self::SIDES)));
        $text = $this->replaced(
            "/(?<![\\w.\/])(?:{$number}(?:\\s*,\\s*{$number})*(?:\\s*(?:and|&|\/)\\s*{$number})+|\\d+(?:,\\s*\\d+){2,}"
                . "|{$number}\\s*{$unit}(?:\\s*(?:,|and|&|\/)\\s*(?:and\\s+)?{$number}\\s*{$unit}){2,}(?:\\s*(?:{$sides}))?(?!\\s*(?:[x×]|$unit))"
                . "|{$number}\\s*{$unit}(?:\\s*(?:,|and|&|\/)\\s*(?:and\\s+)?{$number}\\s*{$unit})+(?!\\s*(?:{$sides}|[x×]|$unit)))\\s*{$unit}?/iu",
            $text,
            fn(string $found): bool => $this->askWhich($found, $draft),
        );
        $box = "{$number}\\s*{$unit}?\\s*[x×]\\s*{$number}\\s*{$unit}?(?:\\s*[x×]\\s*{$number}\\s*{$unit}?)?";
        $text = $this->replaced(
            "/(?<![\\w.]){$box}(?:\\s*(?:,|and|&|\\+)\\s*(?:and\\s+)?{$box})+/iu",
            $text,
            fn(string $found): bool => $this->askWhich($found, $draft),
        );
        $text = $this->replaced(
            '/(?<![\w.,\/])\d{1,2}(?:\s+\d{1,2}){2,}(?=\s*(?:,|$|(?:in|cm|high|tall|wide|long)\b))(?![\s\d]*\/)(?:\s*(?:in|cm)\b)?'
                . '(?:\s*(?:high|tall|wide|long)\b)?/iu',
            $text,
            fn(string $found): bool => $this->askWhich($found, $draft),
        );
        $text = $this->replaced(
            "/(?<![\\w.\/])(\\d+)\\s*(?:-|–|to)\\s*({$number}\\s*{$unit})/iu",
            $text,
            fn(string $found): bool => $this->takeRange($found, $draft),
        );
        $text = $this->replaced(
            "/(?<![\\w.]){$number}\\s*{$unit}?(?:\\s*(?:x|×|by)\\s*{$number}\\s*{$unit}?){1,2}/iu",
            $text,
            fn(string $found): bool => $this->takeBox($found, $draft),
        );
        $text = $this->replaced("/(?<![\\w.])(?:{$number}\\s*{$unit}\\s*)+(?:{$sides})?/iu", $text, fn(string $found): bool => $this->takeOne($found, $draft));

        $text = $this->replaced(
            "/(?<![\\w.]){$number}\\s*(?:high|tall|wide|long|across|diameter|deep|h|w|d|l)\\b/iu",
            $text,
            fn(string $found): bool => $this->takeOne($found, $draft),
        );
        $this->askOfEach($draft);

        return $text;
    }

    /** "2 deer, one 14 in, one 8 in": several things, each with one size of its own. */
    private function askOfEach(Draft $draft): void
    {
        $sizes = array_values(array_filter($draft->single, static fn(string $one): bool => '' !== $one));
        $isOnRolls = 1 === preg_match('/\bribbons?\b/iu', $draft->line); // across and along
        $isOneEach = \count($sizes) > 1 && \count($sizes) === \count($draft->measures);
        if (!$isOnRolls && $isOneEach && ($draft->count ?? 1) > 1 && [] === $draft->questions) {
            $draft->questions[] = new Question('height', sprintf('Several sizes are given: %s. Each is a piece of its own.', implode(', ', $sizes)));
        }
    }

    /**
     * A bare number behind one thing of which no size is said: "teak bowl 14".
     *
     * @param list<string> $words
     *
     * @return list<string> what is left
     */
    public function takeLeft(array $words, Draft $draft): array
    {
        foreach ($words as $i => $word) {
            $isSize = 1 === preg_match('/^\d{1,2}(?:[.,]\d)?$/', $word)
                && (int) $word > 1
                && [] === $draft->measures
                && [] === $draft->sides
                && null === $draft->laidOut;
            if ($isSize && null !== $draft->kind) {
                $this->add($this->written($word), null, $draft);
                $draft->guesses[] = sprintf('“%s” is taken in %s.', $word, LengthUnit::Inch === $this->unit ? 'inches' : 'centimetres');
                unset($words[$i]);
            }
        }

        return array_values($words);
    }

    /** "A3", as a sheet stands upright: ISO 216, halved from 841 × 1189 mm. */
    public function takePaper(string $word, Draft $draft): bool
    {
        if (1 !== preg_match('/^a([0-6])$/i', $word, $match) || [] !== $draft->measures || [] !== $draft->sides) {
            return false;
        }
        [$width, $height] = [841, 1189];
        for ($i = 0; $i < (int) $match[1]; ++$i) {
            [$width, $height] = [intdiv($height, 2), $width];
        }
        $this->add($width . ' mm', 'width', $draft);
        $this->add($height . ' mm', 'height', $draft);

        return true;
    }

    private function takeWeights(string $text, Draft $draft): string
    {
        return $this->replaced(self::WEIGHT, $text, function (string $found) use ($draft): bool {
            try {
                $draft->weight = $this->weights->read($found);
            } catch (InvalidMeasure $refusal) {
                $draft->questions[] = new Question('weight', $refusal->getMessage());
            }

            return true;
        });
    }

    /** "18 and 14 in", "8/6/4 in": things of several sizes are pieces of their own. */
    private function askWhich(string $found, Draft $draft): bool
    {
        if (1 === preg_match('/^\D*(\d+)\s*\/\s*(2|3|4|8|16|32)\s*\D*$/u', $found, $match) && (int) $match[1] < (int) $match[2] && 12 !== (int) $match[1]) {
            return false; // a fraction of an inch, unlike "cats 10/12" and "deer 12/16"
        }
        $draft->questions[] = new Question(
            'height',
            sprintf('Several sizes are given: %s. Each is a piece of its own.', trim($found)),
            SeveralSizes::replies($draft->line, $found, LengthUnit::Inch === $this->unit ? 'in' : 'cm'),
        );

        return true;
    }

    /** "5 to 9 in": the largest needs the room. */
    private function takeRange(string $found, Draft $draft): bool
    {
        $largest = (string) preg_replace('/^\d+\s*(?:-|–|to)\s*/iu', '', trim($found));
        $draft->guesses[] = sprintf('%s: taken as %s, which needs the room.', trim($found), $largest);
        $draft->care[] = trim($found);
        $this->add($largest, null, $draft);

        return true;
    }

    private function takeBox(string $found, Draft $draft): bool
    {
        $parts = explode('x', (string) preg_replace('/\s*(?:x|×|by)\s*/iu', 'x', trim($found)));
        preg_match('/(' . self::UNIT . ')\s*$/iu', $parts[\count($parts) - 1], $unit);
        if (1 === preg_match('/^yards?$|^yds?$/iu', $unit[1] ?? '')) {
            $unit[1] = LengthUnit::Inch === $this->unit ? 'in' : 'cm'; // "ribbon 2.5 x 10 yd": nothing is yards wide
        }
        foreach ($parts as $part) {
            $hasUnit = 1 === preg_match('/(?:' . self::UNIT . ')\s*$/iu', $part);
            $this->add($hasUnit ? $part : $part . ' ' . ($unit[1] ?? ''), null, $draft);
        }
        if (!isset($unit[1])) {
            $draft->guesses[] = sprintf('%s is taken in %s.', trim($found), LengthUnit::Inch === $this->unit ? 'inches' : 'centimetres');
        }

        return true;
    }

    private function takeOne(string $found, Draft $draft): bool
    {
        $isFeetAndInches = 1 === preg_match('/^\s*[^a-z′\']+(?:feet|foot|ft|′|\')[^a-z″"”]+(?:inches|inch|in|″|"|”)?\D*$/iu', $found);
        preg_match_all('/(?:' . self::NUMBER . ')\s*(' . self::UNIT . ')/iu', $found, $each);
        if (!$isFeetAndInches && \count($each[0]) > 1) {
            if (\count(array_unique(array_map(mb_strtolower(...), $each[1]))) < \count($each[1])) {
                return $this->askWhich($found, $draft); // "18 in 14 in 10 in": only feet and inches add up
            }
            foreach ($each[0] as $one) {
                $this->takeOne($one, $draft); // "1.5 in 25 yd": how wide and how long
            }

            return true;
        }
        preg_match('/(' . implode('|', array_keys(self::SIDES)) . ')\s*$/iu', trim($found), $side);
        $word = mb_strtolower($side[1] ?? '');
        // "12 in d" ends in a side; "12 ft" must not be read as "12 f" and a t.
        $isSide = '' !== $word && 1 === preg_match('/[\s″"”\d]' . $word . '\s*$/iu', trim($found));
        $draft->isRound = $draft->isRound || ($isSide && \in_array($word, ['dia', 'diameter', 'across'], true));
        $draft->single[] = $isSide ? '' : trim($found);
        $this->add($isSide ? (string) preg_replace('/' . $word . '\s*$/iu', '', trim($found)) : $found, $isSide ? self::SIDES[$word] : null, $draft);

        return true;
    }

    private function add(string $text, ?string $side, Draft $draft): void
    {
        try {
            $length = $this->lengths->read(trim($text));
        } catch (InvalidMeasure $refusal) {
            $draft->questions[] = new Question($side ?? 'height', $refusal->getMessage());

            return;
        }
        match ($side) {
            'width', 'long' => self::addAcross($length, 'long' === $side, $draft),
            'depth' => $draft->sides['depth'] = $length,
            'laidOut' => $draft->laidOut = $length,
            'height' => $draft->sides['height'] = $length,
            default => $draft->measures[] = $length,
        };
    }

    /** What is long and wide is as wide as it is long, and as deep as it is wide. */
    private static function addAcross(Length $length, bool $isLong, Draft $draft): void
    {
        $other = $draft->sides['width'] ?? null;
        if (null !== $other && !isset($draft->sides['depth']) && $isLong !== $draft->isLong) {
            [$length, $draft->sides['depth']] = $isLong ? [$length, $other] : [$other, $length];
        }
        $draft->sides['width'] = $length;
        $draft->isLong = $draft->isLong || $isLong;
    }

    /** @param \Closure(string): bool $take false leaves the words where they are */
    private function replaced(string $pattern, string $text, \Closure $take): string
    {
        return (string) preg_replace_callback($pattern, static fn(array $match): string => $take($match[0]) ? ' ' : $match[0], $text);
    }
}
