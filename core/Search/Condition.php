<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Search;

/** One thing asked of a piece. */
interface Condition
{
    /** Why the piece meets it, in words; null when it does not. The empty word means: by its name, which speaks for itself. */
    public function met(SearchCard $card): ?string;

    /** What is asked, in words. */
    public function asked(): string;
}
