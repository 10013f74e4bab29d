<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Look;

enum FitVerdict: string
{
    case In = 'in the look';
    case Near = 'near';
    case Outside = 'outside';
    /** No look is chosen yet. */
    case NotJudged = 'not judged';

    /** Lines of common practice in this application: 80 and over is in, 60 and over near. */
    public static function ofScore(int $score): self
    {
        return match (true) {
            $score >= 80 => self::In,
            $score >= 60 => self::Near,
            default => self::Outside,
        };
    }
}
