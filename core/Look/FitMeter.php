<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Look;

use BrightCupboard\Core\Colour\Ciede2000;
use BrightCupboard\Core\Colour\Lab;
use BrightCupboard\Core\Colour\Oklab;
use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\Season;
use BrightCupboard\Core\Stock\Texture;

/**
 * Measures pieces against one look; keep it for a whole stock, since it remembers each colour it has met.
 *
 * Each colour of a piece scores by its distance to the nearest ribbon: 1 up to ΔE00 8, falling
 * smoothly to 0 at 30; a neutral of the look's warmth scores at least 0.75. The scores are weighed
 * by share. What rests takes away, texture and season add or take a little (docs/rules.md, fit).
 */
final class FitMeter
{
    private const FULL_UP_TO = 8.0;
    private const NOTHING_FROM = 30.0;
    private const NEUTRAL_CHROMA = 10.0;
    private const NEUTRAL_SCORE = 0.75;
    private const RESTS_BELOW = 12.0;
    private const RESTS_FROM_PERCENT = 10;
    private const RESTING_COLOUR_FACTOR = 0.5;
    private const RESTING_FINISH_FACTOR = 0.6;
    private const TEXTURE_POINTS = 4;
    private const OFF_SEASON_POINTS = 15;
    private const RESTING_TEXTURE_FACTOR = 0.7;
    private const SURPRISE_UP_TO_PERCENT = 25;
    private const SURPRISE_SCORE = 0.6;
    private const LOUD_FACTOR = 0.7;
    /** OKLCh chroma over that of the strongest ribbon. */
    private const LOUD_FROM = 0.03;

    private readonly Ciede2000 $difference;
    /** @var list<Lab> */
    private readonly array $ribbons;
    /** @var list<Lab> */
    private readonly array $resting;
    private readonly bool $isWarm;
    private readonly float $loudest;
    /** @var array<int, ColourAnswer> by the number of the colour */
    private array $answers = [];

    public function __construct(private readonly Look $look, private readonly ?Season $season = null)
    {
        $this->difference = new Ciede2000();
        $this->ribbons = array_map(static fn(Ribbon $ribbon): Lab => Lab::of($ribbon->colour), $look->ribbons);
        $this->resting = array_map(Lab::of(...), $look->resting->colours);
        $yellowness = 0.0;
        foreach ($this->ribbons as $i => $lab) {
            $yellowness += $lab->b * $look->ribbons[$i]->percent;
        }
        $this->isWarm = $yellowness >= 0;
        $this->loudest = max([0.0, ...array_map(static fn(Ribbon $ribbon): float => Oklab::of($ribbon->colour)->chroma(), $look->ribbons)]);
    }

    public function fit(Piece $piece): PieceFit
    {
        if (!$this->look->isChosen()) {
            return new PieceFit($piece->id, 0, 0, 0.0, [], ['no look is chosen yet'], false);
        }
        $colours = [];
        $score = 0.0;
        $surprise = 0.0;
        $rests = false;
        $main = null;
        foreach ($piece->colours as $share) {
            $answer = $this->answer($share->colour);
            $colours[] = ['answer' => $answer, 'percent' => $share->percent];
            $score += $this->earned($answer, $share->percent) * $share->percent;
            $surprise = max($surprise, $this->surprise($answer, $share->percent));
            $rests = $rests || ($answer->rests && $share->percent > self::RESTS_FROM_PERCENT);
            if (null === $main || $share->percent > $main['percent']) {
                $main = ['answer' => $answer, 'percent' => $share->percent];
            }
        }
        [$score, $notes] = $this->adjusted($piece, $score + $surprise, $rests);

        return new PieceFit($piece->id, (int) round(max(0.0, min(100.0, $score))), $main['answer']->ribbon ?? 0, $main['answer']->distance ?? 0.0, $colours, $notes);
    }

