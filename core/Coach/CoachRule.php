<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach;

/** One thing the coach looks at. */
interface CoachRule
{
    /** Null when there is too little standing to judge. */
    public function check(Dressing $dressing, Judgement $by): ?Finding;
}
