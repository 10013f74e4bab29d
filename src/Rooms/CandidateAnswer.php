<?php

declare(strict_types=1);

namespace App\Rooms;

use BrightCupboard\Core\Draft\Candidate;
use BrightCupboard\Core\Draft\SpotRole;
use BrightCupboard\Core\Look\FitVerdict;
use BrightCupboard\Core\Measure\LengthText;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Stock\Season;
use BrightCupboard\Core\Surface\Layer;

/** An owned piece that could go here, with what it would do in words. */
final readonly class CandidateAnswer
{
    /** @param list<string> $reasons */
    private function __construct(
        public string $piece,
        public int $score,
        public int $fit,
        public int $ribbon,
        public string $where,
        public int $free,
        public string $does,
        public array $reasons,
        public int $gain,
        public int $left,
        public Layer $layer,
        public int $raise,
        public int $tier,
        public ?Posture $posture,
    ) {}

    public static function of(Candidate $candidate, LengthText $lengths): self
    {
        $piece = $candidate->available->piece;
        $isJudged = FitVerdict::NotJudged !== $candidate->fit->verdict;
        $reasons = array_values(array_filter([
            $isJudged ? sprintf('Fit %d of 100', $candidate->fit->score) : 'No look is chosen yet',
            sprintf('%s high, %s wide', $lengths->write($piece->size->height), $lengths->write($piece->size->width)),
            $piece->isStaple() ? 'all year' : 'for ' . implode(' and ', array_map(static fn(Season $one): string => $one->value, $piece->seasons)),
            null === $candidate->available->takenFrom ? '' : sprintf('leaves a hole at %s', $candidate->available->takenFrom),
        ], static fn(string $reason): bool => '' !== $reason));

        return new self(
            $piece->id,
            $candidate->score,
            $candidate->fit->score,
            $candidate->fit->ribbon,
            $candidate->available->where,
            $candidate->available->free,
            self::does($candidate),
            $reasons,
            (int) round($candidate->gain),
            $candidate->stance->left,
            $candidate->stance->layer,
            $candidate->stance->raise,
            $candidate->stance->tier,
            $candidate->stance->posture,
        );
    }

    private static function does(Candidate $candidate): string
    {
        if (PieceKind::TreeSkirt === $candidate->available->piece->kind) {
            return 'adds a skirt round the foot';
        }
        $isWound = $candidate->stance->girth > 0 && Posture::Drapes === $candidate->stance->posture;
        $where = $isWound ? ' round it' : match ($candidate->side) {
            'left', 'right' => ' on the ' . $candidate->side,
            'foot', 'top' => ' at the ' . $candidate->side,
            default => ' in the middle',
        };

        $what = match ($candidate->role) {
            SpotRole::Greenery, SpotRole::Light => $candidate->role->value,
            SpotRole::Ground => 'what the others stand on',
            default => 'a ' . $candidate->role->value,
        };

        $then = array_map(CoachWords::title(...), $candidate->mends);

        return ($candidate->isLacking ? 'adds ' : 'one more: ') . $what . $where . ([] === $then ? '' : '; then to mend: ' . implode(', ', $then));
    }
}
