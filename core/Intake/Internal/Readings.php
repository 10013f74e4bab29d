<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal;

use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Intake\IntakeReading;
use BrightCupboard\Core\Stock\Finish;

/**
 * Makes of a draft what is shown of it.
 *
 * @internal
 */
final readonly class Readings
{
    /** @param list<ColourShare> $colours */
    public static function of(Draft $draft, array $colours): IntakeReading
    {
        return new IntakeReading(
            $draft->name,
            $draft->kind,
            $draft->count ?? 1,
            $draft->sides['width'] ?? null,
            $draft->sides['depth'] ?? null,
            $draft->sides['height'] ?? null,
            $draft->laidOut,
            $draft->weight,
            $colours,
            $draft->materials,
            $draft->finish ?? Finish::Plain,
            $draft->isStaple ? [] : $draft->seasons,
            $draft->hazards,
            $draft->shape,
            $draft->pattern,
            $draft->origin,
            $draft->costEach,
            $draft->place,
            implode('; ', $draft->care),
            $draft->guesses,
            $draft->questions,
            $draft->assumed,
            $draft->unknown,
        );
    }
}
