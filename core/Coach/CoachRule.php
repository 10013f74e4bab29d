<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach;

/** One thing the coach looks at. */
interface CoachRule
{
    public function isAbout(): Check;

    /** Null when there is too little here to judge. */
    public function check(Dressing $dressing, Judgement $by): ?Finding;
}
