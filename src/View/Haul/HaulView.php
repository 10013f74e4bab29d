<?php

declare(strict_types=1);

namespace App\View\Haul;

final readonly class HaulView
{
    /**
     * @param list<NeedAnswersView> $needs
     * @param list<LineView>        $lines
     */
    public function __construct(public array $needs, public array $lines, public PurseView $purse) {}
}
