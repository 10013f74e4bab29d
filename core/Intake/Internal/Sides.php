<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal;

use BrightCupboard\Core\Intake\Question;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\LengthText;
use BrightCupboard\Core\Stock\Kept;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Posture;

/**
 * Gives measures their sides, and guesses those that were not said by the proportions of the kind, saying so.
 *
 * @internal
 */
final readonly class Sides
{
    /** Long is how tall they are. */
    private const LONG_UPRIGHT = [PieceKind::Stocking, PieceKind::Bunch, PieceKind::Pillar];
    private const FLAT = 0.15;
    /** Boards of a stand over one another: width, depth and height (from memory). */
    private const TIERED = [1.0, 1.0, 1.2];
    /** A tied bow, unlike the ribbon it is of: width, depth and height (from memory). */
    public const BOW = [1.0, 0.3, 0.8];
    /** So many times as high as wide and more a thing stands upright. */
    private const UPRIGHT = 1.75;
    private const OBLONG = '/\b(?:lumbar|bolster|oblong)\b/iu';
    /** What runs along is long, and no thicker than this. */
    private const RUNS_AT_MOST = 6 * Length::TENTHS_PER_INCH;
    /** So many times the measured side and more is guessing. */
    private const TELLS_LITTLE = 4.0;

    private RolledOrFolded $kept;

    public function __construct(private LengthText $lengths, private Usual $usual)
    {
        $this->kept = new RolledOrFolded($lengths);
    }

    public function complete(Draft $draft): void
    {
        if ($draft->isLong && isset($draft->sides['width']) && !isset($draft->sides['height']) && \in_array($draft->kind, self::LONG_UPRIGHT, true)) {
            $draft->sides['height'] = $draft->sides['width'];
            unset($draft->sides['width']);
        }
        if (PieceKind::Ribbon === $draft->kind && 'bow' !== $draft->shape) {
            $this->kept->roll($draft);
        } elseif (\in_array($draft->kind, [PieceKind::Runner, PieceKind::Throw, PieceKind::TreeSkirt], true) && 'collar' !== $draft->shape) {
            $this->kept->fold($draft);
        }
        $this->assign($draft);
        $facts = $draft->kind?->facts();
        [$width, $depth, $height] = [$draft->sides['width'] ?? null, $draft->sides['depth'] ?? null, $draft->sides['height'] ?? null];
        if (\count($draft->measures) > 3) {
            $draft->questions[] = new Question('width', 'More than three measures are given. A piece has a width, a depth and a height.');
        }
        if (null === $facts && ([] !== $draft->measures || [] !== $draft->sides)) {
            return; // which side it is follows from the kind, which is asked for
        }
        $isAsked = [] !== array_filter($draft->questions, static fn(Question $question): bool => 'height' === $question->field);
        if ($isAsked && null === $width && null === $height) {
            return; // several sizes were given: one question is enough
        }
        if (null === $facts) {
            return; // what is usual follows from the kind
        }
        if (null === $width && null === $height) {
            $this->usual->size($facts, $draft);

            return;
        }
        $most = \in_array(Posture::Drapes, $facts->postures, true) && $facts->isLaidOut() && Kept::Coils === $facts->kept ? self::RUNS_AT_MOST : \PHP_INT_MAX;
        $usual = $facts->usualSize();
        // A thing that is thin one way says little about how large it is the other way: then it is as large as usual.
        $part = static fn(?Length $of, float $share, Length $usual): Length => Length::ofTenths(max(
            1,
            min($most, $share > self::TELLS_LITTLE ? $usual->tenths() : (int) round(($of?->tenths() ?? 0) * $share)),
        ));
        [$wide, $deep, $high] = match ($draft->shape) {
            'bow' => self::BOW,
            'tiers' => self::TIERED,
            default => $facts->proportions,
        };
        if ('round' === $draft->shape || $draft->isRound) {
            [$wide, $deep] = self::round($facts->kind, [$wide, $deep, $high]);
        }
        $build = $this->usual->build($draft);
        if (null !== $build) {
            [$wide, $deep] = [$build * $high, $build * $high];
        }
        $guessed = [];
        if (null === $height) {
            [$draft->sides['height'], $guessed[]] = [$height = self::under($part($width, $high / $wide, $usual->height), $width, $draft), 'height'];
        }
        if (null === $width) {
            [$draft->sides['width'], $guessed[]] = [$width = $part($height, $wide / $high, $usual->width), 'width'];
        }
        if (null === $depth && $draft->isRound && !\in_array(Posture::Hangs, $facts->postures, true)) {
            $draft->sides['depth'] = $depth = $width;
        }
        if (null === $depth) {
            [$draft->sides['depth'], $guessed[]] = [
                self::under(match (true) {
                    'height' !== $facts->measuredBy => $part($width, $deep, $usual->depth),
                    [] === $guessed => $part($width, $deep / $wide, $usual->depth), // both its width and its height were said
                    default => $part($height, $deep, $usual->depth),
                }, $width, $draft),
                'depth',
            ];
        }
        if ([] !== $guessed) {
            $draft->guesses[] = sprintf(
                'The usual %s: %s.',
                implode(' and ', $guessed),
                implode(', ', array_map(fn(string $side): string => $this->lengths->write($draft->sides[$side] ?? Length::zero()), $guessed)),
            );
        }
    }

    /** What is said to be long is at least twice as long as it is high and deep, where that is guessed (own). */
    private static function under(Length $guessed, ?Length $width, Draft $draft): Length
    {
        return $draft->isLong && null !== $width ? Length::ofTenths(max(1, min($guessed->tenths(), intdiv($width->tenths(), 2)))) : $guessed;
    }

    /**
     * What is said to be round is as wide as it is high when it hangs or leans, and as deep as it is wide when it lies.
     *
     * @param array{float, float, float} $proportions
     *
     * @return array{float, float} width and depth
     */
    private static function round(PieceKind $kind, array $proportions): array
    {
        [$wide, $deep, $high] = $proportions;

        return match ($kind) {
            PieceKind::Mirror, PieceKind::Picture => [$high, $deep],
            PieceKind::Clock => [$high, self::FLAT * $high], // on the wall
            PieceKind::Tray, PieceKind::Box, PieceKind::Basket => [$wide, $wide],
            default => [$wide, $deep],
        };
    }

    /** Whether it is always a good deal higher than wide; a slim one is, of whatever kind. */
    private function isUpright(Draft $draft): bool
    {
        [$wide, , $high] = $draft->kind?->facts()->proportions ?? [1.0, 1.0, 1.0];

        return null !== $this->usual->build($draft) || (PieceKind::Picture !== $draft->kind && $high >= self::UPRIGHT * $wide);
    }

    /** Gives measures without a side their sides: three are width, depth and height; two are width and height; one is what its kind is measured by. */
    private function assign(Draft $draft): void
    {
        $measures = $draft->measures;
        $kind = $draft->kind ?? PieceKind::Vase;
        if (\count($measures) >= 3) {
            $draft->sides += ['width' => $measures[0], 'depth' => $measures[1], 'height' => $measures[2]];
            $draft->guesses[] = 'Read as width, depth, height.';
        } elseif (2 === \count($measures)) {
            $isFlat = isset($draft->sides['height']) || Posture::Lies === $kind->facts()->postures[0] && Kept::Folds !== $kind->facts()->kept;
            $isHeightFirst = !$isFlat && $this->isUpright($draft) && $measures[0]->tenths() > $measures[1]->tenths();
            $isWiderThanHigh = 1 === preg_match(self::OBLONG, $draft->line) && $measures[0]->tenths() < $measures[1]->tenths();
            [$first, $second] = $isHeightFirst || $isWiderThanHigh ? [$measures[1], $measures[0]] : $measures;
            $draft->sides += ['width' => $first, $isFlat ? 'depth' : 'height' => $second];
            $draft->guesses[] = match (true) {
                $isFlat => 'Read as width by depth.',
                $isHeightFirst => 'Read as height by width, since such a thing is higher than wide.',
                $isWiderThanHigh => 'Read as height by width, since such a thing is wider than high.',
                default => 'Read as width by height.',
            };
        } elseif (1 === \count($measures)) {
            $draft->sides += match (isset($draft->sides['height']) ? 'width' : $kind->facts()->measuredBy) {
                'width' => ['width' => $measures[0]],
                'round' => ['width' => $measures[0], 'height' => $measures[0]],
                default => ['height' => $measures[0]],
            };
        }
    }
}
