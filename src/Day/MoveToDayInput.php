<?php

declare(strict_types=1);

namespace App\Day;

use Symfony\Component\Validator\Constraints as Assert;

/** What is done on another day than so far, and on which. */
final readonly class MoveToDayInput
{
    /**
     * @param list<string> $spots  ids of those that are moved with all that comes and goes there
     * @param list<string> $pieces ids of those that are moved by themselves
     * @param string|null  $day    id of the other day
     * @param string       $name   of the new day
     * @param string       $date   of the new day
     */
    public function __construct(
        #[Assert\Count(max: 500)]
        public array $spots,
        #[Assert\Count(max: 500)]
        public array $pieces,
        public DayTarget $target,
        public ?string $day = null,
        #[Assert\Length(max: 80)]
        public string $name = '',
        public string $date = '',
    ) {}
}
