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
 * Each colour of a piece scores by its distance to the nearest ribbon: 1 up to ΔE00 6, falling
 * evenly to 0 at 36; white, grey and black score up to 0.75 beside anything. The scores are weighed
 * by share. What rests takes away, texture and season add or take a little (docs/rules.md, fit).
 */
final class FitMeter
{
    public const FULL_UP_TO = 6.0;
    public const NOTHING_FROM = 36.0;
    /** A colour is wholly neutral up to the first chroma and not at all from the second. */
    private const NEUTRAL = [4.0, 30.0];
    public const NEUTRAL_SCORE = 0.75;
    /** So far on the other side of grey, in b*, a neutral is no longer of the warmth of the look; it still counts this part. */
    private const OTHER_WARMTH = 12.0;
    private const OTHER_WARMTH_PART = 0.6;
    /** A colour rests wholly up to the first CIEDE2000 of a resting one, and not at all from the second. */
    private const RESTS = [4.0, 22.0];
    /** Shares of a piece, in percent, from which and up to which a resting colour tells. */
    private const RESTS_SHARE = [8.0, 16.0];
    private const RESTING_COLOUR_FACTOR = 0.5;
    private const RESTING_FINISH_FACTOR = 0.6;
    private const TEXTURE_POINTS = 4;
    private const OFF_SEASON_POINTS = 15;
    private const RESTING_TEXTURE_FACTOR = 0.7;
    private const SURPRISE_UP_TO_PERCENT = 25;
    private const SURPRISE_SCORE = 0.6;
    private const LOUD_FACTOR = 0.7;
    private const LOUD_SHARE = 10;
    /** OKLCh chroma over that of the strongest ribbon, from which and up to which a colour gets loud. */
    private const LOUD = [0.0, 0.1];
    /** Out of its season nothing is in the look. */
    private const OFF_SEASON_MOST = 79.0;

    private readonly Ciede2000 $difference;
    /** @var list<Lab> */
    private readonly array $ribbons;
    /** @var list<Lab> */
    private readonly array $resting;
    private readonly bool $isWarm;
    private readonly float $loudest;
    /** @var \WeakMap<Piece, PieceFit> asked again at every place that is tried */
    private \WeakMap $fits;
    /** @var array<int, ColourAnswer> by the number of the colour */
    private array $answers = [];

    public function __construct(private readonly Look $look, private readonly ?Season $season = null)
    {
        $this->difference = new Ciede2000();
        $this->fits = new \WeakMap();
        $this->ribbons = array_map(static fn(Ribbon $ribbon): Lab => Lab::of($ribbon->colour), $look->ribbons);
        $this->resting = array_map(Lab::of(...), $look->resting->colours);
        $yellowness = 0.0;
        foreach ($this->ribbons as $i => $lab) {
            $yellowness += $lab->b * $look->ribbons[$i]->percent;
        }
        $this->isWarm = $yellowness >= 0;
        $this->loudest = max([0.0, ...array_map(static fn(Ribbon $ribbon): float => Oklab::of($ribbon->colour)->chroma(), $look->ribbons)]);
    }

    /** The same measuring against another look. */
    public function to(Look $look): self
    {
        return new self($look, $this->season);
    }

    public function fit(Piece $piece): PieceFit
    {
        return $this->fits[$piece] ??= $this->measure($piece);
    }

    private function measure(Piece $piece): PieceFit
    {
        if (!$this->look->isChosen()) {
            return new PieceFit($piece->id, 0, 0, 0.0, [], ['no look is chosen yet'], false);
        }
        $colours = [];
        $score = 0.0;
        $surprise = 0.0;
        $rests = 0.0;
        $main = null;
        $school = $this->look->colour;
        foreach ($piece->colours as $share) {
            $percent = $share->percent;
            $answer = $this->answers[$share->colour->number()] ??= $this->measured($share->colour);
            $colours[] = ['answer' => $answer, 'percent' => $percent];
            $score += (ColourSchool::Quiet === $school ? $this->quietly($answer, $percent) : $answer->score) * $percent;
            if (ColourSchool::Unexpected === $school) {
                $surprise = max($surprise, $this->surprise($answer, $percent));
            }
            if ($answer->rests > 0.0) {
                $rests = max($rests, $answer->rests * self::fade($percent, ...self::RESTS_SHARE));
            }
            if (null === $main || $percent > $main['percent']) {
                $main = ['answer' => $answer, 'percent' => $percent];
            }
        }
        [$score, $notes] = $this->adjusted($piece, $score + $surprise, $rests);

        return new PieceFit(
            $piece->id,
            (int) round(max(0.0, min(100.0, $score))),
            $main['answer']->ribbon ?? 0,
            $main['answer']->distance ?? 0.0,
            $colours,
            $notes,
        );
    }

    /** What one colour of a piece earns where the look is quiet: the loud loses. */
    private function quietly(ColourAnswer $answer, int $percent): float
    {
        return $percent > self::LOUD_SHARE
            ? $answer->score * (1 - (1 - self::LOUD_FACTOR) * $answer->loudness)
            : $answer->score;
    }

    /** What a small strange colour earns above its closeness where a surprise is welcome. One strange colour means one: only the best of a piece counts. */
    private function surprise(ColourAnswer $answer, int $percent): float
    {
        return $percent <= self::SURPRISE_UP_TO_PERCENT
            ? max(0.0, self::SURPRISE_SCORE - $answer->score) * $percent
            : 0.0;
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
        $rests = 0.0;
        foreach ($this->resting as $resting) {
            $rests = max($rests, 1 - self::fade($this->difference->between($lab, $resting), ...self::RESTS));
        }
        $loudness = self::fade(Oklab::of($colour)->chroma() - $this->loudest, ...self::LOUD);

        return new ColourAnswer($colour->hex(), $nearest, $distance, max(self::closeness($distance), $this->neutrality($lab)), $rests, $loudness);
    }

    /** 1 up to ΔE00 6, then evenly down to 0 at 36: no step of a channel is a cliff. */
    private static function closeness(float $distance): float
    {
        return 1 - self::fade($distance, self::FULL_UP_TO, self::NOTHING_FROM);
    }

    /** What white, grey and black earn beside any look of their warmth: three quarters, less the more colour they have. */
    private function neutrality(Lab $lab): float
    {
        $side = $this->isWarm ? -$lab->b : $lab->b;
        $agreement = 1 - (1 - self::OTHER_WARMTH_PART) * self::fade($side, 0.0, self::OTHER_WARMTH);

        return self::NEUTRAL_SCORE * $agreement * (1 - self::fade($lab->chroma(), ...self::NEUTRAL));
    }

    /** From 0 at the first bound evenly to 1 at the second: no steeper anywhere than it must be. */
    private static function fade(float $value, float $from, float $to): float
    {
        return max(0.0, min(1.0, ($value - $from) / ($to - $from)));
    }

    /** @return array{float, list<string>} */
    private function adjusted(Piece $piece, float $score, float $rests): array
    {
        $notes = [];
        if ($rests > 0.0) {
            $factor = 1 - (1 - self::RESTING_COLOUR_FACTOR) * $rests;
            $score *= $factor;
            $notes[] = $rests > 0.99 ? 'half, for a colour that rests' : sprintf('times %.2f, a colour that rests is in it', $factor);
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
            $score = min(self::OFF_SEASON_MOST, $score - self::OFF_SEASON_POINTS);
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
