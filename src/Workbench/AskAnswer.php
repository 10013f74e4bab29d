<?php

declare(strict_types=1);

namespace App\Workbench;

use App\Workbench\Words\AskTexts;
use BrightCupboard\Core\Sizing\Ask;
use BrightCupboard\Core\Sizing\AskKind;

/** A field of a sum: what it is called, what stands in it, and when it is asked. */
final readonly class AskAnswer
{
    /**
     * @param list<AskChoice> $choices
     * @param list<AskedWhen>    $when     all of them
     * @param bool               $isAlone  means something else in every sum; other figures of one name are the same in all
     */
    private function __construct(
        public string $name,
        public string $label,
        public string $hint,
        public AskKind $kind,
        public string $text,
        public array $choices,
        public array $when,
        public bool $isOptional,
        public bool $isAlone,
        public bool $isOfThePlace,
    ) {}

    public static function of(Ask $ask, string $text): self
    {
        [$label, $hint] = AskTexts::ASKS[$ask->name] ?? throw new \LogicException(sprintf('Nobody has words for “%s”.', $ask->name));

        return new self(
            $ask->name,
            $label,
            $hint,
            $ask->kind,
            $text,
            array_map(static fn(string $choice): AskChoice => new AskChoice($choice, AskTexts::CHOICES[$ask->name][$choice] ?? $choice), $ask->choices),
            array_map(static fn(string $choice, array $is): AskedWhen => new AskedWhen($choice, $is), array_keys($ask->when), $ask->when),
            $ask->isOptional,
            $ask->isAlone,
            $ask->isOfThePlace,
        );
    }
}
