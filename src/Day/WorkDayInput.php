<?php

declare(strict_types=1);

namespace App\Day;

use App\Http\Name;
use Symfony\Component\Validator\Constraints as Assert;

/** How a day is to be worked; times and sizes as people write them, empty where nothing is said. */
final readonly class WorkDayInput
{
    /**
     * @param string           $name     of a day beside the swap day; left alone for the swap day itself
     * @param string           $date     the same
     * @param string           $layRoom  what can be laid out at once, such as "10 x 5 ft"
     * @param list<PauseInput> $pauses
     * @param list<HandInput>  $crew
     * @param bool             $isLook   whether what stands is looked at again on it
     * @param bool             $movesFurniture whether the furniture is moved on it and not on the swap day
     * @param list<string>     $spots    ids of those that are done on this day and not on the swap day
     */
    public function __construct(
        #[Name]
        public string $name,
        public string $date,
        public string $start,
        public string $latestEnd,
        public string $layRoom,
        #[Assert\Valid]
        #[Assert\Count(max: 6, maxMessage: 'Six breaks are enough for a day.')]
        public array $pauses,
        #[Assert\Valid]
        #[Assert\Count(min: 1, max: 6, minMessage: 'Somebody has to work on it.', maxMessage: 'A day is for one to six people.')]
        public array $crew,
        #[Assert\Count(max: 500)]
        public array $spots,
        public bool $isLook,
        public bool $movesFurniture = false,
        public ?int $version = null,
    ) {}
}
