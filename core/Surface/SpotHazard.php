<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Surface;

/** What is near a spot that some pieces must not meet. */
enum SpotHazard: string
{
    case Heat = 'heat';
    case Steam = 'steam or spatter';
    case Weather = 'weather';
    case Children = 'small children';
    case Pets = 'pets';
    /** Somebody sleeps under what hangs here. */
    case Bed = 'a bed below';
}
