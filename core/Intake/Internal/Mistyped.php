<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal;

use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Intake\Lexicon;
use BrightCupboard\Core\Intake\Spelling;

/**
 * Puts mistyped words right where only one word can be meant, and says so.
 *
 * @internal
 */
final readonly class Mistyped
{
    /** @var list<string> */
    private array $traits;

    public function __construct(ColourNames $colours, private PlaceWords $places)
    {
        $this->traits = array_values(array_unique(array_filter(
            [...Lexicon::traits(), ...$colours->words()],
            static fn(string $word): bool => !str_contains($word, ' '),
        )));
    }

    /**
     * @param list<string> $unknown words of the phrase that say nothing
     *
     * @return string the phrase with them put right
     */
    public function putRight(string $phrase, array $unknown, Draft $draft): string
    {
        foreach ($unknown as $word) {
            $plain = trim(mb_strtolower($word), '.,;:!?()');
            $meant = Lexicon::unshortened($plain)
                ?? (null === $draft->kind && '' === $draft->grown ? Spelling::meant($plain) : null)
                ?? Spelling::meantAmong($plain, $this->traits)
                ?? $this->places->meant($plain);
            if (null !== $meant) {
                $draft->guesses[] = sprintf('“%s” is taken for “%s”.', $plain, $meant);
                $phrase = (string) preg_replace('/(?<!\w)' . preg_quote($plain, '/') . '(?!\w)/iu', $meant, $phrase, 1);
            }
        }

        return $phrase;
    }
}
