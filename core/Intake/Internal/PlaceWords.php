<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal;

use BrightCupboard\Core\Intake\KnownPlace;
use BrightCupboard\Core\Intake\Question;
use BrightCupboard\Core\Intake\Reply;

/**
 * Finds the place a phrase names: a tote's code, a spot's name, or a room or store where only one thing can be meant.
 *
 * @internal
 */
final readonly class PlaceWords
{
    private const MOST_REPLIES = 9;

    /** @param list<KnownPlace> $places */
    public function __construct(private array $places) {}

    /** Whether the phrase is a place, or a question about one. */
    public function take(string $phrase, Draft $draft): bool
    {
        $plain = mb_strtolower(trim((string) preg_replace('/^(?:in|on|at|from|goes? (?:in|on|to)|kept in)\s+(?:the\s+)?|^(?:tote|box|bin)\s+/iu', '', trim($phrase))));
        if ('loose' === $plain || 'loose in store' === $plain) {
            $draft->place = 'loose';

            return true;
        }
        $found = array_values(array_filter($this->places, static fn(KnownPlace $place): bool => self::names($place, $plain)));
        $exact = array_values(array_filter($found, static fn(KnownPlace $place): bool => self::isExactly($place, $plain)));
        $meant = [] !== $exact ? $exact : $found;
        if (1 === \count($meant)) {
            $draft->place = $meant[0]->key;

            return true;
        }
        if ([] !== $meant) {
            $draft->questions[] = new Question('place', sprintf('Which one is “%s”?', trim($phrase)), array_map(static fn(KnownPlace $place): Reply => new Reply($place->inWords(), self::instead($draft->line, trim($phrase), $place->name)), \array_slice($meant, 0, self::MOST_REPLIES)));
        }

        return [] !== $meant;
    }

    /** Takes a place named without a comma before it: a tote by its code anywhere, a spot only where the phrase ends with it. */
    public function takeClear(string $words, bool $isLast, Draft $draft): bool
    {
        $plain = mb_strtolower((string) preg_replace('/^(?:in|on|at)\s+(?:the\s+)?|^(?:tote|box|bin)\s+/iu', '', $words));
        foreach ($this->places as $place) {
            if (self::isExactly($place, $plain) && ($isLast || str_starts_with($place->key, 'tote:'))) {
                $draft->place = $place->key;

                return true;
            }
        }

        return false;
    }

    private static function isExactly(KnownPlace $place, string $plain): bool
    {
        [$name, $within] = [mb_strtolower($place->name), mb_strtolower($place->within)];

        return $plain === $name || $plain === $within . ' ' . $name || $plain === $name . ' ' . $within || $plain === $within . ' tote ' . $name;
    }

    private static function names(KnownPlace $place, string $plain): bool
    {
        return '' !== $plain && (self::isExactly($place, $plain) || mb_strtolower($place->within) === $plain);
    }

    /** The phrase in the line, whatever its case, replaced where it stands last. */
    private static function instead(string $line, string $phrase, string $name): string
    {
        $at = mb_strripos($line, $phrase);

        return false === $at ? $line . ', ' . $name : mb_substr($line, 0, $at) . $name . mb_substr($line, $at + mb_strlen($phrase));
    }
}
