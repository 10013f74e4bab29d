<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal;

use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\LengthText;
use BrightCupboard\Core\Stock\PieceKind;

/**
 * What was measured laid out and is kept smaller: ribbon on its roll, a runner or throw folded.
 *
 * @internal
 */
final readonly class RolledOrFolded
{
    /** A roll of ribbon across, from memory. */
    private const ROLL = 4 * Length::TENTHS_PER_INCH;
    private const WIDEST = 6 * Length::TENTHS_PER_INCH;
    public const FOLDED_FROM = 24 * Length::TENTHS_PER_INCH;

    public function __construct(private LengthText $lengths) {}

    /** Ribbon is kept on a roll: its longest measure is what is on it, its width is how deep the roll is. */
    public function roll(Draft $draft): void
    {
        self::layAcross($draft);
        $only = 1 === \count($draft->measures) && [] === $draft->sides ? $draft->measures[0] : null;
        if (null === $draft->laidOut && $only?->tenths() <= self::WIDEST && null !== $only) {
            [$draft->sides['width'], $draft->measures] = [$only, []]; // nobody keeps a ribbon of two inches
        }
        $long = $draft->sides['width'] ?? null;
        if (null === $draft->laidOut && [] !== $draft->measures && \count($draft->measures) < 3) {
            usort($draft->measures, static fn(Length $a, Length $b): int => $a->tenths() <=> $b->tenths());
            $draft->laidOut = array_pop($draft->measures);
        }
        if (null === $draft->laidOut && (null === $long || \count($draft->sides) > 1)) {
            return;
        }
        $across = $long ?? $draft->measures[0] ?? Length::ofTenths((int) (1.5 * Length::TENTHS_PER_INCH));
        $draft->measures = [];
        $draft->sides = ['width' => Length::ofTenths(self::ROLL), 'depth' => $draft->sides['depth'] ?? $across, 'height' => Length::ofTenths(self::ROLL)];
        $roll = $this->lengths->write($draft->sides['width']);
        $draft->guesses[] = null === $draft->laidOut
            ? sprintf('On a roll %s across; how much is on it is not said.', $roll)
            : sprintf('%s on a roll %s across.', $this->lengths->writeRun($draft->laidOut), $roll);
    }

    /** Long by wide of something flat: both are of its face. */
    private static function layAcross(Draft $draft): void
    {
        if ($draft->isLong && isset($draft->sides['depth']) && !isset($draft->sides['height'])) {
            $draft->sides['height'] = $draft->sides['depth'];
            unset($draft->sides['depth']);
        }
    }

    /** A runner or throw longer than two feet was measured laid out, but lies folded: a runner to a square, a throw in three by four. */
    public function fold(Draft $draft): void
    {
        self::layAcross($draft);
        $measures = [...$draft->measures, ...array_values(array_intersect_key($draft->sides, ['width' => 0, 'height' => 0]))];
        $tenths = array_map(static fn(Length $length): int => $length->tenths(), $measures);
        rsort($tenths);
        if (isset($draft->sides['depth']) || \count($tenths) > 2 || ($tenths[0] ?? 0) <= self::FOLDED_FROM) {
            return;
        }
        $isRunner = PieceKind::Runner === $draft->kind;
        $across = $tenths[1] ?? ($isRunner ? 14 * Length::TENTHS_PER_INCH : (int) (0.8 * $tenths[0]));
        $draft->laidOut ??= Length::ofTenths($tenths[0]);
        $draft->measures = [];
        $draft->sides = [
            'width' => Length::ofTenths($isRunner ? $across : intdiv($across, 3)),
            'depth' => Length::ofTenths($isRunner && $across <= self::FOLDED_FROM ? $across : intdiv($across, 4)),
            'height' => Length::ofTenths(($isRunner ? 3 : 4) * Length::TENTHS_PER_INCH),
        ];
        $draft->guesses[] = sprintf(
            '%s laid out; folded it is %s.',
            $this->lengths->writeRun($draft->laidOut),
            implode(' × ', array_map($this->lengths->write(...), $draft->sides)),
        );
    }
}
