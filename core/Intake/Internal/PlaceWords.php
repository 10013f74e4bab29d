<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal;

use BrightCupboard\Core\Intake\KnownPlace;
use BrightCupboard\Core\Intake\Question;
use BrightCupboard\Core\Intake\Reply;
use BrightCupboard\Core\Intake\Spelling;

/**
 * Finds the place a phrase names: a tote's code, a spot's name, or a room or store where only one thing can be meant.
 *
 * @internal
 */
final readonly class PlaceWords
{
    private const MOST_REPLIES = 9;

    /** @var array<string, list<KnownPlace>> by all that exactly they are called */
    private array $called;
    /** @var array<string, list<KnownPlace>> by the room or store they are in */
    private array $within;

    /** @param list<KnownPlace> $places */
    public function __construct(array $places)
    {
        $called = $inside = [];
        foreach ($places as $place) {
            [$name, $within] = [mb_strtolower($place->name), mb_strtolower($place->within)];
            foreach (array_unique([$name, "{$within} {$name}", "{$name} {$within}", "{$within} tote {$name}"]) as $words) {
                $called[$words][] = $place;
            }
            $inside[$within][] = $place;
        }
        [$this->called, $this->within] = [$called, $inside];
    }

    /** Whether the phrase is a place, or a question about one. */
    public function take(string $phrase, Draft $draft): bool
    {
        $plain = mb_strtolower(trim((string) preg_replace(
            ['/^(?:in|on|at|from|goes? (?:in|on|to)|kept in)\s+/iu', '/^the\s+/iu', '/^(?:tote|box|bin)\s+/iu'],
            '',
            trim($phrase),
        )));
        if ('loose' === $plain || 'loose in store' === $plain) {
            $draft->place = 'loose';

            return true;
        }
        $meant = '' === $plain ? [] : $this->called[$plain] ?? $this->within[$plain] ?? [];
        if (1 === \count($meant)) {
            $draft->place = $meant[0]->key;

            return true;
        }
        if ([] !== $meant) {
            $draft->questions[] = new Question(
                'place',
                sprintf('Which one is “%s”?', trim($phrase)),
                array_map(
                    static fn(KnownPlace $place): Reply => new Reply($place->inWords(), self::instead($draft->line, trim($phrase), $place->name)),
                    \array_slice($meant, 0, self::MOST_REPLIES),
                ),
                sprintf('“%s” may be several places: it goes where lines without a place go.', trim($phrase)),
            );
        }

        return [] !== $meant;
    }

    /** Takes a place named without a comma before it: a tote by its code anywhere, a spot only where the phrase ends with it. */
    public function takeClear(string $words, bool $isLast, Draft $draft): bool
    {
        $plain = mb_strtolower((string) preg_replace(['/^(?:in|on|at)\s+/iu', '/^the\s+/iu', '/^(?:tote|box|bin)\s+/iu'], '', $words));
        if ($isLast && isset($this->within[$plain]) && $plain !== mb_strtolower($words)) {
            return $this->take($words, $draft);
        }
        foreach ($this->called[$plain] ?? [] as $place) {
            if ($isLast || str_starts_with($place->key, 'tote:')) {
                $draft->place = $place->key;

                return true;
            }
        }

        return false;
    }

    /** The place whose one word is a letter off, as it is called. */
    public function meant(string $word): ?string
    {
        return Spelling::meantAmong(
            $word,
            array_values(array_filter(
                array_map(strval(...), [...array_keys($this->called), ...array_keys($this->within)]),
                static fn(string $name): bool => 1 === preg_match('/^[a-z]{5,}$/', $name),
            )),
        );
    }

    /** The phrase in the line, whatever its case, replaced where it stands last. */
    private static function instead(string $line, string $phrase, string $name): string
    {
        $at = mb_strripos($line, $phrase);

        return false === $at ? $line . ', ' . $name : mb_substr($line, 0, $at) . $name . mb_substr($line, $at + mb_strlen($phrase));
    }
}
