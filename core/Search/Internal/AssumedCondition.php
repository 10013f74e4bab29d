<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Search\Internal;

use BrightCupboard\Core\Search\Condition;
use BrightCupboard\Core\Search\SearchCard;
use BrightCupboard\Core\Stock\Assumed;

/**
 * Nobody has measured or counted it: its size is the usual one of its kind, or it was said in the plural and one is counted.
 *
 * @internal
 */
final readonly class AssumedCondition implements Condition
{
    /** As it stands in what is written of a piece. */
    private const SAID = [Assumed::Size->value => 'not measured', Assumed::Colour->value => 'not looked at', Assumed::Count->value => 'not counted'];

    public function __construct(private Assumed $what) {}

    public function met(SearchCard $card): ?string
    {
        return str_contains($card->text, 'assumed ' . $this->what->value) ? $this->asked() : null;
    }

    public function asked(): string
    {
        return self::SAID[$this->what->value];
    }
}
