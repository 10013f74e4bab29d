<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Stock;

use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\LengthText;
use BrightCupboard\Core\Measure\Size;
use BrightCupboard\Core\Measure\Weight;

/**
 * Cuts one unit of a length (garland, ribbon, runner, beads) in two: what was wanted, and the offcut or part roll
 * that stays stock. Nothing is lost to the cut.
 */
final readonly class Cut
{
    /** What an earlier cut put behind the name. */
    private const CUT_BEFORE = '~, (?:offcut |part roll )?\d[\d /.]* (?:ft|in|m|cm)(?: \d[\d /]* in)?$~u';

    public function __construct(private LengthText $lengths) {}

    public static function isPossible(Piece $piece): bool
    {
        return $piece->kind->facts()->canBeCut();
    }

    /**
     * @param Length|null $laidOut how long one unit is unrolled; null when it is as long as it is wide
     *
     * @return array{CutPart, CutPart} the cut length and what is left, one unit each, with the weight shared by length
     */
    public function at(Piece $piece, ?Length $laidOut, Length $length, string $cutId, string $restId): array
    {
        $whole = $laidOut ?? $piece->size->width;
        if (!self::isPossible($piece) || $length->tenths() < 1 || $length->tenths() >= $whole->tenths()) {
            throw InvalidStock::cut($piece->name, $this->lengths->writeRun($length), $this->lengths->writeRun($whole));
        }
        $grams = (int) round($piece->weight->grams() * $length->tenths() / $whole->tenths());
        $rest = Length::ofTenths($whole->tenths() - $length->tenths());
        $isRolled = null !== $laidOut;

        return [
            new CutPart($this->part($piece, $cutId, $length, $isRolled, $grams, ''), $length, $isRolled),
            new CutPart(
                $this->part($piece, $restId, $rest, $isRolled, $piece->weight->grams() - $grams, $isRolled ? 'part roll ' : 'offcut '),
                $rest,
                $isRolled,
            ),
        ];
    }

    /** What a cut length, an offcut or a part roll was cut from, by its name; the name itself when it is whole. */
    public static function wholeName(string $name): string
    {
        return (string) preg_replace(self::CUT_BEFORE, '', $name);
    }

    private function part(Piece $whole, string $id, Length $run, bool $isRolled, int $grams, string $word): Piece
    {
        $suffix = sprintf(', %s%s', $word, $this->lengths->writeRun($run));
        $name = mb_substr(self::wholeName($whole->name), 0, 120 - mb_strlen($suffix)) . $suffix;
        $size = $isRolled ? $whole->size : new Size($run, $whole->size->depth, $whole->size->height);

        return new Piece(
            $id,
            $name,
            $whole->kind,
            1,
            $size,
            Weight::ofGrams($grams),
            $whole->colours,
            $whole->materials,
            $whole->finish,
            $whole->seasons,
            $whole->hazards,
        );
    }
}