    /** What one colour of a piece earns; where the look is quiet, the loud loses. */
    private function earned(ColourAnswer $answer, int $percent): float
    {
        return ColourSchool::Quiet === $this->look->colour && $answer->isLoud && $percent > self::RESTS_FROM_PERCENT ? $answer->score * self::LOUD_FACTOR : $answer->score;
    }

    /** What a small strange colour earns above its closeness where a surprise is welcome. One strange colour means one: only the best of a piece counts. */
    private function surprise(ColourAnswer $answer, int $percent): float
    {
        return ColourSchool::Unexpected === $this->look->colour && $percent <= self::SURPRISE_UP_TO_PERCENT ? max(0.0, self::SURPRISE_SCORE - $answer->score) * $percent : 0.0;
    }

    /** How one colour answers the look. */
    public function answer(Srgb $colour): ColourAnswer
    {
        return $this->answers[$colour->number()] ??= $this->measured($colour);
    }

    private function measured(Srgb $colour): ColourAnswer
    {
        $lab = Lab::of($colour);
        $nearest = 0;
        $distance = \INF;
        foreach ($this->ribbons as $i => $ribbon) {
            $between = $this->difference->between($lab, $ribbon);
            if ($between < $distance) {
                [$nearest, $distance] = [$i, $between];
            }
        }
        $rests = false;
        foreach ($this->resting as $resting) {
            $rests = $rests || $this->difference->between($lab, $resting) < self::RESTS_BELOW;
        }
        $isNeutral = $lab->chroma() < self::NEUTRAL_CHROMA && ($lab->b >= 0) === $this->isWarm;

        return new ColourAnswer($colour->hex(), $nearest, $distance, max(self::closeness($distance), $isNeutral ? self::NEUTRAL_SCORE : 0.0), $rests, Oklab::of($colour)->chroma() > $this->loudest + self::LOUD_FROM);
    }

    /** 1 up to ΔE00 8, then a smooth step (3t² − 2t³) down to 0 at 30. */
    private static function closeness(float $distance): float
    {
        $t = max(0.0, min(1.0, (self::NOTHING_FROM - $distance) / (self::NOTHING_FROM - self::FULL_UP_TO)));

        return $t * $t * (3 - 2 * $t);
    }

    /** @return array{float, list<string>} */
    private function adjusted(Piece $piece, float $score, bool $rests): array
    {
        $notes = [];
        if ($rests) {
            $score *= self::RESTING_COLOUR_FACTOR;
            $notes[] = 'half, for a colour that rests';
        }
        if (\in_array($piece->finish, $this->look->resting->finishes, true)) {
            $score *= self::RESTING_FINISH_FACTOR;
            $notes[] = sprintf('times 0.6, %s rests', $piece->finish->value);
        }
        if ([] !== $this->look->resting->textures && null !== $texture = $this->restingTexture($piece)) {
            $score *= self::RESTING_TEXTURE_FACTOR;
            $notes[] = sprintf('times 0.7, %s rests', $texture->value);
        }
        if ([] !== $this->look->textures) {
            $isWanted = $this->isWanted($piece);
            $score += $isWanted ? self::TEXTURE_POINTS : -self::TEXTURE_POINTS;
            $notes[] = $isWanted ? '4 up, a texture that is wanted' : '4 down, none of the textures wanted';
        }
        if (null !== $this->season && !$piece->serves($this->season)) {
            $score -= self::OFF_SEASON_POINTS;
            $notes[] = sprintf('%d down, not a piece for %s', self::OFF_SEASON_POINTS, $this->season->value);
        }
        if (\in_array($piece->id, $this->look->resting->pieces, true)) {
            $score = 0.0;
            $notes[] = 'nothing, it rests by your word';
        }

        return [$score, $notes];
    }

    private function restingTexture(Piece $piece): ?Texture
    {
        foreach ($this->look->resting->textures as $texture) {
            if ($piece->isOf($texture)) {
                return $texture;
            }
        }

        return null;
    }

    private function isWanted(Piece $piece): bool
    {
        foreach ($this->look->textures as $texture) {
            if ($piece->isOf($texture)) {
                return true;
            }
        }

        return false;
    }
}
